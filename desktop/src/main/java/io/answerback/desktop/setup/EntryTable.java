package io.answerback.desktop.setup;

import io.answerback.core.chain.Mark;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.profile.EntryForm;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.ReadBack;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Entries place by place: what is wanted, where, what to type, and what the panel shows, which is typed in to
/// have it explained.
final class EntryTable {
    private static final int MOST_ROWS = 60;

    private final OpenJob openJob;
    private final Look look;

    EntryTable(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
    }

    Node of(List<EntryStep> steps, Optional<EntryStep> next) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "entry-table");
        ColumnConstraints plain = new ColumnConstraints();
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        table.getColumnConstraints().setAll(plain, wide, plain, plain, plain);
        table.addRow(
                0,
                new Region(),
                Words.title("What is wanted"),
                Words.whole(Words.title("Where")),
                Words.whole(Words.title("Type")),
                Words.whole(Words.title("Panel has")));
        String menu = "";
        for (EntryStep step : steps.subList(0, Math.min(MOST_ROWS, steps.size()))) {
            String now = menu(step);
            if (!now.equals(menu)) {
                Label head = Words.quiet(now);
                table.add(head, 0, table.getRowCount(), 5, 1);
                menu = now;
            }
            table.addRow(
                    table.getRowCount(), row(step, next.filter(step::equals).isPresent()));
        }
        if (steps.size() > MOST_ROWS) {
            table.add(
                    Words.quiet("and %d more after these".formatted(steps.size() - MOST_ROWS)),
                    0,
                    table.getRowCount(),
                    5,
                    1);
        }
        return table;
    }

    private static String menu(EntryStep step) {
        List<String> where = step.where();
        return where.size() < 2 ? "" : String.join(" › ", where.subList(0, where.size() - 1));
    }

    private Node[] row(EntryStep step, boolean now) {
        VBox words = new VBox(Words.wrapped(Words.of(now ? "entry-now" : "entry-intent", intent(step))));
        if (!step.problem().isEmpty()) {
            words.getChildren().add(Words.wrapped(Words.of("finding-says", step.problem())));
        }
        step.typed()
                .filter(typed -> !typed.skipped().isEmpty())
                .ifPresent(
                        typed -> words.getChildren().add(Words.wrapped(Words.quiet("left out: " + typed.skipped()))));
        Label entry = Words.figure(step.entry().orElse("–"));
        entry.getStyleClass().add("entry-box");
        return new Node[] {
            Marks.of(mark(step), step.standing().words(), look.px(4.5)),
            words,
            Words.whole(Words.figure(step.where().isEmpty() ? "" : step.where().getLast())),
            Words.whole(entry),
            shown(step)
        };
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

    private Node shown(EntryStep step) {
        if (step.setting().form().kind() == EntryForm.Kind.SECRET) {
            return Words.whole(Words.quiet("never shown"));
        }
        ValueField shown = new ValueField(
                "Panel has at %s %s"
                        .formatted(step.setting().name(), step.number() == 0 ? "" : step.number())
                        .strip(),
                step.now().filter(its -> !its.isEmpty()).orElse("read"),
                typed -> read(step, typed));
        shown.setMinWidth(Region.USE_PREF_SIZE);
        return shown;
    }

    private boolean read(EntryStep step, String typed) {
        ReadBack back = ReadBack.of(step, typed);
        boolean kept = back.means().isPresent()
                && openJob.apply(SetupEdits.found(step.setting().id(), step.number(), typed.strip()));
        openJob.tell(back.says());
        return kept;
    }
}
