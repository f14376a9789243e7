package io.answerback.desktop.setup;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.behaviour.SettingMatrix;
import io.answerback.core.panel.behaviour.SettingMatrix.Row;
import io.answerback.core.panel.behaviour.SettingMatrix.Way;
import io.answerback.core.panel.behaviour.ZoneEffect;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/// What each zone does in each way of setting, to be read out to the client; what becomes of it at night is
/// chosen where it stands.
final class WaysSheet extends FilledSheet {
    private final Actions actions;
    private final Parts legend = Parts.column();

    WaysSheet(Actions actions) {
        this.actions = actions;
        legend.style("gaps");
        instrument.set(legend);
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
    protected void show(WindowState state) {
        Job job = state.job();
        Terms terms = Terms.of(job.practice());
        SettingMatrix matrix = SettingMatrix.of(job);
        if (matrix.rows().isEmpty()) {
            sheet.set(Words.empty("No zone is programmed yet: give points their inputs first."));
            return;
        }
        Grid.Filling table = Grid.filling("table", "ways-table");
        table.columns(
                Grid.Column.OWN,
                Grid.Column.REST,
                Grid.Column.OWN,
                Grid.Column.OWN,
                Grid.Column.OWN,
                Grid.Column.OWN,
                Grid.Column.OWN);
        table.line(
                Text.of(""),
                Words.title("Zone"),
                Words.whole(Words.title(terms.unset())),
                Words.whole(Words.title(terms.in("{partSet}"))),
                Words.whole(Words.title(terms.set())),
                Words.whole(Words.title("coming in")),
                Words.whole(Words.title("going out")));
        Intent intent = new Intent(job);
        matrix.rows().forEach(row -> table.line(row.zone(), row(intent, row, state.selected(), job)));
        sheet.set(table);
        legend(terms);
    }

    private List<Part> row(Intent intent, Row row, PointId selected, Job job) {
        boolean chosen = intent.point(row.zone())
                .filter(point -> point.id().equals(selected))
                .isPresent();
        Text name = Words.wrapped(
                Words.of(chosen ? "entry-now" : "entry-intent", row.name().isEmpty() ? "nothing wired" : row.name()));
        return List.of(
                Words.figure("%02d".formatted(row.zone())),
                name,
                does(row, Way.UNSET),
                partSet(intent, row),
                does(row, Way.SET),
                does(row, Way.ENTERING),
                does(row, Way.LEAVING));
    }

    private static Part does(Row row, Way way) {
        return cell(row.does().get(way));
    }

    private static Text cell(ZoneEffect does) {
        return Words.whole(Words.of(
                "does does-" + does.name().toLowerCase(Locale.ROOT), does == ZoneEffect.NOTHING ? "–" : does.words()));
    }

    /// What becomes of it at night is a choice, but for what always watches or never does.
    private Part partSet(Intent intent, Row row) {
        ZoneEffect does = row.does().get(Way.PART_SET);
        if (row.type().watchesAlways() || does == ZoneEffect.LOG || does == ZoneEffect.SWITCHES || row.area() == 0) {
            return cell(does);
        }
        return Choice.of(
                        "Zone %02d at night".formatted(row.zone()),
                        Arrays.asList(PartSet.values()),
                        intent.partSetOf(row.zone()),
                        part -> part == intent.partSetOf(row.zone())
                                ? does == ZoneEffect.NOTHING ? "–" : does.words()
                                : part.words(),
                        part -> actions.apply(SetupEdits.decide(Decision.ZONE_PART_SET, row.zone(), part.name())))
                .uncut();
    }

    private void legend(Terms terms) {
        legend.set(Words.title("How to read it"));
        List.of(
                        "alarms: at once, and it is sent",
                        "starts entry: the entry time runs, then it alarms",
                        "waits: silent as long as the entry or exit time runs",
                        "– : nobody looks")
                .forEach(line -> legend.add(Words.wrapped(Words.quiet(line))));
        legend.add(Words.caution(
                "What is left out when %s is watched by nobody: a window beside a door that stays is a way in."
                        .formatted(terms.in("{partSet}"))));
    }
}
