package io.answerback.desktop.start;

import io.answerback.core.practice.HouseRules;
import io.answerback.core.practice.PracticeOption;
import io.answerback.core.practice.PracticeQuestion;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.profile.ProfileSummary;
import io.answerback.core.site.Job;
import io.answerback.core.survey.NewJob;
import io.answerback.core.wording.PracticeWords;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.files.SettingsFile;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/// What a new job asks: only what is computed with later. Site, rules, panel and wording.
final class NewJobForm extends VBox {
    private final RuleShelf shelf;
    private final Consumer<Job> begin;
    private final TextField site = field("Site", "what the site is called");
    private final TextField place = field("Where", "what finds the building; may stay empty");
    private final Label trouble = Words.of("nothing", "");
    private final GridPane grid = new GridPane();
    private final Flow rulesRow = new Flow();
    private final Flow panelRow = new Flow();
    private final VBox panelAbout = new VBox();
    private final Flow wordsRow = new Flow();
    private final Label source = Words.wrapped(Words.quiet(""));
    private final Button beginning = Tool.primary("Begin this job", this::begin);
    private List<List<?>> offered = List.of();
    private HouseRules rules;
    private PanelProfile profile;
    private Optional<PracticeOption> wording = Optional.empty();

    NewJobForm(RuleShelf shelf, Consumer<Job> begin) {
        this.shelf = shelf;
        this.begin = begin;
        this.rules = shelf.rules().getFirst();
        this.profile = shelf.profiles().getFirst();
        getStyleClass().add("new-job");
        grid.getStyleClass().add("new-job-grid");
        site.setOnAction(enter -> begin());
        place.setOnAction(enter -> begin());
        trouble.setWrapText(true);
        layOut();
        getChildren().addAll(Words.of("start-title", "Begin a job"), grid, new HBox(beginning), trouble);
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

    private void layOut() {
        row(0, "Site", site);
        row(1, "Where", place);
        row(2, "Rules", rulesRow);
        row(3, "Panel", panelRow);
        panelAbout.getStyleClass().add("profile-about");
        grid.add(panelAbout, 1, 4);
        row(5, "Words", wordsRow);
        source.setMaxWidth(Double.MAX_VALUE);
        grid.add(source, 1, 6);
        List.of(rulesRow, panelRow, wordsRow).forEach(row -> row.getStyleClass().add("choices"));
    }

    private void row(int row, String name, Node value) {
        Label label = Words.quiet(name);
        label.setMinWidth(USE_PREF_SIZE);
        grid.add(label, 0, row);
        grid.add(value, 1, row);
        GridPane.setHgrow(value, Priority.ALWAYS);
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
        rulesRow.getChildren()
                .setAll(
                        Choice.of("House rules", shelf.rules(), rules, HouseRules::name, this::choose),
                        Tool.of("From a file", "a firm's rules that were written elsewhere", this::rulesFromFile));
        panelRow.getChildren()
                .setAll(
                        Choice.of("Panel profile", shelf.profiles(), profile, NewJobForm::named, this::choose),
                        Tool.of("From a file", "a profile filled in from the maker's manual", this::profileFromFile));
        panelAbout
                .getChildren()
                .setAll(ProfileSummary.of(profile).lines().stream()
                        .map(line -> Words.wrapped(Words.quiet(line)))
                        .toList());
        wordsRow.getChildren()
                .setAll(Choice.of(
                        "Wording",
                        PracticeOption.of(PracticeQuestion.WORDING),
                        wording(),
                        PracticeWords::of,
                        this::choose));
        source.setText(rules.source());
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
        show();
    }

    private void choose(PanelProfile its) {
        profile = its;
        complain("");
        show();
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
        trouble.setText(what);
    }

    private void rulesFromFile() {
        choose("House rules", SettingsFile.RULES_ENDING).ifPresent(file -> takeRules(file.toPath()));
    }

    private void profileFromFile() {
        choose("Panel profile", SettingsFile.PROFILE_ENDING).ifPresent(file -> takeProfile(file.toPath()));
    }

    /// Takes a firm's rules from a file and chooses them, or says what is wrong with it.
    void takeRules(Path file) {
        shelf.rulesFrom(file, this::choose, this::complain);
    }

    /// Takes a panel profile from a file and chooses it, or says what is wrong with it.
    void takeProfile(Path file) {
        shelf.profileFrom(file, this::choose, this::complain);
    }

    private Optional<File> choose(String title, String ending) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title + " from a file");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(title, "*" + ending),
                        new FileChooser.ExtensionFilter("All files", "*"));
        return Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow()));
    }
}
