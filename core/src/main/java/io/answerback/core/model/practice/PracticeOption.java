package io.answerback.core.model.practice;

import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// One answer to a [PracticeQuestion]. Both sides of every answer are practised; the house rules pick one.
public enum PracticeOption {
    /// Set, unset, part set.
    SET_UNSET(PracticeQuestion.WORDING),
    /// Arm, disarm, stay.
    ARM_DISARM(PracticeQuestion.WORDING),

    /// A closed loop with a separate tamper ring.
    CLOSED_LOOP(PracticeQuestion.LOOP),
    /// One end-of-line resistor.
    SINGLE_END_OF_LINE(PracticeQuestion.LOOP),
    /// One resistor at the end and one across the alarm contact.
    DOUBLE_END_OF_LINE(PracticeQuestion.LOOP),
    /// A third resistor across a fault or masking contact.
    TRIPLE_END_OF_LINE(PracticeQuestion.LOOP),
    /// Two zones told apart on one input by two values.
    TWO_ZONES(PracticeQuestion.LOOP),

    /// A wire link across the unused input.
    LINK(PracticeQuestion.UNUSED_INPUTS),
    /// The scheme's resistor across the unused input.
    RESISTOR(PracticeQuestion.UNUSED_INPUTS),
    /// Nothing fitted, the zone switched off in programming.
    ZONE_OFF(PracticeQuestion.UNUSED_INPUTS),

    /// One ring in series through every cover.
    ONE_RING(PracticeQuestion.TAMPER),
    /// Each point's cover on its own zone.
    PER_ZONE(PracticeQuestion.TAMPER),

    /// The end-of-line resistor at the last device.
    LAST_DEVICE(PracticeQuestion.RESISTOR_PLACE),
    /// The end-of-line resistor at the panel's terminals.
    IN_PANEL(PracticeQuestion.RESISTOR_PLACE),

    /// Joints in connector blocks.
    CONNECTOR_BLOCK(PracticeQuestion.JOINTS),
    /// Soldered joints.
    SOLDER(PracticeQuestion.JOINTS),
    /// Crimped joints.
    CRIMP(PracticeQuestion.JOINTS),

    /// Whatever the panel's profile says.
    BY_PROFILE(PracticeQuestion.POWER_UP),
    /// Battery first, then mains.
    BATTERY_THEN_MAINS(PracticeQuestion.POWER_UP),
    /// Mains first, then battery.
    MAINS_THEN_BATTERY(PracticeQuestion.POWER_UP),

    /// The panel's mode for a keypad that is taken away again.
    TEMPORARY_MODE(PracticeQuestion.SERVICE_KEYPAD),
    /// Let it be learned and delete it before leaving.
    ENROL_AND_DELETE(PracticeQuestion.SERVICE_KEYPAD),

    /// The communicator listens on the keypad bus.
    BUS_LISTENING(PracticeQuestion.REMOTE_SETTING),
    /// An output of the communicator works a key-switch zone.
    KEY_SWITCH_ZONE(PracticeQuestion.REMOTE_SETTING),
    /// The panel's own connection.
    PANEL_IP(PracticeQuestion.REMOTE_SETTING),

    /// Plugged onto the panel's board.
    PLUG_ON(PracticeQuestion.COMMUNICATOR),
    /// On a serial port of the panel.
    SERIAL(PracticeQuestion.COMMUNICATOR),
    /// On the keypad bus.
    BUS(PracticeQuestion.COMMUNICATOR),
    /// Answering the panel's own dialler on tip and ring.
    DIAL_CAPTURE(PracticeQuestion.COMMUNICATOR),
    /// On plain inputs and outputs.
    INPUTS_AND_OUTPUTS(PracticeQuestion.COMMUNICATOR),

    /// An address given out by the network.
    DHCP(PracticeQuestion.ADDRESSES),
    /// An address typed in.
    FIXED(PracticeQuestion.ADDRESSES),

    /// Everything to one receiver.
    ALL_TO_ONE(PracticeQuestion.RECEIVERS),
    /// Classes of events to receivers of their own.
    SPLIT_BY_CLASS(PracticeQuestion.RECEIVERS),
    /// A second receiver only when the first fails.
    BACKUP_ON_FAILURE(PracticeQuestion.RECEIVERS),

    /// One entry time for the whole site.
    ONE_ENTRY_TIME(PracticeQuestion.DELAYS),
    /// Several entry times.
    SEVERAL_ENTRY_TIMES(PracticeQuestion.DELAYS),

    /// A single signal counts.
    SINGLE_SIGNAL(PracticeQuestion.CONFIRMATION),
    /// Two independent detectors within a window.
    TWO_DETECTORS(PracticeQuestion.CONFIRMATION),

    /// Neither time nor place is kept with a photograph.
    PICTURE_ONLY(PracticeQuestion.PHOTOGRAPHS),
    /// Time and place are kept with it.
    TIME_AND_PLACE(PracticeQuestion.PHOTOGRAPHS);

    private final PracticeQuestion question;

    PracticeOption(PracticeQuestion question) {
        this.question = question;
    }

    /// The question it answers.
    public PracticeQuestion question() {
        return question;
    }

    /// The answer that is usual where nothing speaks for another. A firm's rules may say otherwise.
    public static PracticeOption usual(PracticeQuestion question) {
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
            case PHOTOGRAPHS -> PICTURE_ONLY;
        };
    }

    /// The answers there are to a question.
    public static List<PracticeOption> of(PracticeQuestion question) {
        return Arrays.stream(values())
                .filter(option -> option.question == question)
                .toList();
    }

    /// The loop scheme it stands for, two zones in series where both arrangements are meant; empty when it
    /// answers another question.
    public Optional<SchemeKind> scheme() {
        if (this == TWO_ZONES) {
            return Optional.of(SchemeKind.TWO_ZONES_SERIES);
        }
        return question == PracticeQuestion.LOOP ? named(SchemeKind.values()) : Optional.empty();
    }

    /// The place of the resistor it stands for; empty when it answers another question.
    public Optional<ResistorPlace> place() {
        return question == PracticeQuestion.RESISTOR_PLACE ? named(ResistorPlace.values()) : Optional.empty();
    }

    private <E extends Enum<E>> Optional<E> named(E[] values) {
        return Arrays.stream(values)
                .filter(value -> value.name().equals(name()))
                .findFirst();
    }
}
