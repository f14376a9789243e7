package io.answerback.desktop.setup;

import io.answerback.core.edit.SetupEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SettingMatrix;
import io.answerback.core.setup.SettingMatrix.Row;
import io.answerback.core.setup.SettingMatrix.Way;
import io.answerback.core.setup.ZoneEffect;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What each zone does in each way of setting, to be read out to the client; what becomes of it at night is
/// chosen where it stands.
final class WaysSheet extends Sheet {
    private final OpenJob openJob;
    private final VBox legend = new VBox();

    WaysSheet(OpenJob openJob, Look look) {
        this.openJob = openJob;
        legend.getStyleClass().add("gaps");
        instrument.getChildren().setAll(legend);
    }

    @Override
    public String title() {
        return "What each zone does";
    }

    @Override
    public String about(WindowState state) {
        return "read it out to the client";
    }

    @Override
    public void show(WindowState state) {
        Job job = state.job();
        Terms terms = Terms.of(job.practice());
        SettingMatrix matrix = SettingMatrix.of(job);
        if (matrix.rows().isEmpty()) {
            sheet.getChildren()
                    .setAll(Words.wrapped(
                            Words.of("empty", "No zone is programmed yet: give points their inputs first.")));
            return;
        }
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "ways-table");
        ColumnConstraints plain = new ColumnConstraints();
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        table.getColumnConstraints().setAll(plain, wide, plain, plain, plain, plain, plain);
        table.addRow(
                0,
                new Label(""),
                Words.title("Zone"),
                Words.whole(Words.title(terms.unset())),
                Words.whole(Words.title(terms.in("{partSet}"))),
                Words.whole(Words.title(terms.set())),
                Words.whole(Words.title("coming in")),
                Words.whole(Words.title("going out")));
        Intent intent = new Intent(job);
        matrix.rows().forEach(row -> table.addRow(table.getRowCount(), row(intent, row, state.selected(), job)));
        sheet.getChildren().setAll(table);
        legend(terms);
    }

    private Node[] row(Intent intent, Row row, PointId selected, Job job) {
        boolean chosen = intent.point(row.zone())
                .filter(point -> point.id().equals(selected))
                .isPresent();
        Label name = Words.wrapped(new Label(row.name().isEmpty() ? "nothing wired" : row.name()));
        name.getStyleClass().add(chosen ? "entry-now" : "entry-intent");
        return new Node[] {
            Words.figure("%02d".formatted(row.zone())),
            name,
            does(row, Way.UNSET),
            partSet(intent, row),
            does(row, Way.SET),
            does(row, Way.ENTERING),
            does(row, Way.LEAVING)
        };
    }

    private static Node does(Row row, Way way) {
        return cell(row.does().get(way));
    }

    private static Label cell(ZoneEffect does) {
        Label cell = Words.whole(new Label(does == ZoneEffect.NOTHING ? "–" : does.words()));
        cell.getStyleClass().addAll("does", "does-" + does.name().toLowerCase(java.util.Locale.ROOT));
        return cell;
    }

    /// What becomes of it at night is a choice, but for what always watches or never does.
    private Node partSet(Intent intent, Row row) {
        ZoneEffect does = row.does().get(Way.PART_SET);
        if (row.type().watchesAlways() || does == ZoneEffect.LOG || does == ZoneEffect.SWITCHES || row.area() == 0) {
            return cell(does);
        }
        return Words.whole(Choice.of(
                "Zone %02d at night".formatted(row.zone()),
                Arrays.asList(PartSet.values()),
                intent.partSetOf(row.zone()),
                part -> part == intent.partSetOf(row.zone())
                        ? does == ZoneEffect.NOTHING ? "–" : does.words()
                        : part.words(),
                part -> openJob.apply(SetupEdits.decide(Decision.ZONE_PART_SET, row.zone(), part.name()))));
    }

    private void legend(Terms terms) {
        legend.getChildren().setAll(Words.title("How to read it"));
        List.of(
                        "alarms: at once, and it is sent",
                        "starts entry: the entry time runs, then it alarms",
                        "waits: silent as long as the entry or exit time runs",
                        "– : nobody looks")
                .forEach(line -> legend.getChildren().add(Words.wrapped(Words.quiet(line))));
        legend.getChildren()
                .add(Words.wrapped(Words.of(
                        "caution",
                        "What is left out when %s is watched by nobody: a window beside a door that stays is a way in."
                                .formatted(terms.in("{partSet}")))));
    }
}
