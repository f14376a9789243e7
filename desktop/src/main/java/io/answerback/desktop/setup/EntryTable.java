package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.ReadBack;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Entries place by place: what is wanted, where, what to type, and what the panel shows, which is typed in to
/// have it explained.
final class EntryTable {
    private static final Grid.Column[] WIDTHS = {
        Grid.Column.share(4), Grid.Column.share(48), Grid.Column.share(16), Grid.Column.share(16), Grid.Column.share(16)
    };

    private final Actions actions;

    EntryTable(Actions actions) {
        this.actions = actions;
    }

    /// What stands above the columns.
    static Part heading() {
        return line(
                Group.space(),
                Words.title("What is wanted"),
                Words.wrapped(Words.title("Where")),
                Words.wrapped(Words.title("Type")),
                Words.wrapped(Words.title("Panel has")));
    }

    /// All of them, the next in sight.
    Rows of(List<EntryStep> steps, Optional<EntryStep> next) {
        List<With> rows = new ArrayList<>();
        String menu = "";
        int shown = -1;
        for (EntryStep step : steps) {
            String now = menu(step);
            if (!now.equals(menu)) {
                rows.add(Words.quiet(now).keyed("menu " + now));
                menu = now;
            }
            boolean isNext = next.filter(step::equals).isPresent();
            shown = isNext ? rows.size() : shown;
            rows.add(row(step, isNext).keyed(step.key()));
        }
        return new Rows("Entries", rows, shown);
    }

    private static With line(Showable... cells) {
        return With.of(Grid.filling("entry-table").columns(WIDTHS).line(cells).grid());
    }

    private static String menu(EntryStep step) {
        List<String> where = step.where();
        return where.size() < 2 ? "" : String.join(" › ", where.subList(0, where.size() - 1));
    }

    private With row(EntryStep step, boolean now) {
        Parts words = Parts.column(Words.wrapped(Words.of(now ? "entry-now" : "entry-intent", intent(step))));
        if (!step.problem().isEmpty()) {
            words.add(Words.wrapped(Words.of("finding-says", step.problem())));
        }
        step.typed()
                .filter(typed -> !typed.skipped().isEmpty())
                .ifPresent(typed -> words.add(Words.wrapped(Words.quiet("left out: " + typed.skipped()))));
        Text entry = Words.of("figure entry-digits", step.entry().orElse("–"));
        return line(
                Marks.of(mark(step), step.standing().words()),
                words.group(),
                Words.whole(
                        Words.figure(step.where().isEmpty() ? "" : step.where().getLast())),
                Words.whole(entry),
                shown(step));
    }

    private static String intent(EntryStep step) {
        return step.of().isEmpty() ? step.intent() : "%s · %s".formatted(step.of(), step.intent());
    }

    private static Mark mark(EntryStep step) {
        return switch (step.standing()) {
            case AS_NEW, DONE, SKIPPED -> Mark.SOUND;
            case OPEN -> Mark.NOT_DONE;
            case AGAIN -> Mark.TIGHT;
            case CANNOT -> Mark.WRONG;
        };
    }

    private Part shown(EntryStep step) {
        if (step.setting().form().kind() == EntryForm.Kind.SECRET) {
            return Words.whole(Words.quiet("never shown"));
        }
        return Value.of(
                        "Panel has at %s %s"
                                .formatted(step.setting().name(), step.number() == 0 ? "" : step.number())
                                .strip(),
                        step.now().filter(its -> !its.isEmpty()).orElse("read"),
                        typed -> read(step, typed))
                .uncut();
    }

    private boolean read(EntryStep step, String typed) {
        ReadBack back = ReadBack.of(step, typed);
        boolean kept = back.means().isPresent()
                && actions.apply(SetupEdits.found(step.setting().id(), step.number(), typed.strip()));
        actions.tell(back.says());
        return kept;
    }
}
