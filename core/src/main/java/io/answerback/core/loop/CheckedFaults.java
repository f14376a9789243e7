package io.answerback.core.loop;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.practice.Practice;
import java.util.ArrayList;
import java.util.List;

/// The faults loops are tried with. What is tried is no rule of what is allowed: a joint of 1 kΩ and a resistor
/// of ten times its value, one band of its multiplier off, stand for their kind.
///
/// @param leakOhms a wet joint, in ohms
public record CheckedFaults(double leakOhms) {
    /// The joint that is tried, in ohms.
    public static final double JOINT_OHMS = 1000;
    /// The wrong resistor that is tried, as a multiple of the planned one.
    public static final double WRONG_TIMES = 10;

    private static final double MOST_OHMS = 1e6;

    /// @throws IllegalArgumentException when the leak is below 1 Ω or above 1 GΩ
    public CheckedFaults {
        Require.within(leakOhms, 1, 1e9, "trial leak in ohms");
    }

    /// What the rules of a job try loops with.
    public static CheckedFaults of(Practice practice) {
        return new CheckedFaults(practice.dampJointOhms());
    }

    /// Every case of a loop: the device states, then the faults of its cable, then those of its fitting.
    public List<LoopCase> cases(FittedLoop loop) {
        List<LoopCase> cases = new ArrayList<>();
        loop.scheme().deviceStates(loop).forEach(device -> cases.add(LoopCase.sound(device)));
        double metres = loop.cable().metres();
        cases.add(atRest("cable-cut", LoopFault.of(FaultKind.CUT)));
        cases.add(atRest("short-at-device", LoopFault.shortAt(metres)));
        cases.add(atRest("short-halfway", LoopFault.shortAt(metres / 2)));
        cases.add(atRest("short-at-panel", LoopFault.shortAt(0)));
        if (loop.scheme().hasEndOfLine()) {
            cases.add(atRest("no-resistor", LoopFault.of(FaultKind.NO_RESISTOR)));
        }
        bothWays(cases, fault(FaultKind.LEAK, loop));
        bothWays(cases, fault(FaultKind.LEAK_TO_ZERO_VOLTS, loop));
        bothWays(cases, fault(FaultKind.JOINT, loop));
        for (FaultKind kind : FaultKind.values()) {
            if (kind.ofFitting() && kind != FaultKind.WRONG_ALARM_RESISTOR && LoopNetwork.possible(kind, loop)) {
                DeviceState device =
                        kind == FaultKind.ALARM_RESISTOR_MISSING ? DeviceState.ACTIVE : DeviceState.AT_REST;
                cases.add(new LoopCase(kind.id(), device, fault(kind, loop)));
            }
        }
        return List.copyOf(cases);
    }

    /// A fault of a kind with the value it is tried at; a short is tried at the device.
    public LoopFault fault(FaultKind kind, FittedLoop loop) {
        return switch (kind) {
            case SHORT -> LoopFault.shortAt(loop.cable().metres());
            case LEAK, LEAK_TO_ZERO_VOLTS -> new LoopFault(kind, leakOhms);
            case JOINT -> new LoopFault(kind, JOINT_OHMS);
            case WRONG_RESISTOR -> new LoopFault(kind, wrong(loop.wiring().endOfLineOhms()));
            case WRONG_ALARM_RESISTOR -> new LoopFault(kind, wrong(loop.wiring().alarmOhms()));
            case SOUND,
                    CUT,
                    NO_RESISTOR,
                    RESISTOR_IN_PANEL,
                    DOUBLED,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    WRONG_FORM,
                    TWO_LOOPS -> LoopFault.of(kind);
        };
    }

    private static double wrong(double ohms) {
        return Math.min(MOST_OHMS, ohms * WRONG_TIMES);
    }

    private static LoopCase atRest(String id, LoopFault fault) {
        return new LoopCase(id, DeviceState.AT_REST, fault);
    }

    private static void bothWays(List<LoopCase> cases, LoopFault fault) {
        cases.add(atRest(fault.kind().id() + "-at-rest", fault));
        cases.add(new LoopCase(fault.kind().id() + "-active", DeviceState.ACTIVE, fault));
    }
}
