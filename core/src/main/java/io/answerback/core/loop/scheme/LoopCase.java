package io.answerback.core.loop.scheme;

import io.answerback.core.model.profile.Meaning;
import java.util.EnumSet;
import java.util.Set;

/// One thing that can be so, and what the panel must then conclude.
///
/// @param id the case's name in commands, such as "cover-off"
/// @param device what the devices are doing
/// @param fault what is the matter with the loop
public record LoopCase(String id, DeviceState device, LoopFault fault) {
    /// The device at rest, all sound.
    public static final LoopCase AT_REST = sound(DeviceState.AT_REST);
    /// The device active, all sound.
    public static final LoopCase ACTIVE = sound(DeviceState.ACTIVE);

    /// A device state, all sound.
    public static LoopCase sound(DeviceState device) {
        return new LoopCase(device.id(), device, LoopFault.NONE);
    }

    /// Whether the loop is at fault, not the device at work.
    public boolean faulty() {
        return fault.kind() != FaultKind.SOUND;
    }

    /// The conclusions that are right for this case. What only changes the resistance a little may still read
    /// normal with the device at rest: it is the active device behind it that must not. A resistor that was
    /// fitted at the panel changes no reading at all; what it does is found by measuring, and in the cable
    /// faults it hides.
    public Set<Meaning> rightConclusions() {
        if (faulty()) {
            return harmlessAtRest() || fault.kind() == FaultKind.RESISTOR_IN_PANEL
                    ? EnumSet.allOf(Meaning.class)
                    : notNormal();
        }
        return switch (device) {
            case AT_REST -> EnumSet.of(Meaning.NORMAL);
            case ACTIVE, ALL_ACTIVE -> EnumSet.of(Meaning.ALARM);
            case SECOND_ACTIVE -> EnumSet.of(Meaning.SECOND_ZONE);
            case BOTH_ACTIVE -> EnumSet.of(Meaning.BOTH_ZONES);
            case COVER_OFF -> EnumSet.of(Meaning.TAMPER);
            case MASKED -> EnumSet.of(Meaning.MASKED, Meaning.FAULT);
            case ACTIVE_AND_MASKED, UNPOWERED -> notNormal();
        };
    }

    private static Set<Meaning> notNormal() {
        return EnumSet.complementOf(EnumSet.of(Meaning.NORMAL));
    }

    /// Whether the fault does no harm while the device is at rest.
    public boolean harmlessAtRest() {
        return device == DeviceState.AT_REST
                && switch (fault.kind()) {
                    case LEAK, LEAK_TO_ZERO_VOLTS, JOINT -> true;
                    case SOUND,
                            CUT,
                            SHORT,
                            NO_RESISTOR,
                            RESISTOR_IN_PANEL,
                            DOUBLED,
                            WRONG_RESISTOR,
                            WRONG_ALARM_RESISTOR,
                            ALARM_RESISTOR_MISSING,
                            SWAPPED,
                            WRONG_FORM,
                            TWO_LOOPS -> false;
                };
    }
}
