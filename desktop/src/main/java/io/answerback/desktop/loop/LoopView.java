package io.answerback.desktop.loop;

import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.StateWords;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What the loop bench shows: a point whose loop could be computed, and the case its switches say.
///
/// @param leastMargin the least margin the rules allow, 0 to 1
/// @param oneCable whether the loop runs through one cable, which can be changed here
/// @param ownerId the number of the point whose loop it is, under which its readings are kept
/// @param trial the faults loops are tried with
/// @param box what the module is called whose input reads it
/// @param wired the point with its parts
/// @param other the point that shares the input, where two zones do
/// @param result its loop as computed, or as it would be with one figure moved
/// @param device what the devices are doing
/// @param fault what is the matter with the loop
/// @param shown the reading of that case
record LoopView(
        double leastMargin,
        boolean oneCable,
        PointId ownerId,
        String box,
        CheckedFaults trial,
        WiredPoint wired,
        Optional<Point> other,
        LoopResult result,
        DeviceState device,
        LoopFault fault,
        CaseReading shown) {

    static Optional<LoopView> of(WindowState state) {
        return state.point().wired().filter(its -> its.loop().isPresent()).map(its -> of(state, its));
    }

    private static LoopView of(WindowState state, WiredPoint wired) {
        FittedLoop fitted = wired.fitted().orElseThrow();
        LoopResult result = wired.loop().orElseThrow();
        DeviceState asked = state.device() == DeviceState.ACTIVE ? wired.active() : state.device();
        DeviceState device = fitted.scheme().deviceStates(fitted).contains(asked) ? asked : DeviceState.AT_REST;
        LoopCase loopCase = new LoopCase("shown", device, state.fault());
        return new LoopView(
                state.job().practice().leastLoopMargin(),
                state.job().cable(fitted.cable().id()).isPresent(),
                state.job().loopOwner(wired.point().id()).orElse(wired.point()).id(),
                wired.input().map(input -> state.job().nameOf(input.module())).orElse("No input"),
                CheckedFaults.of(state.job().practice()),
                wired,
                other(state.job(), wired),
                result,
                device,
                state.fault(),
                LoopCheck.tryOut(fitted, result.chart(), loopCase));
    }

    private static Optional<Point> other(Job job, WiredPoint wired) {
        if (wired.second()) {
            return job.loopOwner(wired.point().id());
        }
        return wired.input()
                .flatMap(own -> job.inputs().stream()
                        .filter(input -> input.shares().filter(own.id()::equals).isPresent())
                        .findFirst()
                        .flatMap(Input::pointId)
                        .flatMap(job::point));
    }

    /// The same with one figure of the loop moved.
    LoopView moved(LoopResult other) {
        CaseReading reading = fault.kind() == FaultKind.SOUND ? other.of(LoopCase.sound(device)) : shown;
        return new LoopView(
                leastMargin, oneCable, ownerId, box, trial, wired, this.other, other, device, fault, reading);
    }

    Point point() {
        return wired.point();
    }

    LoopWiring wiring() {
        return wired.point().loop();
    }

    FittedLoop fitted() {
        return wired.fitted().orElseThrow();
    }

    BandChart chart() {
        return result.chart();
    }

    List<DeviceState> deviceStates() {
        return fitted().scheme().deviceStates(fitted());
    }

    /// The faults the bench can switch on, none first.
    List<LoopFault> faults() {
        return Stream.concat(
                        Stream.of(LoopFault.NONE),
                        result.cases().stream()
                                .map(reading -> reading.loopCase().fault()))
                .distinct()
                .toList();
    }

    String word(DeviceState state) {
        return StateWords.of(point(), state);
    }
}
