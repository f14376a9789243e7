package io.answerback.desktop.survey;

import io.answerback.core.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.takeover.HiddenPoints;
import io.answerback.core.takeover.TakeOverEdits;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// What several contacts on one old zone hide, what splitting them gains and takes, and what was measured at
/// the selected point's loop.
final class OldWiringSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;
    private final FoundSheet found;

    OldWiringSheet(OpenJob openJob, Look look, KindCatalogue kinds, InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.found = new FoundSheet(openJob, kinds, clock);
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
    public void show(WindowState state) {
        List<HiddenPoints> hidden = hidden(state);
        List<Node> parts = new ArrayList<>();
        if (hidden.isEmpty()) {
            parts.add(
                    Words.wrapped(
                            Words.of(
                                    "empty",
                                    "No point stands for several contacts. Where an old zone has a run of contacts on it, name them below.")));
        }
        hidden.forEach(its -> parts.add(zone(its)));
        parts.add(found.of(state));
        sheet.getChildren().setAll(parts);
        instrument.getChildren().setAll(found.readings(state));
    }

    private static List<HiddenPoints> hidden(WindowState state) {
        return HiddenPoints.of(state.job(), state.assessment().inventory());
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

    private Node zone(HiddenPoints hidden) {
        Point point = hidden.point();
        VBox box = new VBox(
                Words.section(
                        point.id() + " " + point.name(),
                        "%d contacts in series on one input"
                                .formatted(point.inSeries().size())),
                new SeriesDrawing(look, point, input(point)),
                reads(hidden),
                ways(hidden));
        box.getStyleClass().add("hidden-zone");
        return box;
    }

    private String input(Point point) {
        return openJob.now()
                .job()
                .inputOf(point.id())
                .map(openJob.now().job()::nameOf)
                .orElse("no input");
    }

    private static Node reads(HiddenPoints hidden) {
        Flow row = new Flow(
                Words.quiet("Now the operator reads"),
                Words.of("reads-now", hidden.operatorReadsNow()),
                Words.quiet("Split, it would be one of"),
                Words.wrapped(Words.of("reads-then", String.join(" · ", hidden.operatorCouldRead()))));
        row.getStyleClass().add("section");
        return row;
    }

    private static String missing(int count) {
        return count == 1 ? "1 is missing" : count + " are missing";
    }

    private Node ways(HiddenPoints hidden) {
        String takes = "It takes %s; %s."
                .formatted(
                        hidden.moreInputs() == 1 ? "1 more input" : hidden.moreInputs() + " more inputs",
                        hidden.shortOf() == 0 ? hidden.freeInputs() + " are free" : missing(hidden.shortOf()));
        Flow row = new Flow(
                Tool.of(
                        "Split into %d points"
                                .formatted(hidden.operatorCouldRead().size()),
                        "each contact becomes a point of its own; the first keeps number, input and cable",
                        () -> openJob.apply(TakeOverEdits.split(hidden.point().id()))),
                Words.quiet(takes));
        if (hidden.shortOf() > 0) {
            row.getChildren()
                    .add(Tool.of(
                            "Find inputs",
                            "what would bring them, and what it costs",
                            () -> openJob.open(SurveySheet.INPUTS)));
        }
        row.getStyleClass().add("choices");
        return row;
    }
}
