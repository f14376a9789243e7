package io.answerback.desktop.setup;

import io.answerback.core.engine.edit.ProfileEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.setup.Completeness;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.ProfileDraft;
import io.answerback.files.ProfileDraft.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The panel's profile, filled in from its manual place by place. As soon as it is sound the job is computed
/// with it; while it is not, what is wrong is said and the job keeps the last sound one. What is missing is
/// listed for each stop.
final class ProfileSheet extends FilledSheet {
    private static final int COLUMNS = 4;

    private final Actions actions;
    private final ProfileFiles files;
    private List<String> path = List.of();
    private Optional<ProfileDraft> unsound = Optional.empty();
    private PanelProfile shown;

    ProfileSheet(Actions actions, ProfileFiles files) {
        this.actions = actions;
        this.files = files;
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
    protected void show(WindowState state) {
        if (shown != state.job().panel().profile()) {
            shown = state.job().panel().profile();
            unsound = Optional.empty();
        }
        while (!path.isEmpty() && !draft().has(path)) {
            path = path.subList(0, path.size() - 1);
        }
        ProfileDraft draft = draft();
        sheet.set(tools(), way(draft), parts(draft));
        checks(draft);
    }

    private Group tools() {
        Parts row = Parts.flow(
                Value.of("Name of a blank profile", "begin a blank one", this::blank),
                Tool.of("Keep as our own", "every new job can have this panel", this::keep),
                Tool.of("To a file", "writes the profile, for other desks", () -> files.write(shown)),
                Tool.of("From a file", "takes a profile from a file, keeps it and uses it here", files::read));
        row.style("switches");
        return row.group();
    }

    /// The way to where one is; each place of it leads back.
    private Group way(ProfileDraft draft) {
        Parts row = Parts.flow();
        for (int length = 0; length <= path.size(); length++) {
            List<String> to = path.subList(0, length);
            row.add(
                    length == path.size()
                            ? Words.title(draft.title(to))
                            : Tool.of(draft.title(to) + " ›", "back to there", () -> go(to)));
        }
        row.style("switches");
        return row.group();
    }

    private void go(List<String> to) {
        path = List.copyOf(to);
        showAgain();
    }

    private Grid parts(ProfileDraft draft) {
        Grid.Filling table = Grid.filling("table", "profile-table");
        table.columns(Grid.Column.OWN, Grid.Column.OWN, Grid.Column.REST, Grid.Column.OWN);
        boolean list = !path.isEmpty()
                && draft.parts(path).stream().allMatch(part -> part.key().matches("\\d+"));
        draft.parts(path).forEach(part -> table.line(part.key(), row(part)));
        if (list) {
            table.across(
                    Tool.of("One more", "with the least it can have", () -> change("one more", draft.adding(path))),
                    COLUMNS);
        }
        return table.grid();
    }

    private List<Showable> row(Part part) {
        List<String> inner = new ArrayList<>(path);
        inner.add(part.key());
        With name = Words.whole(Words.of("rule-title", part.title())).hint(part.hint());
        return List.of(
                name,
                value(part, inner),
                Words.wrapped(Words.quiet(part.hint())),
                part.removable() && part.shape() != ProfileDraft.Shape.ABSENT
                        ? Tool.of(
                                "Take out",
                                part.title() + " is not said any more",
                                () -> change("without " + part.title(), draft().without(inner)))
                        : Text.of(""));
    }

    private Showable value(Part part, List<String> inner) {
        return switch (part.shape()) {
            case PARTS, LIST ->
                Tool.of(part.text() + " ›", part.title(), () -> go(inner))
                        .saying("Open %s, %s".formatted(part.title(), part.text()));
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
                Choice.of(part.title(), part.choices(), part.text(), ProfileSheet::plain, its -> take(part, inner, its))
                        .uncut();
            case WORDS, FIGURE ->
                Value.of(
                                part.title(),
                                part.text().isEmpty() ? "nothing" : part.text(),
                                typed -> take(part, inner, typed.equals("nothing") ? "" : typed))
                        .uncut();
        };
    }

    private static String plain(String name) {
        return name.equals(name.toUpperCase(Locale.ROOT))
                ? name.toLowerCase(Locale.ROOT).replace('_', ' ')
                : name;
    }

    private boolean take(Part part, List<String> inner, String typed) {
        try {
            change(part.title().toLowerCase(Locale.ROOT), draft().with(inner, typed));
            return true;
        } catch (IllegalArgumentException refused) {
            actions.tell(refused.getMessage());
            return false;
        }
    }

    /// A sound profile is the job's at once; one that is not waits until it is.
    private void change(String what, ProfileDraft draft) {
        Optional<PanelProfile> sound = draft.profile();
        unsound = sound.isPresent() ? Optional.empty() : Optional.of(draft);
        sound.ifPresent(profile -> actions.apply(ProfileEdits.profile(what, profile)));
        if (sound.isEmpty()) {
            showAgain();
        }
    }

    private boolean blank(String name) {
        if (name.isBlank()) {
            actions.tell("A panel needs a name, as its maker calls it.");
            return false;
        }
        Optional<PanelProfile> blank = ProfileDraft.blank(name.strip()).profile();
        blank.ifPresent(profile -> {
            path = List.of();
            actions.apply(CapacityEdits.panel(profile));
        });
        return blank.isPresent();
    }

    private void keep() {
        unsound.ifPresentOrElse(
                draft -> actions.tell(
                        "The profile is not sound yet: " + draft.problems().getFirst()),
                () -> files.keep(shown));
    }

    private void checks(ProfileDraft draft) {
        instrument.set(Words.title("Is it enough?"));
        if (unsound.isPresent()) {
            instrument.add(Words.wrapped(Words.of("finding-says", "Not sound yet: the job keeps the last sound one.")));
            draft.problems().forEach(wrong -> instrument.add(Words.wrapped(Words.of("finding-why", wrong))));
            instrument.add(Tool.of("Back to the sound one", "what was typed since is forgotten", () -> {
                unsound = Optional.empty();
                showAgain();
            }));
        }
        Completeness.of(shown).forEach((part, missing) -> {
            Parts row = Parts.flow(
                    Marks.of(missing.isEmpty() ? Mark.SOUND : Mark.NOT_DONE, missing.isEmpty() ? "enough" : "missing"),
                    Words.title(part.title()));
            row.style("section");
            instrument.add(row);
            missing.stream().limit(4).forEach(one -> instrument.add(Words.wrapped(Words.quiet("missing: " + one))));
        });
        instrument.add(Words.caution(
                "Copy figures from the maker's manual of the very edition on site; what it does not say stays empty."));
    }
}
