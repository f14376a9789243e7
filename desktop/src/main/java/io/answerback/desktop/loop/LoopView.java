package io.answerback.desktop.loop;

import io.answerback.chain.PointResult;
import io.answerback.desktop.desk.DeskState;
import io.answerback.job.Cable;
import io.answerback.job.Input;
import io.answerback.job.LoopWiring;
import io.answerback.job.PanelProfile;
import io.answerback.job.Point;
import io.answerback.job.SchemeBands;
import io.answerback.loop.CableState;
import io.answerback.loop.CaseReading;
import io.answerback.loop.DeviceState;
import io.answerback.loop.LoopCase;
import io.answerback.loop.LoopCheck;
import io.answerback.loop.LoopResult;
import io.answerback.loop.LoopScheme;
import java.util.Optional;

/// What the loop bench shows: a point whose loop could be computed, and the case its switches say.
///
/// @param profile the panel's profile
/// @param leastMargin the least margin the rules allow, 0 to 1
/// @param point the point
/// @param cable its cable
/// @param input its input; empty when it has none
/// @param bands how the panel reads its scheme
/// @param result its loop as computed
/// @param shown the reading of the case the switches say
record LoopView(
        PanelProfile profile,
        double leastMargin,
        double dampJointOhms,
        Point point,
        Cable cable,
        Optional<Input> input,
        SchemeBands bands,
        LoopResult result,
        CaseReading shown) {

    static Optional<LoopView> of(DeskState state) {
        Optional<PointResult.Wired> wired = state.point().wired();
        if (wired.flatMap(PointResult.Wired::loop).isEmpty()) {
            return Optional.empty();
        }
        PointResult.Wired parts = wired.get();
        LoopWiring wiring = parts.point().loop();
        Cable cable = parts.cable().orElseThrow();
        PanelProfile profile = state.job().panel().profile();
        SchemeBands bands = profile.reads(wiring.scheme()).orElseThrow();
        double damp = state.job().practice().dampJointOhms();
        DeviceState device = LoopScheme.of(wiring.scheme()).deviceStates().contains(state.device())
                ? state.device()
                : DeviceState.AT_REST;
        CaseReading shown = LoopCheck.tryOut(wiring, cable, bands, new LoopCase("shown", device, state.cable()), damp);
        return Optional.of(new LoopView(
                profile,
                state.job().practice().leastLoopMargin(),
                damp,
                parts.point(),
                cable,
                parts.input(),
                bands,
                parts.loop().orElseThrow(),
                shown));
    }

    DeviceState device() {
        return shown.loopCase().device();
    }

    CableState cableState() {
        return shown.loopCase().cable();
    }

    String word(DeviceState device) {
        return switch (device) {
            case AT_REST -> point.kind().words().restWord();
            case ACTIVE -> point.kind().words().activeWord();
            case COVER_OFF -> "cover off";
        };
    }

    static String word(CableState cable) {
        return switch (cable) {
            case SOUND -> "sound";
            case CUT -> "cut";
            case SHORT_AT_DEVICE -> "short at device";
            case SHORT_AT_PANEL -> "short at panel";
            case DAMP -> "damp";
            case NO_RESISTOR -> "no resistor";
        };
    }
}
