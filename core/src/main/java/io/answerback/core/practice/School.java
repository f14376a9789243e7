package io.answerback.core.practice;

import io.answerback.core.device.ResistorPlace;
import io.answerback.core.device.SchemeKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// One answer to a [Question]. Both sides of every answer are practised; the house rules pick one.
public enum School {
    /// Set, unset, part set.
    SET_UNSET(Question.WORDING),
    /// Arm, disarm, stay.
    ARM_DISARM(Question.WORDING),

    /// A closed loop with a separate tamper ring.
    CLOSED_LOOP(Question.LOOP),
    /// One end-of-line resistor.
    SINGLE_END_OF_LINE(Question.LOOP),
    /// One resistor at the end and one across the alarm contact.
    DOUBLE_END_OF_LINE(Question.LOOP),
    /// A third resistor across a fault or masking contact.
    TRIPLE_END_OF_LINE(Question.LOOP),
    /// Two zones told apart on one input by two values.
    TWO_ZONES(Question.LOOP),

    /// A wire link across the unused input.
    LINK(Question.UNUSED_INPUTS),
    /// The scheme's resistor across the unused input.
    RESISTOR(Question.UNUSED_INPUTS),
    /// Nothing fitted, the zone switched off in programming.
    ZONE_OFF(Question.UNUSED_INPUTS),

    /// One ring in series through every cover.
    ONE_RING(Question.TAMPER),
    /// Each point's cover on its own zone.
    PER_ZONE(Question.TAMPER),

    /// The end-of-line resistor at the last device.
    LAST_DEVICE(Question.RESISTOR_PLACE),
    /// The end-of-line resistor at the panel's terminals.
    IN_PANEL(Question.RESISTOR_PLACE),

    /// Joints in connector blocks.
    CONNECTOR_BLOCK(Question.JOINTS),
    /// Soldered joints.
    SOLDER(Question.JOINTS),
    /// Crimped joints.
    CRIMP(Question.JOINTS),

    /// Whatever the panel's profile says.
    BY_PROFILE(Question.POWER_UP),
    /// Battery first, then mains.
    BATTERY_THEN_MAINS(Question.POWER_UP),
    /// Mains first, then battery.
    MAINS_THEN_BATTERY(Question.POWER_UP),

    /// The panel's mode for a keypad that is taken away again.
    TEMPORARY_MODE(Question.SERVICE_KEYPAD),
    /// Let it be learned and delete it before leaving.
    ENROL_AND_DELETE(Question.SERVICE_KEYPAD),

    /// The communicator listens on the keypad bus.
    BUS_LISTENING(Question.REMOTE_SETTING),
    /// An output of the communicator works a key-switch zone.
    KEY_SWITCH_ZONE(Question.REMOTE_SETTING),
    /// The panel's own connection.
    PANEL_IP(Question.REMOTE_SETTING),

    /// Plugged onto the panel's board.
    PLUG_ON(Question.COMMUNICATOR),
    /// On a serial port of the panel.
    SERIAL(Question.COMMUNICATOR),
    /// On the keypad bus.
    BUS(Question.COMMUNICATOR),
    /// Answering the panel's own dialler on tip and ring.
    DIAL_CAPTURE(Question.COMMUNICATOR),
    /// On plain inputs and outputs.
    INPUTS_AND_OUTPUTS(Question.COMMUNICATOR),

    /// An address given out by the network.
    DHCP(Question.ADDRESSES),
    /// An address typed in.
    FIXED(Question.ADDRESSES),

    /// Everything to one receiver.
    ALL_TO_ONE(Question.RECEIVERS),
    /// Classes of events to receivers of their own.
    SPLIT_BY_CLASS(Question.RECEIVERS),
    /// A second receiver only when the first fails.
    BACKUP_ON_FAILURE(Question.RECEIVERS),

    /// One entry time for the whole site.
    ONE_ENTRY_TIME(Question.DELAYS),
    /// Several entry times.
    SEVERAL_ENTRY_TIMES(Question.DELAYS),

    /// A single signal counts.
    SINGLE_SIGNAL(Question.CONFIRMATION),
    /// Two independent detectors within a window.
    TWO_DETECTORS(Question.CONFIRMATION);

    private final Question question;

    School(Question question) {
        this.question = question;
    }

    /// The question it answers.
    public Question question() {
        return question;
    }

    /// The answer that is usual where nothing speaks for another. A firm's rules may say otherwise.
    public static School usual(Question question) {
        return switch (question) {
            case WORDING -> SET_UNSET;
            case LOOP -> DOUBLE_END_OF_LINE;
            case UNUSED_INPUTS -> RESISTOR;
            case TAMPER -> PER_ZONE;
            case RESISTOR_PLACE -> LAST_DEVICE;
            case JOINTS -> CONNECTOR_BLOCK;
            case POWER_UP -> BY_PROFILE;
            case SERVICE_KEYPAD -> TEMPORARY_MODE;
            case REMOTE_SETTING -> BUS_LISTENING;
            case COMMUNICATOR -> BUS;
            case ADDRESSES -> DHCP;
            case RECEIVERS -> BACKUP_ON_FAILURE;
            case DELAYS -> ONE_ENTRY_TIME;
            case CONFIRMATION -> TWO_DETECTORS;
        };
    }

    /// The answers there are to a question.
    public static List<School> of(Question question) {
        return Arrays.stream(values())
                .filter(school -> school.question == question)
                .toList();
    }

    /// The loop scheme it stands for, two zones in series where both arrangements are meant; empty when it
    /// answers another question.
    public Optional<SchemeKind> scheme() {
        if (this == TWO_ZONES) {
            return Optional.of(SchemeKind.TWO_ZONES_SERIES);
        }
        return question == Question.LOOP ? named(SchemeKind.values()) : Optional.empty();
    }

    /// The place of the resistor it stands for; empty when it answers another question.
    public Optional<ResistorPlace> place() {
        return question == Question.RESISTOR_PLACE ? named(ResistorPlace.values()) : Optional.empty();
    }

    private <E extends Enum<E>> Optional<E> named(E[] values) {
        return Arrays.stream(values)
                .filter(value -> value.name().equals(name()))
                .findFirst();
    }
}
