package io.answerback.desktop.survey;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.FigureReader;
import io.answerback.core.departure.Departure;
import io.answerback.core.departure.Departures;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.practice.HouseRules;
import io.answerback.core.practice.Practice;
import io.answerback.core.practice.PracticeOption;
import io.answerback.core.practice.PracticeQuestion;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.wording.PracticeWords;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.WindowState;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/// How the firm does things, question by question and figure by figure, and where this job does otherwise.
final class RulesSheet extends Sheet {
    private static final double TITLE_WIDTH = 150;
    private static final double ANSWER_WIDTH = 190;

    private final OpenJob openJob;
    private final Look look;
    private final RuleShelf shelf;

    RulesSheet(OpenJob openJob, Look look, RuleShelf shelf) {
        this.openJob = openJob;
        this.look = look;
        this.shelf = shelf;
    }

    @Override
    public String title() {
        return "How this job is done";
    }

    @Override
    public String about(WindowState state) {
        var practice = state.job().practice();
        return "grade %d · %s".formatted(practice.grade(), practice.firm().name());
    }

    @Override
    public void show(WindowState state) {
        Practice practice = state.job().practice();
        List<Node> parts = new ArrayList<>();
        parts.add(firm(practice));
        parts.add(Words.wrapped(Words.quiet(practice.firm().source())));
        parts.add(Words.section("Options", "where firms differ, and why the usual answer is the usual one"));
        for (PracticeQuestion question : PracticeQuestion.values()) {
            parts.add(question(practice, question));
        }
        parts.add(Words.section(
                "Figures", "the firm's own, its country's, or a standard's: check your edition and local code"));
        for (RuleFigure figure : RuleFigure.values()) {
            parts.add(figure(practice, figure));
        }
        parts.addAll(new CoreRules(openJob).of(practice.firm().cores()));
        sheet.getChildren().setAll(parts);
        showInstrument(state.assessment().departures());
    }

    private Node firm(Practice practice) {
        List<HouseRules> choices = new ArrayList<>(shelf.rules());
        if (choices.stream().noneMatch(its -> its.name().equals(practice.firm().name()))) {
            choices.add(practice.firm());
        }
        Flow row = new Flow(
                Words.quiet("Rules"),
                Choice.of(
                        "House rules",
                        choices,
                        practice.firm(),
                        HouseRules::name,
                        rules -> openJob.apply(PracticeEdits.rules(rules))),
                Tool.of("From a file", "takes a firm's rules from a file and keeps them", this::fromFile),
                Words.quiet("Keep this job's way as"),
                new ValueField("Name for the firm's own rules", "our rules", this::keep),
                Tool.of("To a file", "writes this job's way as rules, for other desks", this::toFile));
        row.getStyleClass().add("choices");
        return row;
    }

    private boolean keep(String name) {
        if (name.isBlank()) {
            openJob.tell("Rules need a name, such as the firm's.");
            return false;
        }
        Practice practice = openJob.now().job().practice();
        HouseRules own = practice.firm().with(name.strip(), practice.options(), practice.figures());
        shelf.keep(own, file -> {
            openJob.apply(PracticeEdits.rules(own));
            openJob.tell("Kept as \"%s\" in %s; every new job can be done by them.".formatted(own.name(), file));
        });
        return true;
    }

    private void fromFile() {
        File file = chooser("House rules from a file")
                .showOpenDialog(sheet.getScene().getWindow());
        if (file != null) {
            shelf.rulesFrom(file.toPath(), rules -> openJob.apply(PracticeEdits.rules(rules)), openJob::tell);
        }
    }

