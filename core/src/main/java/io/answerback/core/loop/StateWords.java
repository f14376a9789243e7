package io.answerback.core.loop;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.model.site.Point;

/// What the states of a device are called, by its kind.
public final class StateWords {
    private StateWords() {}

    /// The word for a device state of this point, such as "open" or "cover off".
    public static String of(Point point, CaseReading reading) {
        return of(point, reading.loopCase().device());
    }

    /// The word for a device state of this point.
    public static String of(Point point, DeviceState device) {
        String rest = point.kind().words().restWord();
        String active = point.kind().words().activeWord();
        return switch (device) {
            case AT_REST -> rest;
            case ACTIVE -> point.inSeries().isEmpty() ? active : "one " + active;
            case ALL_ACTIVE -> "all " + active;
            case SECOND_ACTIVE -> "second active";
            case BOTH_ACTIVE -> "both active";
            case MASKED -> "masked";
            case ACTIVE_AND_MASKED -> active + " and masked";
            case COVER_OFF -> "tamper open";
            case UNPOWERED -> "no supply";
        };
    }
}
