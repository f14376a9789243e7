package io.answerback.core.check;

import io.answerback.core.bus.BusState;
import io.answerback.core.capacity.ConverterChoice;
import io.answerback.core.capacity.Inventory;
import io.answerback.core.capacity.Ways;
import io.answerback.core.chain.PointResult;
import io.answerback.core.commission.LoopReading;
import io.answerback.core.commission.Readings;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.departure.Departure;
import io.answerback.core.departure.Departures;
import io.answerback.core.radio.RadioState;
import io.answerback.core.setup.SetupState;
import io.answerback.core.site.Job;
import io.answerback.core.supply.Supplies;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/// Everything computed about a job as a whole.
///
/// @param job the site
/// @param points everything computed about its points
/// @param inventory what it needs of its panel against what there is
/// @param ways the cheapest ways to close a shortfall
/// @param departures where it does otherwise than the firm's rules
/// @param readings every loop that was measured, against what it should be
/// @param cores where every core goes
/// @param supplies what feeds it and for how long
/// @param bus who is on the keypad bus, and where each zone is
/// @param radio what the panel hears by radio
/// @param setup how its panel is to be set up, and how far it is
/// @param converters which converter takes the wired zones that have no input
/// @param today the day it is judged on; empty where nothing is to be judged by the date
public record JobFacts(
        Job job,
        List<PointResult> points,
        Inventory inventory,
        Ways ways,
        List<Departure> departures,
        List<LoopReading> readings,
        CorePlan cores,
        Supplies supplies,
        BusState bus,
        RadioState radio,
        SetupState setup,
        ConverterChoice converters,
        Optional<LocalDate> today) {
    /// Computes the facts of a job, taking over from `earlier` what rests on the very same parts.
    ///
    /// @param earlier facts of an earlier state of the same job; null for none
    /// @param today the day it is judged on; empty where nothing is to be judged by the date
    public static JobFacts of(Job job, List<PointResult> points, JobFacts earlier, Optional<LocalDate> today) {
        boolean sameStock = earlier != null && sameStock(job, earlier.job);
        Inventory inventory = sameStock ? earlier.inventory : Inventory.of(job);
        Ways ways = sameStock ? earlier.ways : Ways.of(job, inventory);
        boolean samePractice = earlier != null
                && earlier.job.practice() == job.practice()
                && earlier.job.points() == job.points()
                && earlier.job.inputs() == job.inputs()
                && earlier.job.modules() == job.modules()
                && earlier.job.areas() == job.areas()
                && earlier.job.setup() == job.setup()
                && earlier.job.panel() == job.panel();
        CorePlan cores =
                sameCables(job, earlier) ? earlier.cores : CorePlan.of(job, earlier == null ? null : earlier.cores);
        boolean sameSupplies = sameCables(job, earlier)
                && earlier.job.power() == job.power()
                && earlier.job.areas() == job.areas()
                && earlier.job.communicator() == job.communicator()
                && earlier.job.setup() == job.setup()
                && earlier.job.receivers() == job.receivers();
        Supplies supplies = sameSupplies ? earlier.supplies : Supplies.of(job, cores);
        boolean sameBus = sameSupplies
                && earlier.job.bus() == job.bus()
                && earlier.job.zones() == job.zones()
                && earlier.job.areas() == job.areas();
        return new JobFacts(
                job,
                points,
                inventory,
                ways,
                samePractice ? earlier.departures : Departures.of(job),
                sameLoops(job, earlier) ? earlier.readings : Readings.of(job, points),
                cores,
                supplies,
                sameBus ? earlier.bus : BusState.of(job, cores, supplies),
                sameRadio(job, earlier) ? earlier.radio : RadioState.of(job),
                sameSetup(job, earlier) ? earlier.setup : SetupState.of(job),
                sameStock ? earlier.converters : ConverterChoice.of(job, inventory),
                today);
    }

    private static boolean sameLoops(Job job, JobFacts earlier) {
        return earlier != null
                && earlier.job.measurements() == job.measurements()
                && earlier.job.points() == job.points()
                && earlier.job.cables() == job.cables()
                && earlier.job.inputs() == job.inputs();
    }

    private static boolean sameSetup(Job job, JobFacts earlier) {
        return earlier != null
                && sameStock(job, earlier.job)
                && earlier.job.setup() == job.setup()
                && earlier.job.zones() == job.zones()
                && earlier.job.power() == job.power()
                && earlier.job.practice() == job.practice();
    }

    private static boolean sameRadio(Job job, JobFacts earlier) {
        return earlier != null
                && sameStock(job, earlier.job)
                && earlier.job.radio() == job.radio()
                && earlier.job.practice() == job.practice();
    }

    private static boolean sameCables(Job job, JobFacts earlier) {
        return earlier != null
                && earlier.job.points() == job.points()
                && earlier.job.cables() == job.cables()
                && earlier.job.inputs() == job.inputs()
                && earlier.job.modules() == job.modules()
                && earlier.job.panel() == job.panel()
                && earlier.job.practice() == job.practice();
    }

    private static boolean sameStock(Job job, Job other) {
        return job.points() == other.points()
                && job.inputs() == other.inputs()
                && job.modules() == other.modules()
                && job.areas() == other.areas()
                && job.panel() == other.panel()
                && job.bus() == other.bus()
                && job.practice() == other.practice()
                && job.site() == other.site();
    }
}
