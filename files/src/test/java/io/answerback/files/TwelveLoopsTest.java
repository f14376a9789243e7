package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.loop.FarEnd;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.Explanation;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Twelve made-up faulty loops, measured as an engineer would: at rest, then whatever is advised, with the shares
/// the application ships.
class TwelveLoopsTest {
    private record Faulty(String point, Cause cause, LoopFault fault) {}

    private static final List<Faulty> LOOPS = List.of(
            new Faulty("01", Cause.CUT, LoopFault.of(FaultKind.CUT)),
            new Faulty("04", Cause.SHORT, LoopFault.shortAt(21)),
            new Faulty("06", Cause.LEAK, new LoopFault(FaultKind.LEAK, 12_000)),
            new Faulty("09", Cause.LEAK, new LoopFault(FaultKind.LEAK, 4_300)),
            new Faulty("10", Cause.JOINT, new LoopFault(FaultKind.JOINT, 830)),
            new Faulty("13", Cause.RESISTOR_BRIDGED, LoopFault.of(FaultKind.NO_RESISTOR)),
            new Faulty("14", Cause.WRONG_RESISTOR, new LoopFault(FaultKind.WRONG_RESISTOR, 3300)),
            new Faulty("17", Cause.WRONG_ALARM_RESISTOR, new LoopFault(FaultKind.WRONG_ALARM_RESISTOR, 2200)),
            new Faulty("18", Cause.SWAPPED, LoopFault.of(FaultKind.SWAPPED)),
            new Faulty("19", Cause.ALARM_RESISTOR_MISSING, LoopFault.of(FaultKind.ALARM_RESISTOR_MISSING)),
            new Faulty("22", Cause.WRONG_FORM, LoopFault.of(FaultKind.WRONG_FORM)),
            new Faulty("23", Cause.RESISTOR_IN_PANEL, LoopFault.of(FaultKind.RESISTOR_IN_PANEL)));

    private final Job job = DemoJobs.job(1);

    /// What a meter shows, worked out from the network and not from what the diagnosis takes for granted.
    private static Reading measured(FittedLoop loop, LoopFault fault, MeasurementSetup setup) {
        DeviceState device = setup.device().orElse(DeviceState.AT_REST);
        FarEnd farEnd = switch (setup) {
            case FAR_END_SHORTED -> FarEnd.BRIDGED;
            case FAR_END_LIFTED -> FarEnd.LIFTED;
            default -> FarEnd.DEVICE;
        };
        LoopFault left = setup == MeasurementSetup.NEW_RESISTOR && mendedByNewResistor(fault) ? LoopFault.NONE : fault;
        double ohms = setup == MeasurementSetup.TO_ZERO_VOLTS
                ? Double.POSITIVE_INFINITY
                : LoopNetwork.of(loop, device, left, farEnd).ohms(Extreme.NOMINAL);
        return Reading.ohms(setup, ohms);
    }

    private static boolean mendedByNewResistor(LoopFault fault) {
        return fault.kind() == FaultKind.WRONG_RESISTOR
                || fault.kind() == FaultKind.NO_RESISTOR
                || fault.kind() == FaultKind.SWAPPED;
    }

    @Test
    void theTrueCauseIsFirstOrSecondAndTheAdviceSeparatesTheRest() {
        List<String> missed = new ArrayList<>();
        for (Faulty faulty : LOOPS) {
            FittedLoop loop = FittedLoop.of(
                    job.point(new PointId(faulty.point())).orElseThrow(),
                    job.cableTo(new PointId(faulty.point())).orElseThrow());
            List<Reading> readings = new ArrayList<>(List.of(measured(loop, faulty.fault(), MeasurementSetup.AT_REST)));
            readings.add(measured(loop, faulty.fault(), MeasurementSetup.ACTIVE));
            Diagnosis diagnosis = Diagnosis.of(loop, DataFiles.priors(), readings);
            double before = probability(diagnosis, faulty.cause());
            for (int more = 0; more < 3 && diagnosis.next().isPresent(); more++) {
                readings.add(
                        measured(loop, faulty.fault(), diagnosis.next().get().setup()));
                diagnosis = Diagnosis.of(loop, DataFiles.priors(), readings);
            }
            List<Cause> first = diagnosis.explanations().stream()
                    .limit(2)
                    .map(Explanation::cause)
                    .toList();
            boolean separated = probability(diagnosis, faulty.cause()) >= before;
            if (!first.contains(faulty.cause()) || !separated) {
                missed.add("%s at %s: %s".formatted(faulty.cause(), faulty.point(), diagnosis.explanations()));
            }
        }
        assertThat(missed).hasSizeLessThanOrEqualTo(1);
    }

    private static double probability(Diagnosis diagnosis, Cause cause) {
        return diagnosis.explanations().stream()
                .filter(explanation -> explanation.cause() == cause)
                .mapToDouble(Explanation::probability)
                .sum();
    }
}
