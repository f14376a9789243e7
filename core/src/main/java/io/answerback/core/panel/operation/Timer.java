package io.answerback.core.panel.operation;

/// Something that will happen by itself.
///
/// @param dueMillis when, in milliseconds since the log began
/// @param kind what
/// @param number of which area or zone; 0 for the panel
public record Timer(long dueMillis, Kind kind, int number) implements Comparable<Timer> {
    /// What can run.
    public enum Kind {
        /// The exit time of an area.
        EXIT("exit time"),
        /// The time after the last door was shut, of an area.
        LAST_DOOR("last door shut"),
        /// The entry time of an area.
        ENTRY("entry time"),
        /// The sounders.
        SOUNDER("sounder"),
        /// The time within which a second point confirms, of an area.
        CONFIRMATION("confirmation"),
        /// A report that waits so that it can be taken back, of a zone.
        REPORT("report waits"),
        /// The time within which an alarm can be cancelled, of an area.
        CANCEL("cancel window"),
        /// The time after setting in which an alarm is reported with it, of an area.
        RECENT("just set"),
        /// The report of a mains failure.
        MAINS("mains report"),
        /// The periodic test.
        TEST("periodic test"),
        /// The next test of the battery.
        BATTERY_TEST("battery test"),
        /// The warning before an area sets by itself.
        WARNING("warning before it sets"),
        /// An area sets by itself.
        SETS_ITSELF("sets by itself"),
        /// The time within which a zone that has to be opened twice has to be opened again.
        KNOCK("second knock"),
        /// The time within which a second call for help confirms the first, of a zone.
        CALL("second call"),
        /// The time within which a fire zone that was reset has to alarm again.
        FIRE("fire verification"),
        /// The lock after wrong codes.
        LOCK("keypads locked");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /// What runs, in plain words.
        public String words() {
            return words;
        }
    }

    @Override
    public int compareTo(Timer other) {
        int byTime = Long.compare(dueMillis, other.dueMillis);
        int byKind = byTime == 0 ? kind.compareTo(other.kind) : byTime;
        return byKind == 0 ? Integer.compare(number, other.number) : byKind;
    }
}
