package io.answerback.desktop.loop;

import io.answerback.core.common.Figures;
import io.answerback.core.fault.Diagnosis;
import io.answerback.core.fault.Explanation;
import io.answerback.core.fault.FaultWords;
import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.fault.NextMeasurement;
import io.answerback.core.fault.Priors;
import io.answerback.core.fault.Reading;
import io.answerback.core.id.PointId;
import io.answerback.core.scheme.DeviceState;
import io.answerback.core.scheme.LoopFault;
import io.answerback.core.site.Job;
import io.answerback.core.site.Measurement;
import io.answerback.core.takeover.TakeOverEdits;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Gauge;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What a meter showed at this loop, what can explain it, and what to measure next.
final class FaultFinder {
    private static final int MOST_SHOWN = 3;

    private final OpenJob openJob;
    private final Supplier<Priors> priors;
    private final InstantSource clock;
    private MeasurementSetup setup = MeasurementSetup.AT_REST;
    private Optional<PointId> shownFor = Optional.empty();

    FaultFinder(OpenJob openJob, Supplier<Priors> priors, InstantSource clock) {
        this.openJob = openJob;
        this.priors = priors;
        this.clock = clock;
    }

    /// The part of the side sheet it fills.
    List<Node> of(WindowState state, LoopView view) {
        follow(view);
        List<Node> nodes = new ArrayList<>();
        nodes.add(Words.title("What it did show"));
        List<Measurement> kept = latest(state.job(), view.ownerId());
        kept.forEach(reading -> nodes.add(reading(reading)));
        nodes.add(entry(view));
        if (!kept.isEmpty()) {
            nodes.addAll(explained(view, kept));
        }
        return nodes;
    }

    /// The next reading is taken of what the bench's switch says, unless the far end was chosen at this point.
    private void follow(LoopView view) {
        boolean farEnd = setup.device().isEmpty()
                && shownFor.equals(Optional.of(view.point().id()));
        if (!farEnd) {
            setup = MeasurementSetup.of(view.device()).orElse(MeasurementSetup.AT_REST);
        }
    }

    /// The latest reading of each setup, the first taken first.
    private static List<Measurement> latest(Job job, PointId pointId) {
        List<Measurement> latest = new ArrayList<>();
        for (MeasurementSetup setup : MeasurementSetup.values()) {
            job.measurements().stream()
                    .filter(reading -> reading.pointId().equals(pointId) && reading.what() == setup.measured())
                    .max(Comparator.comparing(Measurement::at))
                    .ifPresent(latest::add);
        }
        return latest;
    }

    private Node reading(Measurement reading) {
        Flow line = new Flow(
                Words.of("question", reading.what().words()),
                Words.figure(reading.ohms().map(Figures::ohms).orElse("open")),
                Tool.of("×", "forget this reading", () -> openJob.apply(TakeOverEdits.forget(reading))));
        line.getStyleClass().add("section");
        return line;
    }

    private Node entry(LoopView view) {
        Flow row = new Flow(
                Choice.of(
                        "Reading taken of",
                        MeasurementSetup.of(view.fitted()),
                        setup,
                        its -> its.measured().words(),
                        this::prepare),
                new ValueField(
                        "Reading, " + setup.measured().words(), "type 4k38 or open", typed -> take(view, typed)));
        row.getStyleClass().add("section");
        return row;
    }

    private boolean take(LoopView view, String typed) {
        return openJob.apply(TypedReading.of(
                        typed, view.ownerId(), setup.measured(), view.wired().model(), clock.instant())
                .then(TakeOverEdits::measured));
    }

    private List<Node> explained(LoopView view, List<Measurement> kept) {
        List<Reading> readings = kept.stream().map(FaultFinder::asReading).toList();
        Diagnosis diagnosis = Diagnosis.of(view.fitted(), priors.get(), readings);
        List<MeasurementSetup> measured = readings.stream().map(Reading::setup).toList();
        List<Node> nodes = new ArrayList<>();
        nodes.add(Words.title(diagnosis.settled() ? "That is it" : "What can explain it"));
        diagnosis.explanations().stream()
                .filter(explanation -> explanation.probability() >= Diagnosis.LEAST_SHOWN)
                .limit(MOST_SHOWN)
                .forEach(explanation -> nodes.add(explanation(view, explanation, measured)));
        diagnosis
                .contradiction()
                .ifPresent(its -> nodes.add(Words.wrapped(Words.of("finding-says", FaultWords.says(its)))));
        if (diagnosis.byPriorOnly()) {
            nodes.add(Words.wrapped(
                    Words.quiet("The first two fit equally well; only how often they are met tells them apart.")));
        }
        diagnosis.next().ifPresent(next -> nodes.add(next(next)));
        return nodes;
    }

    private static Reading asReading(Measurement kept) {
        return Reading.ohms(
                MeasurementSetup.of(kept.what()).orElseThrow(), kept.ohms().orElse(Double.POSITIVE_INFINITY));
    }

    private static Node explanation(LoopView view, Explanation explanation, List<MeasurementSetup> measured) {
        Label share = Words.figure(Figures.percent(explanation.probability()));
        share.setMinWidth(Label.USE_PREF_SIZE);
        HBox head = new HBox(Words.wrapped(Words.of("finding-says", FaultWords.says(explanation))), share);
        head.getStyleClass().add("explanation-head");
        HBox.setHgrow(head.getChildren().getFirst(), Priority.ALWAYS);
        String predicts = FaultWords.predicts(explanation, view.fitted(), measured);
        VBox part = new VBox(
                head,
                new Gauge(explanation.probability(), 1, Figures.percent(explanation.probability())),
                Words.wrapped(Words.of("finding-why", predicts)));
        part.getStyleClass().add("explanation");
        return part;
    }

    private Node next(NextMeasurement next) {
        VBox words = new VBox(
                Words.of("finding-says", "Measure next"),
                Words.wrapped(Words.of("question", next.setup().order() + ".")));
        RowButton button = new RowButton("Measure next: " + next.setup().order(), () -> prepare(next.setup()), words);
        button.getStyleClass().add("measure-next");
        return button;
    }

    /// Puts the bench's switch where the next reading is taken.
    private void prepare(MeasurementSetup wanted) {
        setup = wanted;
        shownFor = Optional.of(openJob.now().selected());
        openJob.switchTo(setup.device().orElse(DeviceState.AT_REST), LoopFault.NONE);
    }
}
