package io.answerback.core.learn.faultfinding;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// When a fault shows itself.
public enum Trigger {
    /// It was fitted so, and is there all the time.
    FITTED("", "", 0, List.of("since it was fitted", "since the last visit", "since the device was changed")),
    /// Something happened to it, and it is there all the time since.
    HAPPENED("", "", 0, List.of("since the painters were here", "since the storm", "since the ceiling was opened")),
    /// Water makes it.
    WET(
            "wet",
            "Wet the joints and the device, and keep them wet",
            6,
            List.of("on wet nights", "whenever it rains", "after the yard is hosed down")),
    /// Warmth opens a joint.
    WARM(
            "warm",
            "Turn the heating on and wait until the cable is warm",
            15,
            List.of("only when the heating is on", "on hot afternoons", "when the plant next to it runs")),
    /// Movement makes or breaks a contact.
    MOVED(
            "move",
            "Have the cable moved and held where it shows",
            4,
            List.of("when the door slams", "when a lorry passes", "when somebody walks on the floor above"));

    private final String id;
    private final String order;
    private final double minutes;
    private final List<String> words;

    Trigger(String id, String order, double minutes, List<String> words) {
        this.id = id;
        this.order = order;
        this.minutes = minutes;
        this.words = words;
    }

    /// Whether it is there all the time.
    boolean constant() {
        return this == FITTED || this == HAPPENED;
    }

    /// The step that brings it about; blank where nothing has to be done.
    public String id() {
        return id;
    }

    /// What has to be done to bring it about, as an order.
    public String order() {
        return order;
    }

    /// What bringing it about costs, in minutes.
    public double minutes() {
        return minutes;
    }

    /// How people say it, in several ways.
    public List<String> words() {
        return words;
    }

    /// The trigger that a step brings about; empty when it brings about none.
    static Optional<Trigger> by(String step) {
        return Arrays.stream(values())
                .filter(trigger -> !trigger.constant() && trigger.id.equals(step))
                .findFirst();
    }
}
