package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.Signal;
import java.util.Optional;

/// A line of a panel's log.
///
/// @param atMillis when, in milliseconds since the log began
/// @param act what it did
public record Logged(long atMillis, Act act) {
    /// How late a signal left, in milliseconds: how long it waited for a path. 0 for what left at once and for what
    /// is not a signal.
    public long lateMillis() {
        return act instanceof Act.Sends sends ? atMillis - sends.sinceMillis() : 0;
    }

    /// The signal it sent; empty for what is no signal.
    public Optional<Signal> signal() {
        return act instanceof Act.Sends sends ? Optional.of(sends.signal()) : Optional.empty();
    }

    /// What it did, in plain words.
    public String words() {
        return switch (act) {
            case Act.Sends sends -> "sends " + words(sends.signal()) + late();
            case Act.Waits waits -> "no path works, waits: " + words(waits.signal());
            case Act.Sounds sounds ->
                switch (sounds.pattern()) {
                    case BURGLARY -> "sounders and strobe: burglary";
                    case HOLD_UP -> "sounders and strobe: hold-up";
                    case FIRE -> "sounders: fire";
                    case SILENCE -> "sounders silent";
                };
            case Act.Switches switches -> "output " + switches.output() + (switches.on() ? " on" : " off");
            case Act.Shows shows -> "keypad: " + shows.text();
            case Act.Refused refused -> "keypad: " + refused.text();
            case Act.Beeps beeps -> "keypad sounds: " + beeps.what();
            case Act.Unsent unsent -> unsent.why();
            case Act.Nothing nothing -> nothing.why();
        };
    }

    private String late() {
        return lateMillis() == 0 ? "" : Text.of(", %d s late", lateMillis() / 1000);
    }

    private static String words(Signal signal) {
        return Text.of(
                "%s %s, area %s, zone or user %s",
                signal.qualifier().digit(), signal.event(), signal.areaDigits(), signal.zoneDigits());
    }
}
