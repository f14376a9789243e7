package io.answerback.desktop.start;

import io.answerback.core.engine.wording.PracticeWords;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.ProfileSummary;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.NewJob;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Fixed;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.files.SettingsFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/// What a new job asks: only what is computed with later. Site, rules, panel and wording.
final class NewJobForm extends VBox {
    private final RuleShelf shelf;
    private final FileQuestions files;
    private final Consumer<Job> begin;
    private final TextField site = field("Site", "what the site is called");
    private final TextField place = field("Where", "what finds the building; may stay empty");
    private final PartPane form;
    private String trouble = "";
    private List<List<?>> offered = List.of();
    private HouseRules rules;
    private PanelProfile profile;
    private Optional<PracticeOption> wording = Optional.empty();

    NewJobForm(Look look, RuleShelf shelf, FileQuestions files, Consumer<Job> begin) {
        this.files = files;
        this.shelf = shelf;
        this.begin = begin;
        this.rules = shelf.rules().getFirst();
        this.profile = shelf.profiles().getFirst();
        getStyleClass().add("new-job");
        this.form = new PartPane(look, "new-job-form");
        site.setOnAction(enter -> begin());
        place.setOnAction(enter -> begin());
        getChildren().add(form);
        show();
    }

    private static TextField field(String name, String prompt) {
        TextField field = new TextField();
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        field.getStyleClass().add("start-field");
        return field;
    }

    /// Puts the cursor where the site's name is typed.
    void focusSite() {
        site.requestFocus();
    }

    /// Shows what there is to choose from, if that is more than was shown; a list that hangs open stays open.
    void refresh() {
        if (!offered.equals(List.of(shelf.rules(), shelf.profiles()))) {
            show();
        }
    }

    /// Shows what is chosen and what there is to choose from now.
    void show() {
        offered = List.of(shelf.rules(), shelf.profiles());
        List<Text> about = ProfileSummary.of(profile).lines().stream()
                .map(line -> Words.wrapped(Words.quiet(line)))
                .toList();
        Grid.Filling grid = Grid.filling("new-job-grid").columns(Grid.Column.OWN, Grid.Column.REST);
        grid.line(name("Site"), new Fixed("Site", site));
        grid.line(name("Where"), new Fixed("Where", place));
        grid.line(name("Rules"), rules());
        grid.line(name("Panel"), panel());
        grid.line(name(""), Group.column(about).style("profile-about"));
        SchemeKind scheme = Practice.of(rules).scheme();
        if (profile.reads(scheme).isEmpty()) {
            grid.line(
                    name(""),
                    Words.wrapped(Words.of(
                            "entry-problem",
                            "No input of this panel reads a %s, the scheme of these rules. Choose another panel or other rules, or give the points a scheme it reads."
                                    .formatted(scheme.words()))));
        }
        grid.line(name("Words"), words());
        grid.line(name(""), Words.wrapped(Words.quiet(rules.source())));
        form.show(List.of(
                Words.of("start-title", "Begin a job"),
                grid.grid(),
                Group.row(Tool.primary("Begin this job", this::begin)),
                Words.wrapped(Words.of("nothing", trouble))));
    }

    private static Text name(String name) {
        return Words.whole(Words.quiet(name));
    }

    private Group rules() {
        return Group.flow(
                        Choice.of("House rules", shelf.rules(), rules, HouseRules::name, this::choose),
                        Tool.of("From a file", "a firm's rules that were written elsewhere", this::rulesFromFile))
                .style("choices");
    }

    private Group panel() {
        return Group.flow(
                        Choice.of("Panel profile", shelf.profiles(), profile, NewJobForm::named, this::choose),
                        Tool.of("From a file", "a profile filled in from the maker's manual", this::profileFromFile))
                .style("choices");
    }

    private Group words() {
        return Group.flow(Choice.of(
                        "Wording",
                        PracticeOption.of(PracticeQuestion.WORDING),
                        wording(),
                        PracticeWords::of,
                        this::choose))
                .style("choices");
    }

    private static String named(PanelProfile its) {
        return its.name() + ": " + ProfileSummary.of(its).size();
    }

    private PracticeOption wording() {
        return wording.orElse(rules.option(PracticeQuestion.WORDING));
    }

    private void choose(HouseRules its) {
        rules = its;
        complain("");
    }

    private void choose(PanelProfile its) {
        profile = its;
        complain("");
    }

    private void choose(PracticeOption its) {
        wording = Optional.of(its);
        show();
    }

    private void begin() {
        if (site.getText().isBlank()) {
            complain("Give the site a name first.");
            site.requestFocus();
            return;
        }
        begin.accept(NewJob.of(site.getText(), place.getText(), rules, wording(), profile));
        site.clear();
        place.clear();
        complain("");
    }

    private void complain(String what) {
        trouble = what;
        show();
    }

    private void rulesFromFile() {
        choose("House rules", SettingsFile.RULES_ENDING).ifPresent(this::takeRules);
    }

    private void profileFromFile() {
        choose("Panel profile", SettingsFile.PROFILE_ENDING).ifPresent(this::takeProfile);
    }

    /// Takes a firm's rules from a file and chooses them, or says what is wrong with it.
    void takeRules(Path file) {
        shelf.rulesFrom(file, this::choose, this::complain);
    }

    /// Takes a panel profile from a file and chooses it, or says what is wrong with it.
    void takeProfile(Path file) {
        shelf.profileFrom(file, this::choose, this::complain);
    }

    private Optional<Path> choose(String title, String ending) {
        return files.toRead(
                title + " from a file",
                List.of(new FileQuestions.Sort(title, "*" + ending), new FileQuestions.Sort("All files", "*")));
    }
}
