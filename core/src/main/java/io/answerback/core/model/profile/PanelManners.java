package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// What a panel does of itself, which its manual says and nobody decides. Times are whole seconds.
///
/// @param lastDoorSeconds how long after the last door is shut the exit time ends; 0 where it runs to its end
/// @param entryExtensionSeconds how long an alarm after the entry time waits before it is sent, where a second
///     detector has to confirm; 0 for none
/// @param mainsReportSeconds how long a mains failure waits before it is sent
/// @param cancelSeconds for how long an alarm can be cancelled
/// @param recentSeconds for how long after setting an alarm is sent with the event that says so
/// @param wrongCodes after how many wrong codes keypads are locked
/// @param lockSeconds for how long
/// @param testSpreadSeconds how long after its hour the periodic test is sent, so that not all sites send at once
/// @param postponeSeconds by how much a user postpones setting by the timer
/// @param batteryTestSeconds how often it tests its battery under load; 0 for never
/// @param restores when the end of an alarm is sent
/// @param sounderWaits whether sounders wait until a second detector confirms, where one has to
/// @param knockSeconds within which time a zone that has to be opened twice has to be opened again; 0 for the usual
///     30 s
/// @param responseMillis how long an input has to read in alarm before it is taken for one, where it cannot be
///     set, in milliseconds; 0 where the manual does not say
public record PanelManners(
        int lastDoorSeconds,
        int entryExtensionSeconds,
        int mainsReportSeconds,
        int cancelSeconds,
        int recentSeconds,
        int wrongCodes,
        int lockSeconds,
        int testSpreadSeconds,
        int postponeSeconds,
        int batteryTestSeconds,
        Restores restores,
        boolean sounderWaits,
        int knockSeconds,
        int responseMillis) {
    /// Working values where a profile says nothing: 7 s, none, 15 min, 5 min and 2 min (ANSI/SIA CP-01 for these
    /// two), 5 codes, 90 s, 11 min, an hour, a day, and when the point closes.
    public static final PanelManners USUAL =
            new PanelManners(7, 0, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.POINT_CLOSES, false);

    private static final int USUAL_KNOCK_SECONDS = 30;
    private static final int MOST_RESPONSE_MILLIS = 10_000;
    private static final int MOST_SECONDS = 604_800;
    private static final int MOST_CODES = 99;

    /// Manners of a panel whose manual does not say how fast its inputs are.
    public PanelManners(
            int lastDoorSeconds,
            int entryExtensionSeconds,
            int mainsReportSeconds,
            int cancelSeconds,
            int recentSeconds,
            int wrongCodes,
            int lockSeconds,
            int testSpreadSeconds,
            int postponeSeconds,
            int batteryTestSeconds,
            Restores restores,
            boolean sounderWaits) {
        this(
                lastDoorSeconds,
                entryExtensionSeconds,
                mainsReportSeconds,
                cancelSeconds,
                recentSeconds,
                wrongCodes,
                lockSeconds,
                testSpreadSeconds,
                postponeSeconds,
                batteryTestSeconds,
                restores,
                sounderWaits,
                0,
                0);
    }

    /// When the end of an alarm is sent.
    public enum Restores {
        /// As soon as its point closes.
        POINT_CLOSES,
        /// When its point has closed and the sounders have ended.
        SOUNDER_ENDS
    }

    /// @throws IllegalArgumentException when a time is below 0 or above a week, or no wrong code is allowed
    public PanelManners {
        require(lastDoorSeconds, "time after the last door");
        require(entryExtensionSeconds, "extension of the entry time");
        require(mainsReportSeconds, "delay of a mains failure");
        require(cancelSeconds, "cancel window");
        require(recentSeconds, "time after setting");
        require(lockSeconds, "lock after wrong codes");
        require(testSpreadSeconds, "spread of the periodic test");
        require(postponeSeconds, "time by which setting is postponed");
        require(batteryTestSeconds, "interval of the battery test");
        require(knockSeconds, "time between two knocks");
        knockSeconds = knockSeconds == 0 ? USUAL_KNOCK_SECONDS : knockSeconds;
        Require.within(responseMillis, 0, MOST_RESPONSE_MILLIS, "response of an input in milliseconds");
        Require.within(wrongCodes, 1, MOST_CODES, "wrong codes in a row");
        restores = restores == null ? Restores.POINT_CLOSES : restores;
    }

    private static void require(int seconds, String what) {
        Require.within(seconds, 0, MOST_SECONDS, what + " in seconds");
    }
}
