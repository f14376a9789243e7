package io.answerback.core.assess;

import io.answerback.core.acceptance.AcceptancePlan;
import io.answerback.core.acceptance.LineState;
import io.answerback.core.behaviour.EntryWalk;
import io.answerback.core.bus.BusState;
import io.answerback.core.capacity.CapacityOptions;
import io.answerback.core.capacity.ConverterChoice;
import io.answerback.core.capacity.Inventory;
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
import io.answerback.core.id.PointId;
import io.answerback.core.memo.Facts;
import io.answerback.core.memo.Memo;
import io.answerback.core.radio.RadioState;
import io.answerback.core.setup.SetupState;
import io.answerback.core.site.Job;
import io.answerback.core.supply.Supplies;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything computed from one job.
///
/// @param job the job it was computed from
/// @param points everything computed about every point, zone points first
/// @param inventory what it needs of its panel against what there is
/// @param ways the cheapest ways to close a shortfall
/// @param converters which converter takes the wired zones that have no input
/// @param departures where it does otherwise than the firm's rules
/// @param readings every loop that was measured, against what it should be
/// @param cores where every core goes
/// @param supplies what feeds it and for how long
/// @param bus who is on the keypad bus, and where each zone is
/// @param radio what the panel hears by radio
/// @param setup how its panel is to be set up, and how far it is
/// @param walks the ways in, walked
/// @param plan everything that has to be shown before it is handed over, and how it stands
/// @param service visits, what is taken, how long it takes, what falls due, and what is looked at before leaving
/// @param findings everything that was found, worst first
/// @param stops how far each stop has come, in the order of work
/// @param index the same by point
/// @param memo what is taken over when the job is another
public record Assessment(
        Job job,
        List<PointResult> points,
        Inventory inventory,
        CapacityOptions ways,
        ConverterChoice converters,
        List<Departure> departures,
        List<LoopReading> readings,
        CorePlan cores,
        Supplies supplies,
        BusState bus,
        RadioState radio,
        SetupState setup,
        List<EntryWalk> walks,
        List<LineState> plan,
        ServiceState service,
        List<Finding> findings,
        List<StopProgress> stops,
        PointIndex index,
        Memo memo) {
    static Assessment of(Job job, Facts facts, Memo memo) {
        return new Assessment(
                job,
                facts.of(PointFacts.ALL),
                facts.of(Inventory.FACT),
                facts.of(CapacityOptions.FACT),
                facts.of(ConverterChoice.FACT),
                facts.of(Departures.FACT),
                facts.of(Readings.FACT),
                facts.of(CorePlan.FACT),
                facts.of(Supplies.FACT),
                facts.of(BusState.FACT),
                facts.of(RadioState.FACT),
                facts.of(SetupState.FACT),
                facts.of(EntryWalk.ALL),
                facts.of(AcceptancePlan.STATES),
                ServiceState.of(facts),
                facts.of(AllFindings.FACT).sorted(),
                facts.of(JobProgress.FACT),
                facts.of(PointIndex.FACT),
                memo);
    }

    /// Everything computed about this zone point or system point; empty when there is none.
    public Optional<PointResult> point(PointId id) {
        return index.result(id);
    }

    /// The findings that belong at a stop for a point: the point's own first, then those of no point.
    public List<Finding> findingsAt(Stop stop, PointId pointId) {
        List<Finding> here =
                findings.stream().filter(finding -> finding.stop() == stop).toList();
        return Stream.concat(
                        here.stream()
                                .filter(finding ->
                                        finding.point().filter(pointId::equals).isPresent()),
                        here.stream().filter(finding -> finding.point().isEmpty()))
                .toList();
    }

    /// How the work on one point stands at a stop: what was found there in the point, else whether it is done.
    public Mark mark(Stop stop, PointResult point) {
        return index.findings(point.pointId())
                .filter(finding -> finding.stop() == stop)
                .map(Finding::grade)
                .max(Comparator.naturalOrder())
                .flatMap(AllFindings::mark)
                .orElse(PointProgress.done(stop, point) ? Mark.SOUND : Mark.NOT_DONE);
    }

    /// How far one stop has come.
    public StopProgress progress(Stop stop) {
        return stops.get(stop.ordinal());
    }
}
