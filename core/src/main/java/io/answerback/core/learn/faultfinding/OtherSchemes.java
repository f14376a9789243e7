package io.answerback.core.learn.faultfinding;

import io.answerback.core.learn.exercise.Reckoning.Elsewhere;
import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import java.util.List;

/// What a fault would look like on the other schemes that an input reads.
///
/// @param planned the loop it was found on
/// @param input how its input measures
record OtherSchemes(FittedLoop planned, InputModel input) {

    List<Elsewhere> of(HiddenFault fault) {
        return input.schemes().stream()
                .filter(bands -> bands.scheme() != planned.wiring().scheme())
                .filter(bands -> bands.scheme() != SchemeKind.TWO_WIRE_SMOKE)
                .filter(bands -> possible(fault, loop(bands)))
                .map(bands -> on(fault, bands))
                .toList();
    }

    private FittedLoop loop(SchemeBands bands) {
        return planned.withWiring(planned.wiring().expectedBy(bands));
    }

    private static boolean possible(HiddenFault fault, FittedLoop loop) {
        return new FaultyLoop(loop).possible(fault.cause())
                && fault.part().stream().allMatch(part -> LoopNetwork.possible(part.kind(), loop));
    }

    private Elsewhere on(HiddenFault fault, SchemeBands bands) {
        BandChart chart = BandChart.of(bands, input);
        return new Elsewhere(
                bands.scheme().words(),
                read(fault, loop(bands), chart, MeasurementSetup.AT_REST),
                read(fault, loop(bands), chart, MeasurementSetup.ACTIVE));
    }

    private static String read(HiddenFault fault, FittedLoop loop, BandChart chart, MeasurementSetup setup) {
        double ohms = fault.reads(loop, setup, true).nominalOhms();
        return (Double.isInfinite(ohms) ? "open" : Figures.ohms(ohms)) + ", "
                + chart.reads(ohms).map(Meaning::word).orElse("undefined");
    }
}
