package io.answerback.desktop.setup;

import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.chain.Mark;
import io.answerback.core.edit.ProfileEdits;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.setup.Completeness;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.ProfileDraft;
import io.answerback.files.ProfileDraft.Part;
import io.answerback.files.SettingsFile;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.FileChooser;

/// The panel's profile, filled in from its manual place by place. As soon as it is sound the job is computed
/// with it; while it is not, what is wrong is said and the job keeps the last sound one. What is missing is
/// listed for each stop.
final class ProfileSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;
    private final RuleShelf shelf;
    private List<String> path = List.of();
    private Optional<ProfileDraft> unsound = Optional.empty();
    private PanelProfile shown;

    ProfileSheet(OpenJob openJob, Look look, RuleShelf shelf) {
        this.openJob = openJob;
        this.look = look;
        this.shelf = shelf;
    }

    @Override
    public String title() {
        return "What the panel's manual says";
    }

    @Override
    public String about(WindowState state) {
        return state.job().panel().profile().name();
    }

    private ProfileDraft draft() {
        return unsound.orElseGet(() -> ProfileDraft.of(shown));
    }

    @Override
    public void show(WindowState state) {
        if (shown != state.job().panel().profile()) {
            shown = state.job().panel().profile();
            unsound = Optional.empty();
        }
        while (!path.isEmpty() && !draft().has(path)) {
            path = path.subList(0, path.size() - 1);
        }
        ProfileDraft draft = draft();
        sheet.getChildren().setAll(tools(), way(draft), parts(draft));
        checks(draft);
    }

    private Flow tools() {
        Flow row = new Flow(
                new ValueField("Name of a blank profile", "begin a blank one", this::blank),
                Tool.of("Keep as our own", "every new job can have this panel", this::keep),
                Tool.of("To a file", "writes the profile, for other desks", this::toFile),
                Tool.of("From a file", "takes a profile from a file, keeps it and uses it here", this::fromFile));
        row.getStyleClass().add("switches");
        return row;
    }

    /// The way to where one is; each place of it leads back.
    private Flow way(ProfileDraft draft) {
        Flow row = new Flow();
        for (int length = 0; length <= path.size(); length++) {
            List<String> to = path.subList(0, length);
            row.getChildren()
                    .add(
                            length == path.size()
                                    ? Words.title(draft.title(to))
                                    : Tool.of(draft.title(to) + " ›", "back to there", () -> go(to)));
        }
        row.getStyleClass().add("switches");
        return row;
    }

    private void go(List<String> to) {
        path = List.copyOf(to);
        show(openJob.now());
    }

    private Node parts(ProfileDraft draft) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "profile-table");
        ColumnConstraints plain = new ColumnConstraints();
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        table.getColumnConstraints().setAll(plain, plain, wide, plain);
        boolean list = !path.isEmpty()
                && draft.parts(path).stream().allMatch(part -> part.key().matches("\\d+"));
        draft.parts(path).forEach(part -> table.addRow(table.getRowCount(), row(part)));
        if (list) {
            table.add(
                    Tool.of("One more", "with the least it can have", () -> change("one more", draft.adding(path))),
                    0,
                    table.getRowCount(),
                    4,
                    1);
        }
        return table;
    }

    private Node[] row(Part part) {
        List<String> inner = new ArrayList<>(path);
        inner.add(part.key());
        Label name = Words.whole(Words.of("rule-title", part.title()));
        if (!part.hint().isEmpty()) {
            Hint.on(name, part.hint());
        }
        return new Node[] {
            name,
            value(part, inner),
            Words.wrapped(Words.quiet(part.hint())),
            part.removable() && part.shape() != ProfileDraft.Shape.ABSENT
                    ? Tool.of(
                            "Take out",
                            part.title() + " is not said any more",
                            () -> change("without " + part.title(), draft().without(inner)))
                    : new Label("")
        };
    }

    private Node value(Part part, List<String> inner) {
        return switch (part.shape()) {
            case PARTS, LIST -> {
                Button inside = Tool.of(part.text() + " ›", part.title(), () -> go(inner));
                inside.setAccessibleText("Open %s, %s".formatted(part.title(), part.text()));
                yield inside;
            }
            case ABSENT ->
                Tool.of("Say it", part.title() + " is not said yet", () -> change(part.title(), draft().adding(inner)));
            case YES_NO ->
                Switch.bare(
                        part.title(),
                        List.of("yes", "no"),
                        part.text().equals("true") ? "yes" : "no",
                        its -> its,
                        its -> take(part, inner, its));
            case CHOICE ->
                Words.whole(Choice.of(
                        part.title(), part.choices(), part.text(), ProfileSheet::plain, its -> take(part, inner, its)));
            case WORDS, FIGURE -> {
                ValueField field = new ValueField(
                        part.title(),
                        part.text().isEmpty() ? "nothing" : part.text(),
                        typed -> take(part, inner, typed.equals("nothing") ? "" : typed));
                field.setMinWidth(Region.USE_PREF_SIZE);
                yield field;
            }
        };
    }

    private static String plain(String name) {
        return name.equals(name.toUpperCase(java.util.Locale.ROOT))
                ? name.toLowerCase(java.util.Locale.ROOT).replace('_', ' ')
                : name;
    }

    private boolean take(Part part, List<String> inner, String typed) {
        try {
            change(part.title().toLowerCase(java.util.Locale.ROOT), draft().with(inner, typed));
            return true;
        } catch (IllegalArgumentException refused) {
            openJob.tell(refused.getMessage());
            return false;
        }
    }

    /// A sound profile is the job's at once; one that is not waits until it is.
    private void change(String what, ProfileDraft draft) {
        Optional<PanelProfile> sound = draft.profile();
        unsound = sound.isPresent() ? Optional.empty() : Optional.of(draft);
        sound.ifPresent(profile -> openJob.apply(ProfileEdits.profile(what, profile)));
        if (sound.isEmpty()) {
            show(openJob.now());
        }
    }

    private boolean blank(String name) {
        if (name.isBlank()) {
            openJob.tell("A panel needs a name, as its maker calls it.");
            return false;
        }
        Optional<PanelProfile> blank = ProfileDraft.blank(name.strip()).profile();
        blank.ifPresent(profile -> {
            path = List.of();
            openJob.apply(CapacityEdits.panel(profile));
        });
        return blank.isPresent();
    }

    private void keep() {
        if (unsound.isPresent()) {
            openJob.tell(
                    "The profile is not sound yet: " + unsound.get().problems().getFirst());
            return;
        }
        shelf.keep(shown, file -> openJob.tell("Kept as \"%s\" in %s.".formatted(shown.name(), file)));
    }

    private void toFile() {
        FileChooser chooser = chooser("Write this profile to a file");
        chooser.setInitialFileName(shown.id() + SettingsFile.PROFILE_ENDING);
        File file = chooser.showSaveDialog(sheet.getScene().getWindow());
        if (file != null) {
            shelf.write(shown, file.toPath(), written -> openJob.tell("The profile is in " + written + "."));
        }
    }

    private void fromFile() {
        File file =
                chooser("A profile from a file").showOpenDialog(sheet.getScene().getWindow());
        if (file != null) {
            shelf.profileFrom(file.toPath(), profile -> openJob.apply(CapacityEdits.panel(profile)), openJob::tell);
        }
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Panel profile", "*" + SettingsFile.PROFILE_ENDING));
        return chooser;
    }

    private void checks(ProfileDraft draft) {
        instrument.getChildren().setAll(Words.title("Is it enough?"));
        if (unsound.isPresent()) {
            instrument
                    .getChildren()
                    .add(Words.wrapped(Words.of("finding-says", "Not sound yet: the job keeps the last sound one.")));
            draft.problems()
                    .forEach(wrong -> instrument.getChildren().add(Words.wrapped(Words.of("finding-why", wrong))));
            instrument.getChildren().add(Tool.of("Back to the sound one", "what was typed since is forgotten", () -> {
                unsound = Optional.empty();
                show(openJob.now());
            }));
        }
        Completeness.of(shown).forEach((part, missing) -> {
            Flow row = new Flow(
                    Marks.of(
                            missing.isEmpty() ? Mark.SOUND : Mark.NOT_DONE,
                            missing.isEmpty() ? "enough" : "missing",
                            look.px(4.5)),
                    Words.title(part.title()));
            row.getStyleClass().add("section");
            instrument.getChildren().add(row);
            missing.stream()
                    .limit(4)
                    .forEach(one -> instrument.getChildren().add(Words.wrapped(Words.quiet("missing: " + one))));
        });
        instrument
                .getChildren()
                .add(
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "Copy figures from the maker's manual of the very edition on site; what it does not say stays empty.")));
    }
}
