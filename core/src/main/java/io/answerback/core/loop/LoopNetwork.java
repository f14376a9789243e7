package io.answerback.core.loop;

import io.answerback.core.loop.scheme.Contacts;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.LoopPart.Cut;
import io.answerback.core.loop.scheme.LoopPart.Leak;
import io.answerback.core.loop.scheme.LoopPart.Parallel;
import io.answerback.core.loop.scheme.LoopPart.Resistor;
import io.answerback.core.loop.scheme.LoopPart.Series;
import io.answerback.core.loop.scheme.LoopPart.Short;
import io.answerback.core.loop.scheme.LoopScheme;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.model.site.LoopWiring;

/// Puts the parts of one loop together as the panel's terminals see them.
public final class LoopNetwork {
    private LoopNetwork() {}

    /// The whole loop in one case.
    public static LoopPart of(FittedLoop loop, LoopCase loopCase) {
        return of(loop, loopCase.device(), loopCase.fault(), FarEnd.DEVICE);
    }

    /// The whole loop while it is measured.
    ///
    /// @param loop the parts that were planned
    /// @param device what the devices are doing
    /// @param fault what is the matter
    /// @param farEnd what is at the far end of the cable
    public static LoopPart of(FittedLoop loop, DeviceState device, LoopFault fault, FarEnd farEnd) {
        LoopPart one = single(loop, device, fault, farEnd);
        return fault.kind() == FaultKind.TWO_LOOPS
                ? Parallel.of(one, single(loop, DeviceState.AT_REST, LoopFault.NONE, FarEnd.DEVICE))
                : one;
    }

    private static LoopPart single(FittedLoop loop, DeviceState device, LoopFault fault, FarEnd farEnd) {
        FittedLoop fitted = loop.withWiring(fitted(loop.wiring(), fault));
        LoopScheme scheme = fitted.scheme();
        LoopPart alarmResistor = fault.kind() == FaultKind.ALARM_RESISTOR_MISSING
                ? new Cut()
                : fitted.resistor(fitted.wiring().alarmOhms());
        LoopPart contacts = scheme.contacts(fitted, meant(device, fault), alarmResistor);
        if (!scheme.hasEndOfLine()) {
            return field(fitted.cable(), fault, at(farEnd, watched(fitted, device, contacts)));
        }
        LoopPart resistor = endOfLine(fitted, fault);
        return fitted.wiring().place() == ResistorPlace.IN_PANEL
                ? scheme.joined(field(fitted.cable(), fault, at(farEnd, watched(fitted, device, contacts))), resistor)
                : field(fitted.cable(), fault, at(farEnd, watched(fitted, device, scheme.joined(contacts, resistor))));
    }

    /// A loop with a leak across the pair where it does most harm: at the panel's end of the cable. With x Ω of
    /// cable before the leak and y Ω of loop behind it the input sees x + leak·y / (leak + y), which falls as
    /// the leak moves towards the panel, since x + y stays the same; without a leak it is highest. So a band
    /// that holds the loop without the leak and with it here holds it with the leak anywhere.
    ///
    /// @param leakOhms the leak, in ohms
    static LoopPart withLeakAtWorst(FittedLoop loop, DeviceState device, double leakOhms) {
        boolean besideCable = loop.scheme().hasEndOfLine() && loop.wiring().place() == ResistorPlace.IN_PANEL;
        if (!besideCable) {
            return Parallel.of(new Leak(leakOhms), single(loop, device, LoopFault.NONE, FarEnd.DEVICE));
        }
        LoopPart contacts =
                loop.scheme().contacts(loop, device, loop.resistor(loop.wiring().alarmOhms()));
        LoopPart cable = field(loop.cable(), LoopFault.NONE, watched(loop, device, contacts));
        return loop.scheme().joined(Parallel.of(new Leak(leakOhms), cable), endOfLine(loop, LoopFault.NONE));
    }

    /// What is at the far end, with the contact of a relay that watches the supply before it where there is one.
    private static LoopPart watched(FittedLoop loop, DeviceState device, LoopPart farEnd) {
        return loop.supplyLoss() == SupplyLoss.LOOP_OPENS
                ? Series.of(Contacts.one(loop, device != DeviceState.UNPOWERED), farEnd)
                : farEnd;
    }

    private static LoopPart at(FarEnd farEnd, LoopPart device) {
        return switch (farEnd) {
            case DEVICE -> device;
            case BRIDGED -> new Short();
            case LIFTED -> new Cut();
        };
    }

    /// A sound loop's far end behind a cable that has one of the faults of cables; for loops with nothing at the
    /// panel's end.
    ///
    /// @param farEnd what is at the far end
    public static LoopPart behindCable(FittedLoop loop, LoopFault fault, LoopPart farEnd) {
        return field(loop.cable(), fault, farEnd);
    }

