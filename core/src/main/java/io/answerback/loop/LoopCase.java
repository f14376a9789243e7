package io.answerback.loop;

import io.answerback.job.Meaning;
import java.util.EnumSet;
import java.util.Set;

/// One thing that can be so, and what the panel must then conclude.
///
/// @param id the case's name in commands, such as "cover-off"
/// @param device what the device is doing
/// @param cable what has become of the cable
public record LoopCase(String id, DeviceState device, CableState cable) {
    /// The device at rest, all sound.
    public static final LoopCase AT_REST = new LoopCase("at-rest", DeviceState.AT_REST, CableState.SOUND);
    /// The device active, all sound.
    public static final LoopCase ACTIVE = new LoopCase("active", DeviceState.ACTIVE, CableState.SOUND);
    /// The cover off, all sound.
    public static final LoopCase COVER_OFF = new LoopCase("cover-off", DeviceState.COVER_OFF, CableState.SOUND);

    /// Whether the cable or the resistor is at fault, not the device at work.
    public boolean fault() {
        return cable != CableState.SOUND;
    }

    /// The conclusions that are right for this case. A damp joint with the device at rest may still read
    /// normal: it is the active device behind it that must not.
    public Set<Meaning> rightConclusions() {
        if (cable == CableState.DAMP && device == DeviceState.AT_REST) {
            return EnumSet.allOf(Meaning.class);
        }
        if (fault()) {
            return EnumSet.of(Meaning.ALARM, Meaning.TAMPER, Meaning.FAULT);
        }
        return switch (device) {
            case AT_REST -> EnumSet.of(Meaning.NORMAL);
            case ACTIVE -> EnumSet.of(Meaning.ALARM);
            case COVER_OFF -> EnumSet.of(Meaning.TAMPER);
        };
    }
}
