package io.answerback.desktop.setup;

import io.answerback.core.chain.Mark;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.profile.EntryForm;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.ReadBack;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Optional;

/// Entries place by place: what is wanted, where, what to type, and what the panel shows, which is typed in to
/// have it explained.
final class EntryTable {
    private static final int MOST_ROWS = 60;
    private static final int COLUMNS = 5;

    private final Actions actions;

    EntryTable(Actions actions) {
        this.actions = actions;
    }

    Part of(List<EntryStep> steps, Optional<EntryStep> next) {
        Grid.Filling table = Grid.filling("table", "entry-table");
        table.columns(Grid.Column.OWN, Grid.Column.REST, Grid.Column.OWN, Grid.Column.OWN, Grid.Column.OWN);
        table.line(
                Group.space(),
                Words.title("What is wanted"),
                Words.whole(Words.title("Where")),
                Words.whole(Words.title("Type")),
                Words.whole(Words.title("Panel has")));
        String menu = "";
        for (EntryStep step : steps.subList(0, Math.min(MOST_ROWS, steps.size()))) {
            String now = menu(step);
            if (!now.equals(menu)) {
                table.across(Words.quiet(now), COLUMNS);
                menu = now;
            }
            table.line(step.key(), row(step, next.filter(step::equals).isPresent()));
        }
        if (steps.size() > MOST_ROWS) {
            table.across(Words.quiet("and %d more after these".formatted(steps.size() - MOST_ROWS)), COLUMNS);
        }
        return table.grid();
    }

    private static String menu(EntryStep step) {
        List<String> where = step.where();
        return where.size() < 2 ? "" : String.join(" › ", where.subList(0, where.size() - 1));
    }

    private List<Part> row(EntryStep step, boolean now) {
        Parts words = Parts.column(Words.wrapped(Words.of(now ? "entry-now" : "entry-intent", intent(step))));
        if (!step.problem().isEmpty()) {
            words.add(Words.wrapped(Words.of("finding-says", step.problem())));
        }
        step.typed()
                .filter(typed -> !typed.skipped().isEmpty())
                .ifPresent(typed -> words.add(Words.wrapped(Words.quiet("left out: " + typed.skipped()))));
        Text entry = Words.of("figure entry-digits", step.entry().orElse("–"));
        return List.of(
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
