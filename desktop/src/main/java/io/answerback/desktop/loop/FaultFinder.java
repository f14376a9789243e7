package io.answerback.desktop.loop;

import io.answerback.core.loop.commission.PointDiagnosis;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.Explanation;
import io.answerback.core.loop.fault.FaultWords;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.NextMeasurement;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// What a meter showed at this loop, what can explain it, and what to measure next.
final class FaultFinder {
    private static final int MOST_SHOWN = 3;

    private final Actions actions;
    private final Supplier<Priors> priors;
    private final InstantSource clock;
    private MeasurementSetup setup = MeasurementSetup.AT_REST;
    private Optional<PointId> shownFor = Optional.empty();

    FaultFinder(Actions actions, Supplier<Priors> priors, InstantSource clock) {
        this.actions = actions;
        this.priors = priors;
        this.clock = clock;
    }

    /// The part of the side sheet it fills.
    List<Part> of(WindowState state, LoopView view) {
        follow(view);
        List<Part> nodes = new ArrayList<>();
        nodes.add(Words.title("What it did show"));
        List<Measurement> kept = PointDiagnosis.latest(state.job().measurements(), view.ownerId());
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

    private Part reading(Measurement reading) {
        Parts line = Parts.flow(
                Words.of("question", reading.what().words()),
                Words.figure(reading.ohms().map(Figures::ohms).orElse("open")),
                Tool.of("×", "forget this reading", () -> actions.apply(TakeOverEdits.forget(reading))));
        line.style("section");
        return line.group();
    }

    private Part entry(LoopView view) {
        Parts row = Parts.flow(
                Choice.of(
                        "Reading taken of",
                        MeasurementSetup.of(view.fitted()),
                        setup,
                        its -> its.measured().words(),
                        this::prepare),
                Value.of("Reading, " + setup.measured().words(), "type 4k38 or open", typed -> take(view, typed)));
        row.style("section");
        return row.group();
    }

    private boolean take(LoopView view, String typed) {
        return actions.apply(TypedReading.of(
                        typed, view.ownerId(), setup.measured(), view.wired().model(), clock.instant())
                .then(TakeOverEdits::measured));
    }

    private List<Part> explained(LoopView view, List<Measurement> kept) {
        Diagnosis diagnosis = PointDiagnosis.of(
                view.fitted(),
                priors.get().withKit(PointDiagnosis.kitOhms(actions.now().job())),
                kept);
        List<MeasurementSetup> measured = kept.stream()
                .flatMap(reading -> MeasurementSetup.of(reading.what()).stream())
                .toList();
        List<Part> nodes = new ArrayList<>();
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

    private static Part explanation(LoopView view, Explanation explanation, List<MeasurementSetup> measured) {
        Group head = Group.row(
                        Words.wrapped(Words.of("finding-says", FaultWords.says(explanation)))
                                .growing(),
                        Words.whole(Words.figure(Figures.percent(explanation.probability()))))
                .style("explanation-head");
        String predicts = FaultWords.predicts(explanation, view.fitted(), measured);
        Parts part = Parts.column(
                head,
                new Gauge(explanation.probability(), 1, Figures.percent(explanation.probability())),
                Words.wrapped(Words.of("finding-why", predicts)));
        part.style("explanation");
        return part.group();
    }

    private Part next(NextMeasurement next) {
        Group words = Group.column(
                Words.of("finding-says", "Measure next"),
                Words.wrapped(Words.of("question", next.setup().order() + ".")));
        return Press.of("Measure next: " + next.setup().order(), () -> prepare(next.setup()), words)
                .styled("measure-next");
    }

    /// Puts the bench's switch where the next reading is taken.
    private void prepare(MeasurementSetup wanted) {
        setup = wanted;
        shownFor = Optional.of(actions.now().selected());
        actions.switchTo(setup.device().orElse(DeviceState.AT_REST), LoopFault.NONE);
    }
}
