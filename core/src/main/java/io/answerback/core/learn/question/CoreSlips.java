package io.answerback.core.learn.question;

import io.answerback.core.model.practice.CoreUse;

/// What a core that is landed in the wrong place would cause on site.
final class CoreSlips {
    private CoreSlips() {}

    /// What happens when a core of this use is not where it belongs, as a sentence.
    static String of(CoreUse use) {
        return switch (use) {
            case SUPPLY, SUPPLY_RETURN ->
                "The device is fed the wrong way round or not at all: it stays dead, or is destroyed.";
            case LOOP, LOOP_RETURN ->
                "The input sees another loop than it should: the zone stands in tamper, or never alarms.";
            case TAMPER, TAMPER_RETURN -> "The tamper ring is open, or passes this cover by: nobody sees it opened.";
            case BUS_ONE, BUS_TWO -> "The module does not answer, and everything behind it on the bus is lost.";
            case SOUNDER, STROBE -> "The sounder stays silent in an alarm, or sounds at once beside your ear.";
            case SOUNDER_TAMPER -> "Nobody sees the sounder's cover opened.";
            case SPEAKER, SPEAKER_RETURN -> "The speaker is silent, or its driver is shorted.";
            case TIP, RING -> "The dialler finds no line, and nothing is reported.";
            case EVENT, SETTING -> "The communicator never hears of the event, or reports another.";
            case SPARE -> "A spare core under a terminal brings whatever it touches at its other end.";
        };
    }
}
