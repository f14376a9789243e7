package io.answerback.core.paper;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.panel.behaviour.SettingMatrix;
import io.answerback.core.panel.behaviour.SettingMatrix.Row;
import io.answerback.core.panel.behaviour.SettingMatrix.Way;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// How a panel is set up, on paper: what is typed in its order, and what each zone does in each way of setting.
/// Codes are never on it.
public final class SetupPaper {
    private static final double WIDTH = 297;
    private static final double HEIGHT = 210;

    private SetupPaper() {}

    /// The run sheet and the zones of a job.
    public static Paper of(Parts job, RunSheet sheet, Measure measure) {
        List<List<PaperElement>> pages =
                new ArrayList<>(TableSetter.pages(List.of(entries(job, sheet), zones(job)), measure));
        TableSetter.number(pages, measure);
        return new Paper(
                job.site().name() + ", set-up",
                WIDTH,
                HEIGHT,
                pages,
                List.copyOf(sheet.broken().values()),
                List.of());
    }

    /// What is typed, in its order: everything that differs from a new panel.
    public static Table entries(Parts job, RunSheet sheet) {
        List<List<String>> rows = new ArrayList<>();
        int order = 1;
        for (EntryStep step : sheet.differing()) {
            rows.add(List.of(
                    String.valueOf(order++),
                    String.join(" > ", step.where()),
                    Stream.of(step.of(), step.intent())
                            .filter(words -> !words.isEmpty())
                            .reduce((one, other) -> one + ": " + other)
                            .orElse(""),
                    step.entry().orElse(""),
                    step.shows(),
                    step.problem().isEmpty() ? step.standing().words() : step.problem()));
        }
        return new Table(
                Text.of(
                        "%s, run sheet for %s",
                        job.site().name(), job.panel().profile().name()),
                List.of("No", "Where", "What is wanted", "Type", "Panel shows", "State"),
                List.of(0.4, 2.4, 3.0, 1.3, 1.6, 1.2),
                rows,
                List.copyOf(sheet.broken().values()));
    }

    /// What each zone does in each way of setting.
    public static Table zones(Parts job) {
        Terms terms = Terms.of(job.practice());
        return new Table(
                job.site().name() + ", what each zone does",
                List.of(
                        "Zone",
                        "Name",
                        "Area",
                        terms.unset(),
                        terms.in("{partSet}"),
                        terms.set(),
                        "coming in",
                        "going out"),
                List.of(0.5, 2.2, 0.5, 1.0, 1.0, 1.0, 1.0, 1.0),
                SettingMatrix.of(job).rows().stream().map(SetupPaper::zone).toList(),
                List.of());
    }

    private static List<String> zone(Row row) {
        return List.of(
                Text.of("%02d", row.zone()),
                row.type() == ZoneType.NOT_USED ? row.name() + " (off)" : row.name(),
                row.area() == 0 ? "none" : Text.of("%02d", row.area()),
                row.does().get(Way.UNSET).words(),
                row.does().get(Way.PART_SET).words(),
                row.does().get(Way.SET).words(),
                row.does().get(Way.ENTERING).words(),
                row.does().get(Way.LEAVING).words());
    }
}