    private void toFile() {
        FileChooser chooser = chooser("Write these rules to a file");
        chooser.setInitialFileName("our rules" + io.answerback.files.SettingsFile.RULES_ENDING);
        File file = chooser.showSaveDialog(sheet.getScene().getWindow());
        if (file != null) {
            Practice practice = openJob.now().job().practice();
            HouseRules own = practice.firm().with(practice.firm().name(), practice.options(), practice.figures());
            shelf.write(own, file.toPath(), written -> openJob.tell("The rules are in " + written + "."));
        }
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        "House rules", "*" + io.answerback.files.SettingsFile.RULES_ENDING));
        return chooser;
    }

    private Node question(Practice practice, PracticeQuestion question) {
        Node answer = Choice.of(
                PracticeWords.title(question),
                PracticeOption.of(question),
                practice.option(question),
                PracticeWords::of,
                option -> openJob.apply(PracticeEdits.option(
                        PracticeWords.title(question).toLowerCase(java.util.Locale.ROOT), option)));
        return row(
                PracticeWords.title(question),
                answer,
                "Usual: %s. %s"
                        .formatted(PracticeWords.of(PracticeOption.usual(question)), PracticeWords.why(question)),
                Departures.option(practice, question));
    }

    private Node figure(Practice practice, RuleFigure figure) {
        String title = PracticeWords.title(figure);
        Node value = new ValueField(
                title, Departures.value(practice.figure(figure), figure), typed -> take(figure, title, typed));
        return row(title, value, PracticeWords.why(figure), Departures.figure(practice, figure));
    }

    private boolean take(RuleFigure figure, String title, String typed) {
        String name = title.toLowerCase(java.util.Locale.ROOT);
        return openJob.apply(FigureReader.read(typed.replace(figure.unit(), "").strip(), name + " in " + figure.unit())
                .then(value -> PracticeEdits.figure(name, figure, value)));
    }

    private Node row(String title, Node answer, String why, Optional<Departure> departure) {
        HBox row = new HBox(cell(Words.of("rule-title", title), TITLE_WIDTH), cell(answer, ANSWER_WIDTH));
        row.getStyleClass().add("rule");
        VBox words = new VBox(Words.wrapped(Words.of("finding-why", why)));
        HBox.setHgrow(words, Priority.ALWAYS);
        departure.ifPresent(its -> words.getChildren().add(departs(its)));
        row.getChildren().add(words);
        return row;
    }

    private Node cell(Node node, double width) {
        HBox cell = new HBox(node);
        cell.setMinWidth(look.px(width));
        cell.setPrefWidth(look.px(width));
        return cell;
    }

    private Node departs(Departure departure) {
        Flow line = new Flow(
                mark(departure), Words.wrapped(Words.of("rule-departs", departure.whose() + " " + departure.firm())));
        line.getStyleClass().add("rule-departure");
        VBox part = new VBox(line, reason(departure));
        part.getStyleClass().add("listed-reason");
        return part;
    }

    private Node mark(Departure departure) {
        boolean told = !departure.reason().isEmpty();
        return Marks.of(
                told ? Mark.SOUND : Mark.TIGHT,
                told ? "departs for a reason" : "departs without a reason",
                look.px(4.5));
    }

    private Node reason(Departure departure) {
        return new ValueField(
                        "Reason for " + title(departure),
                        departure.reason().isEmpty() ? "give the reason" : departure.reason(),
                        typed -> openJob.apply(PracticeEdits.reason(departure.id(), typed)))
                .wrapped();
    }

    private static String title(Departure departure) {
        return departure.pointId().map(id -> id + " " + departure.title()).orElse(departure.title());
    }

    private void showInstrument(List<Departure> departures) {
        instrument.getChildren().setAll(Words.title("Where this job departs"));
        if (departures.isEmpty()) {
            instrument.getChildren().add(Words.wrapped(Words.quiet("Nowhere: it is done wholly by the rules.")));
        }
        departures.forEach(departure -> instrument.getChildren().add(listed(departure)));
        instrument
                .getChildren()
                .add(
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "Rules are the firm's memory, not the law. Local codes and the makers' instructions come first.")));
    }

    private Node listed(Departure departure) {
        VBox words = new VBox(
                Words.wrapped(Words.of("finding-says", title(departure))),
                Words.wrapped(Words.of(
                        "finding-why", "%s; %s %s".formatted(departure.here(), departure.whose(), departure.firm()))),
                reason(departure));
        words.getStyleClass().add("listed-reason");
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(mark(departure), words);
        row.getStyleClass().add("listed-departure");
        return row;
    }
}
