package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.Signal;
import java.util.Optional;

/// Something a panel does.
public sealed interface Act {
    /// It sends an event to the station.
    ///
    /// @param sinceMillis when it came up, in milliseconds since the log began: before it is sent where it had to
    ///     wait for a path
    record Sends(Signal signal, long sinceMillis) implements Act {}

    /// An event came up and cannot leave: no path works. It is sent once one does.
    record Waits(Signal signal) implements Act {}

    /// It has something to send, and nothing leaves.
    ///
    /// @param event the event; empty where none is sent of it
    /// @param why why not, in plain words
    record Unsent(String event, String why) implements Act {
        /// What stays in the building, and why.
        ///
        /// @param area whose it is; 0 for the panel's own
        static Unsent of(String event, int area) {
            if (event.isEmpty()) {
                return new Unsent(event, "nothing is sent of it");
            }
            return new Unsent(
                    event,
                    area == 0
                            ? "no area has an account: nothing is sent"
                            : Text.of("area %02d has no account: nothing is sent", area));
        }
    }

    /// Its sounders begin or end.
    ///
    /// @param pattern which sound; empty where they end
    record Sounds(boolean on, Pattern pattern) implements Act {}

    /// An output of its board is switched.
    ///
    /// @param output its number
    record Switches(int output, boolean on) implements Act {}

    /// Its keypads show something.
    record Shows(String text) implements Act {}

    /// Its keypads show that it does not do what was asked.
    ///
    /// @param what what was asked
    /// @param why why not, in plain words
    record Refused(Asked what, String why) implements Act {
        /// What the keypads show.
        public String text() {
            return what.refused() + ", " + why;
        }
    }

    /// Its keypads sound.
    ///
    /// @param what which sound, in plain words
    record Beeps(String what) implements Act {}

    /// It does nothing, and why.
    record Nothing(String why) implements Act {}

    /// What its keypads show then; empty for nothing.
    default Optional<String> shown() {
        return switch (this) {
            case Shows shows -> Optional.of(shows.text());
            case Refused refused -> Optional.of(refused.text());
            case Sends _, Waits _, Unsent _, Sounds _, Switches _, Beeps _, Nothing _ -> Optional.empty();
        };
    }

    /// What is asked of a panel and can be refused.
    enum Asked {
        /// To set an area.
        SET("Not set"),
        /// To unset an area.
        UNSET("Not unset");

        private final String refused;

        Asked(String refused) {
            this.refused = refused;
        }

        /// That it was not done, as a keypad begins its line.
        String refused() {
            return refused;
        }
    }

    /// The sounds there are.
    enum Pattern {
        /// A break-in.
        BURGLARY,
        /// A call for help that may be heard.
        HOLD_UP,
        /// Fire, told from all others.
        FIRE,
        /// None.
        SILENCE
    }
}
