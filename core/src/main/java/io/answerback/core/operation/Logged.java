package io.answerback.core.operation;

import io.answerback.core.event.Signal;
import java.util.Optional;

/// A line of a panel's log.
///
/// @param atMillis when, in milliseconds since the log began
/// @param act what it did
public record Logged(long atMillis, Act act) {
    /// The signal it sent; empty for what is no signal.
    public Optional<Signal> signal() {
        return act instanceof Act.Sends sends ? Optional.of(sends.signal()) : Optional.empty();
    }

    /// What it did, in plain words.
    public String words() {
        return switch (act) {
            case Act.Sends sends ->
                "sends %s %s, area %s, zone or user %s"
                        .replaceFirst(
                                "%s", String.valueOf(sends.signal().qualifier().digit()))
                        .replaceFirst("%s", sends.signal().event())
                        .replaceFirst("%s", sends.signal().areaDigits())
                        .replaceFirst("%s", sends.signal().zoneDigits());
            case Act.Sounds sounds ->
                switch (sounds.pattern()) {
                    case BURGLARY -> "sounders and strobe: burglary";
                    case HOLD_UP -> "sounders and strobe: hold-up";
                    case FIRE -> "sounders: fire";
                    case SILENCE -> "sounders silent";
                };
            case Act.Switches switches -> "output " + switches.output() + (switches.on() ? " on" : " off");
            case Act.Shows shows -> "keypad: " + shows.text();
            case Act.Beeps beeps -> "keypad sounds: " + beeps.what();
            case Act.Unsent unsent -> unsent.why();
            case Act.Nothing nothing -> nothing.why();
        };
    }
}
