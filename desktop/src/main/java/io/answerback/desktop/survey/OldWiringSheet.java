package io.answerback.desktop.survey;

import io.answerback.core.model.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.capacity.Inventory;
import io.answerback.core.survey.takeover.HiddenPoints;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;

/// What several contacts on one old zone hide, what splitting them gains and takes, and what was measured at
/// the selected point's loop.
final class OldWiringSheet extends FilledSheet {
    private final Actions actions;
    private final FoundSheet found;

    OldWiringSheet(Actions actions, KindCatalogue kinds, InstantSource clock) {
        this.actions = actions;
        this.found = new FoundSheet(actions, kinds, clock);
    }

    @Override
    public String title() {
        return "What old wiring hides";
    }

    @Override
    public String about(WindowState state) {
        return says(hidden(state));
    }

    @Override
    protected void show(WindowState state) {
        List<HiddenPoints> hidden = hidden(state);
        List<Part> parts = new ArrayList<>();
        if (hidden.isEmpty()) {
            parts.add(
                    Words.empty(
                            "No point stands for several contacts. Where an old zone has a run of contacts on it, name them below."));
        }
        hidden.forEach(its -> parts.add(zone(its)));
        parts.add(found.of(state));
        sheet.set(parts);
        instrument.set(found.readings(state));
    }

    private static List<HiddenPoints> hidden(WindowState state) {
        return HiddenPoints.of(state.job(), state.assessment().get(Inventory.FACT));
    }

    private static String says(List<HiddenPoints> hidden) {
        if (hidden.isEmpty()) {
            return "every point answers for itself";
        }
        int contacts =
                hidden.stream().mapToInt(its -> its.operatorCouldRead().size()).sum();
        int inputs = hidden.stream().mapToInt(HiddenPoints::moreInputs).sum();
        String zones = hidden.size() == 1 ? "1 zone holds" : hidden.size() + " zones hold";
        return "%s %d contacts · splitting takes %d more inputs, %d are free"
                .formatted(zones, contacts, inputs, hidden.getFirst().freeInputs());
    }

    private Part zone(HiddenPoints hidden) {
        Point point = hidden.point();
        Parts box = Parts.column(
                Words.section(
                        point.id() + " " + point.name(),
                        "%d contacts in series on one input"
                                .formatted(point.inSeries().size())),
                new SeriesDrawing(point, input(point)),
                reads(hidden),
                ways(hidden));
        box.style("hidden-zone");
        return box.group();
    }

    private String input(Point point) {
        return actions.now()
                .job()
                .inputOf(point.id())
                .map(actions.now().job()::nameOf)
                .orElse("no input");
    }

    private static Part reads(HiddenPoints hidden) {
        Parts row = Parts.flow(
                Words.quiet("Now the operator reads"),
                Words.of("reads-now", hidden.operatorReadsNow()),
                Words.quiet("Split, it would be one of"),
                Words.wrapped(Words.of("reads-then", String.join(" · ", hidden.operatorCouldRead()))));
        row.style("section");
        return row.group();
    }

    private static String missing(int count) {
        return count == 1 ? "1 is missing" : count + " are missing";
    }

    private Part ways(HiddenPoints hidden) {
        String takes = "It takes %s; %s."
                .formatted(
                        hidden.moreInputs() == 1 ? "1 more input" : hidden.moreInputs() + " more inputs",
                        hidden.shortOf() == 0 ? hidden.freeInputs() + " are free" : missing(hidden.shortOf()));
        Parts row = Parts.flow(
                Tool.of(
                        "Split into %d points"
                                .formatted(hidden.operatorCouldRead().size()),
                        "each contact becomes a point of its own; the first keeps number, input and cable",
                        () -> actions.apply(TakeOverEdits.split(hidden.point().id()))),
                Words.quiet(takes));
        if (hidden.shortOf() > 0) {
            row.add(Tool.of(
                    "Find inputs", "what would bring them, and what it costs", () -> actions.open(SurveySheet.INPUTS)));
        }
        row.style("choices");
        return row.group();
    }
}
