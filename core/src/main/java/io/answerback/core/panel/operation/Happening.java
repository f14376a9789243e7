package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.Meaning;
import java.util.Optional;

/// Something that happens to a panel.
public sealed interface Happening {
    /// Somebody asks for an area to be set.
    ///
    /// @param area its number
    /// @param how by what
    /// @param user who, by number; of a key switch the zone, 0 for nobody
    /// @param part whether only part of it
    /// @param force whether what is open may be left out
    record SetAsked(int area, HowSet how, int user, boolean part, boolean force) implements Happening {}

    /// Somebody asks for an area to be unset.
    ///
    /// @param threat whether the code says that somebody is threatened
    record UnsetAsked(int area, HowSet how, int user, boolean threat) implements Happening {}

    /// The input of a zone reads something else.
    ///
    /// @param reads what it reads; empty between bands, where nothing is promised
    record ZoneReads(int zone, Optional<Meaning> reads) implements Happening {}

    /// Somebody leaves a zone out by hand, or has it watched again.
    ///
    /// @param user who, by number
    /// @param out whether it is left out
    record LeftOut(int zone, int user, boolean out) implements Happening {}

    /// The mains fails or comes back.
    record Mains(boolean there) implements Happening {}

    /// The battery is well, low or missing.
    record Battery(BatteryState state) implements Happening {}

    /// The battery is tested under load, started by hand.
    record BatteryTested() implements Happening {}

    /// How a battery can be.
    enum BatteryState {
        /// Charged.
        WELL("well"),
        /// Its volts are low: the panel sees that at once.
        LOW("low"),
        /// It is not there, or holds nothing: the panel sees that at its next test under load.
        MISSING("missing");

        private final String words;

        BatteryState(String words) {
            this.words = words;
        }

        /// How it is, in plain words.
        public String words() {
            return words;
        }
    }

    /// A path to the station is lost, or gets through again.
    ///
    /// @param path its place in the order in which they are tried, from 1; 0 is the communicator, with all of them
    record Path(int path, boolean works) implements Happening {}

    /// A module on the bus stops answering, or answers again.
    ///
    /// @param address its address
    record Module(int address, boolean answers) implements Happening {}

    /// A wrong code is typed.
    record WrongCode() implements Happening {}

    /// The sounders are silenced, fire too.
    record Silenced(int user) implements Happening {}

    /// The engineer's programming begins or ends.
    record Programming(boolean begins) implements Happening {}

    /// A walk test of an area begins or ends.
    record WalkTest(int area, boolean begins) implements Happening {}

    /// All power goes: mains, and a battery that is discharged or missing.
    record PowerGone() implements Happening {}

    /// All power was gone and is back.
    record PowerBack() implements Happening {}

    /// The panel's clock is found or set wrong: drift, or summer time that nobody set.
    ///
    /// @param aheadMillis by how much it is ahead of the time of day, in milliseconds; behind below 0
    record Clock(long aheadMillis) implements Happening {}

    /// The panel is reset after a confirmed alarm.
    ///
    /// @param by who does it
    record Reset(ResetBy by) implements Happening {}

    /// Nothing but time passes.
    record TimePasses() implements Happening {}
}
