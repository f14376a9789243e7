package io.answerback.desktop.survey;

import io.answerback.core.assess.departure.Departure;
import io.answerback.core.assess.departure.Departures;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.PracticeWords;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.SettingsFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// How the firm does things, question by question and figure by figure, and where this job does otherwise.
final class RulesSheet extends FilledSheet {
    private static final List<FileQuestions.Sort> SORTS =
            List.of(new FileQuestions.Sort("House rules", "*" + SettingsFile.RULES_ENDING));
    static final double TITLE_WIDTH = 150;
    static final double ANSWER_WIDTH = 190;

    private final Actions actions;
    private final RuleShelf shelf;
    private final FileQuestions files;

    RulesSheet(Actions actions, RuleShelf shelf, FileQuestions files) {
        this.actions = actions;
        this.shelf = shelf;
        this.files = files;
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
    protected void show(WindowState state) {
        Practice practice = state.job().practice();
        List<Part> parts = new ArrayList<>();
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
        parts.addAll(new WeightRules(actions).of(practice.firm()));
        parts.addAll(new CoreRules(actions).of(practice.firm().cores()));
        sheet.set(parts);
        showInstrument(state.assessment().get(Departures.FACT));
    }

    private Part firm(Practice practice) {
        List<HouseRules> choices = new ArrayList<>(shelf.rules());
        if (choices.stream().noneMatch(its -> its.name().equals(practice.firm().name()))) {
            choices.add(practice.firm());
        }
        Parts row = Parts.flow(
                Words.quiet("Rules"),
                Choice.of(
                        "House rules",
                        choices,
                        practice.firm(),
                        HouseRules::name,
                        rules -> actions.apply(PracticeEdits.rules(rules))),
                Tool.of("From a file", "takes a firm's rules from a file and keeps them", this::fromFile),
                Words.quiet("Keep this job's way as"),
                Value.of("Name for the firm's own rules", "our rules", this::keep),
                Tool.of("To a file", "writes this job's way as rules, for other desks", this::toFile));
        row.style("choices");
        return row.group();
    }

    private boolean keep(String name) {
        if (name.isBlank()) {
            actions.tell("Rules need a name, such as the firm's.");
            return false;
        }
        Practice practice = actions.now().job().practice();
        HouseRules own = practice.firm().with(name.strip(), practice.options(), practice.figures());
        shelf.keep(own, file -> {
            actions.apply(PracticeEdits.rules(own));
            actions.tell("Kept as \"%s\" in %s; every new job can be done by them.".formatted(own.name(), file));
        });
        return true;
    }

    private void fromFile() {
        files.toRead("House rules from a file", SORTS)
                .ifPresent(file ->
                        shelf.rulesFrom(file, rules -> actions.apply(PracticeEdits.rules(rules)), actions::tell));
    }

    private void toFile() {
        files.toWrite("Write these rules to a file", "our rules" + SettingsFile.RULES_ENDING, SORTS)
                .ifPresent(this::write);
    }

    private void write(Path file) {
        Practice practice = actions.now().job().practice();
        HouseRules own = practice.firm().with(practice.firm().name(), practice.options(), practice.figures());
        shelf.write(own, file, written -> actions.tell("The rules are in " + written + "."));
    }

    private Part question(Practice practice, PracticeQuestion question) {
        Part answer = Choice.of(
                PracticeWords.title(question),
                PracticeOption.of(question),
                practice.option(question),
                PracticeWords::of,
                option -> actions.apply(
                        PracticeEdits.option(PracticeWords.title(question).toLowerCase(Locale.ROOT), option)));
        return row(
                PracticeWords.title(question),
                answer,
                "Usual: %s. %s"
                        .formatted(PracticeWords.of(PracticeOption.usual(question)), PracticeWords.why(question)),
                Departures.option(practice, question));
    }

    private Part figure(Practice practice, RuleFigure figure) {
        String title = PracticeWords.title(figure);
        Part value =
                Value.of(title, Departures.value(practice.figure(figure), figure), typed -> take(figure, title, typed));
        return row(title, value, PracticeWords.why(figure), Departures.figure(practice, figure));
    }

    private boolean take(RuleFigure figure, String title, String typed) {
        String name = title.toLowerCase(Locale.ROOT);
        return actions.apply(FigureReader.read(typed.replace(figure.unit(), "").strip(), name + " in " + figure.unit())
                .then(value -> PracticeEdits.figure(name, figure, value)));
    }

    private Part row(String title, Part answer, String why, Optional<Departure> departure) {
        Parts words = Parts.column(Words.wrapped(Words.of("finding-why", why)));
        departure.ifPresent(its -> words.add(departs(its)));
        return Group.row(
                        Group.row(Words.of("rule-title", title)).wide(TITLE_WIDTH),
                        Group.row(answer).wide(ANSWER_WIDTH),
                        words.group().growing())
                .style("rule")
                .keyed(title);
    }

    private Part departs(Departure departure) {
        Parts line = Parts.flow(
                mark(departure), Words.wrapped(Words.of("rule-departs", departure.whose() + " " + departure.firm())));
        line.style("rule-departure");
        Parts part = Parts.column(line, reason(departure));
        part.style("listed-reason");
        return part.group();
    }

    private Part mark(Departure departure) {
        boolean told = !departure.reason().isEmpty();
        return Marks.of(told ? Mark.SOUND : Mark.TIGHT, told ? "departs for a reason" : "departs without a reason");
    }

    private Part reason(Departure departure) {
        return Value.of(
                        "Reason for " + title(departure),
                        departure.reason().isEmpty() ? "give the reason" : departure.reason(),
                        typed -> actions.apply(PracticeEdits.reason(departure.id(), typed)))
                .wrapped();
    }

    private static String title(Departure departure) {
        return departure.pointId().map(id -> id + " " + departure.title()).orElse(departure.title());
    }

    private void showInstrument(List<Departure> departures) {
        instrument.set(Words.title("Where this job departs"));
        if (departures.isEmpty()) {
            instrument.add(Words.wrapped(Words.quiet("Nowhere: it is done wholly by the rules.")));
        }
        departures.forEach(departure -> instrument.add(listed(departure)));
        instrument.add(Words.caution(
                "Rules are the firm's memory, not the law. Local codes and the makers' instructions come first."));
    }

    private Part listed(Departure departure) {
        Group words = Group.column(
                        Words.wrapped(Words.of("finding-says", title(departure))),
                        Words.wrapped(Words.of(
                                "finding-why",
                                "%s; %s %s".formatted(departure.here(), departure.whose(), departure.firm()))),
                        reason(departure))
                .style("listed-reason");
        return Group.row(mark(departure), words.growing())
                .style("listed-departure")
                .keyed(title(departure));
    }
}
