package io.answerback.core.assess;

import io.answerback.core.bus.BusState;
import io.answerback.core.capacity.ConverterChoice;
import io.answerback.core.capacity.Inventory;
import io.answerback.core.capacity.Ways;
import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointFacts;
import io.answerback.core.chain.PointResult;
import io.answerback.core.commission.LoopReading;
import io.answerback.core.commission.Readings;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.departure.Departure;
import io.answerback.core.departure.Departures;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Stop;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactStore;
import io.answerback.core.radio.RadioState;
import io.answerback.core.setup.SetupState;
import io.answerback.core.site.Job;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.supply.Supplies;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything computed from one job.
///
/// @param job the job it was computed from
/// @param facts everything that follows from it
public record Assessment(Job job, FactStore facts) {
    private static final List<Fact<?>> EVERYTHING = List.of(
            PointFacts.ALL,
            Inventory.FACT,
            Ways.FACT,
            ConverterChoice.FACT,
            Departures.FACT,
            Readings.FACT,
            CorePlan.FACT,
            Supplies.FACT,
            BusState.FACT,
            RadioState.FACT,
            SetupState.FACT,
            AllFindings.FACT,
            Progress.FACT);

    /// Computes everything now, so that nothing is left to be computed where it is looked at.
    void compute() {
        EVERYTHING.forEach(facts::of);
    }

    /// Everything computed about every point, zone points first.
    public List<PointResult> points() {
        return facts.of(PointFacts.ALL);
    }

    /// Everything computed about this zone point or system point; empty when there is none.
    public Optional<PointResult> point(String id) {
        return job.point(id).isPresent() || SystemPoint.of(id).isPresent()
                ? Optional.of(facts.of(PointFacts.RESULT, id))
                : Optional.empty();
    }

    /// What the job needs of its panel against what there is.
    public Inventory inventory() {
        return facts.of(Inventory.FACT);
    }

    /// The cheapest ways to close a shortfall.
    public Ways ways() {
        return facts.of(Ways.FACT);
    }

    /// Which converter takes the wired zones that have no input.
    public ConverterChoice converters() {
        return facts.of(ConverterChoice.FACT);
    }

    /// Where the job does otherwise than the firm's rules.
    public List<Departure> departures() {
        return facts.of(Departures.FACT);
    }

    /// Every loop that was measured, against what it should be.
    public List<LoopReading> readings() {
        return facts.of(Readings.FACT);
    }

    /// Where every core goes.
    public CorePlan cores() {
        return facts.of(CorePlan.FACT);
    }

    /// What feeds the job and for how long.
    public Supplies supplies() {
        return facts.of(Supplies.FACT);
    }

    /// Who is on the keypad bus, and where each zone is.
    public BusState bus() {
        return facts.of(BusState.FACT);
    }

    /// What the panel hears by radio.
    public RadioState radio() {
        return facts.of(RadioState.FACT);
    }

    /// How the panel is to be set up, and how far it is.
    public SetupState setup() {
        return facts.of(SetupState.FACT);
    }

    /// Everything that was found, worst first.
    public List<Finding> findings() {
        return facts.of(AllFindings.FACT);
    }

    /// How far each stop has come, in the order of work.
    public List<StopProgress> stops() {
        return facts.of(Progress.FACT);
    }

    /// The findings that belong at a stop for a point: the point's own first, then those of no point.
    public List<Finding> findingsAt(Stop stop, String pointId) {
        List<Finding> here =
                findings().stream().filter(finding -> finding.stop() == stop).toList();
        return Stream.concat(
                        here.stream().filter(finding -> finding.point().equals(pointId)),
                        here.stream().filter(finding -> finding.point().isEmpty()))
                .toList();
    }

    /// How the work on one point stands at a stop: what was found there in the point, else whether it is done.
    public Mark mark(Stop stop, PointResult point) {
        return AllFindings.worst(facts.of(AllFindings.BY_POINT).getOrDefault(point.pointId(), List.of()).stream()
                        .filter(finding -> finding.stop() == stop))
                .orElse(
                        facts.of(PointProgress.FACT, point.pointId()).done().contains(stop)
                                ? Mark.SOUND
                                : Mark.NOT_DONE);
    }

    /// How far one stop has come.
    public StopProgress progress(Stop stop) {
        return stops().get(stop.ordinal());
    }
}