    /// The cable with what is at its far end. A leak to 0 V passes by the core that should bring the current
    /// back, which is half of the copper.
    private static LoopPart field(Cable cable, LoopFault fault, LoopPart farEnd) {
        LoopPart whole = run(cable, cable.metres());
        return switch (fault.kind()) {
            case CUT -> Series.of(whole, new Cut());
            case SHORT -> Series.of(run(cable, Math.min(fault.value(), cable.metres())), new Short());
            case LEAK -> Series.of(whole, Parallel.of(new Leak(fault.value()), farEnd));
            case LEAK_TO_ZERO_VOLTS -> {
                LoopPart core = run(cable, cable.metres() / 2);
                yield Series.of(core, Parallel.of(new Leak(fault.value()), Series.of(farEnd, core)));
            }
            case JOINT -> Series.of(whole, new Resistor(fault.value(), 0), farEnd);
            case SOUND,
                    NO_RESISTOR,
                    RESISTOR_IN_PANEL,
                    DOUBLED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    WRONG_FORM,
                    TWO_LOOPS -> Series.of(whole, farEnd);
        };
    }

    private static LoopPart.Copper run(Cable cable, double metres) {
        return new LoopPart.Copper(metres, cable.conductor(), cable.coldestCelsius(), cable.hottestCelsius());
    }

    private static LoopPart endOfLine(FittedLoop loop, LoopFault fault) {
        LoopPart one = loop.resistor(loop.wiring().endOfLineOhms());
        return switch (fault.kind()) {
            case NO_RESISTOR -> loop.scheme().leftOut();
            case DOUBLED -> loop.scheme().doubled(one);
            case SOUND,
                    CUT,
                    SHORT,
                    LEAK,
                    LEAK_TO_ZERO_VOLTS,
                    JOINT,
                    RESISTOR_IN_PANEL,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    WRONG_FORM,
                    TWO_LOOPS -> one;
        };
    }

    /// The parts as they really are under a fault.
    public static LoopWiring fitted(LoopWiring planned, LoopFault fault) {
        return switch (fault.kind()) {
            case WRONG_RESISTOR -> planned.withEndOfLineOhms(fault.value());
            case WRONG_ALARM_RESISTOR -> planned.withAlarmOhms(fault.value());
            case SWAPPED -> planned.withEndOfLineOhms(planned.alarmOhms()).withAlarmOhms(planned.endOfLineOhms());
            case RESISTOR_IN_PANEL -> planned.withPlace(ResistorPlace.IN_PANEL);
            case SOUND,
                    CUT,
                    SHORT,
                    LEAK,
                    LEAK_TO_ZERO_VOLTS,
                    JOINT,
                    NO_RESISTOR,
                    DOUBLED,
                    ALARM_RESISTOR_MISSING,
                    WRONG_FORM,
                    TWO_LOOPS -> planned;
        };
    }

    /// The state the contacts are really in: the other one where the contact has the wrong form.
    public static DeviceState meant(DeviceState device, LoopFault fault) {
        if (fault.kind() != FaultKind.WRONG_FORM) {
            return device;
        }
        return switch (device) {
            case AT_REST -> DeviceState.ACTIVE;
            case ACTIVE -> DeviceState.AT_REST;
            case MASKED -> DeviceState.ACTIVE_AND_MASKED;
            case ACTIVE_AND_MASKED -> DeviceState.MASKED;
            case SECOND_ACTIVE -> DeviceState.BOTH_ACTIVE;
            case BOTH_ACTIVE -> DeviceState.SECOND_ACTIVE;
            case ALL_ACTIVE, COVER_OFF, UNPOWERED -> device;
        };
    }

    /// Whether a loop can have a fault at all, and it changes anything.
    public static boolean possible(FaultKind kind, FittedLoop loop) {
        LoopWiring wiring = loop.wiring();
        SchemeKind scheme = wiring.scheme();
        boolean acrossContact = scheme.has(Part.ALARM)
                && scheme != SchemeKind.TWO_ZONES_PARALLEL
                && scheme != SchemeKind.TWO_WIRE_SMOKE;
        return switch (kind) {
            case SOUND, CUT, SHORT, LEAK, LEAK_TO_ZERO_VOLTS, JOINT, TWO_LOOPS -> true;
            case WRONG_FORM -> scheme != SchemeKind.TWO_WIRE_SMOKE;
            case NO_RESISTOR, DOUBLED, WRONG_RESISTOR -> scheme.hasEndOfLine();
            case RESISTOR_IN_PANEL -> scheme.hasEndOfLine() && wiring.place() != ResistorPlace.IN_PANEL;
            case WRONG_ALARM_RESISTOR -> scheme.has(Part.ALARM) && scheme != SchemeKind.TWO_WIRE_SMOKE;
            case ALARM_RESISTOR_MISSING -> acrossContact;
            case SWAPPED -> acrossContact && scheme.hasEndOfLine() && wiring.endOfLineOhms() != wiring.alarmOhms();
        };
    }
}
