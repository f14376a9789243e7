package io.answerback.core.learn.exercise;

import io.answerback.core.learn.exercise.WorkStep.Sort;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What has to be done before a hand goes where it can be hurt, or a site is alarmed. The order is the usual
/// one; the site's own rules and the safety instructions of the makers come first.
public enum Safeguard {
    /// Station, occupants and sounders.
    ON_TEST(
            "on-test",
            "Put the site on test with the station, tell the people there, and silence the sounders",
            2,
            "the station sends somebody, and a sounder beside an ear harms it"),
    /// Work above reach.
    LADDER(
            "ladder",
            "Set up the ladder: level, tied or footed, nobody below",
            3,
            "a ladder that is neither tied nor footed slips away"),
    /// Live mains in the box.
    ISOLATE(
            "isolate",
            "Isolate the mains at its spur, lock it off, and prove it dead",
            3,
            "the terminals of the mains are live under the cover, and a hand in the box can touch them"),
    /// A battery drives hundreds of amperes into a short.
    BATTERY_OFF(
            "battery-off",
            "Take off watch and rings, and take the lead of the battery off, minus first",
            2,
            "a battery drives hundreds of amperes through a ring or a tool that slips");

    private final String id;
    private final String order;
    private final double minutes;
    private final String danger;

    Safeguard(String id, String order, double minutes, String danger) {
        this.id = id;
        this.order = order;
        this.minutes = minutes;
        this.danger = danger;
    }

    /// Its name in commands.
    public String id() {
        return id;
    }

    /// What it costs, in minutes.
    public double minutes() {
        return minutes;
    }

    /// It as a step of an exercise.
    public WorkStep step() {
        return new WorkStep(id, order, minutes, Sort.SAFETY);
    }

    /// All of them as steps; which are needed is part of an exercise.
    public static List<WorkStep> steps() {
        return Arrays.stream(values()).map(Safeguard::step).toList();
    }

    /// What is wrong with doing something without it, as a sentence; empty where it was done before.
    public Optional<String> missing(List<String> before, String doing) {
        return before.contains(id)
                ? Optional.empty()
                : Optional.of("You did this unsafely: \"" + doing + "\". First: " + lower(order) + "; otherwise "
                        + danger + ".");
    }

    private static String lower(String words) {
        return Character.toLowerCase(words.charAt(0)) + words.substring(1);
    }
}
