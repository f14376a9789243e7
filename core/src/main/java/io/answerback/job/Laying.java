package io.answerback.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// How a cable is laid, and how far the work on it has come.
///
/// @param type what it is; empty while that is not decided
/// @param route where it runs, in a few words; may be empty
/// @param outdoors whether any of it is rained or shone on
/// @param besideMains whether any of it shares its way with mains
/// @param labelledHere whether it is labelled at the box
/// @param labelledThere whether it is labelled at the device
/// @param inRing whether the tamper ring is joined through it, where it should be
/// @param progress how far the work on it has come
/// @param landed the cores of its box end that were put in place, the first first
public record Laying(
        Optional<CableType> type,
        String route,
        boolean outdoors,
        boolean besideMains,
        boolean labelledHere,
        boolean labelledThere,
        boolean inRing,
        Progress progress,
        List<LandedCore> landed) {
    /// A cable on the drawing board: nothing decided, nothing done, to be joined into the ring.
    public static final Laying PLANNED =
            new Laying(Optional.empty(), "", false, false, false, false, true, Progress.PLANNED, List.of());

    /// How far the work on a cable has come.
    public enum Progress {
        /// On paper.
        PLANNED("planned"),
        /// In place, its ends loose.
        RUN("run"),
        /// Its cores under their terminals at both ends.
        TERMINATED("terminated"),
        /// Measured, and found as computed.
        TESTED("tested");

        private final String words;

        Progress(String words) {
            this.words = words;
        }

        /// How far, in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when the progress is missing
    public Laying {
        type = type == null ? Optional.empty() : type;
        route = route == null ? "" : route.strip();
        Require.given(progress, "progress of a cable");
        landed = List.copyOf(landed == null ? List.of() : landed);
    }

    /// The same run of another type.
    public Laying withType(CableType other) {
        return new Laying(
                Optional.of(other),
                route,
                outdoors,
                besideMains,
                labelledHere,
                labelledThere,
                inRing,
                progress,
                landed);
    }

    /// The same cable by another way.
    public Laying withRoute(String other, boolean otherOutdoors, boolean otherBesideMains) {
        return new Laying(
                type, other, otherOutdoors, otherBesideMains, labelledHere, labelledThere, inRing, progress, landed);
    }

    /// The same cable with its labels on or off.
    public Laying withLabels(boolean here, boolean there) {
        return new Laying(type, route, outdoors, besideMains, here, there, inRing, progress, landed);
    }

    /// The same cable joined into the tamper ring, or not.
    public Laying withInRing(boolean joined) {
        return new Laying(type, route, outdoors, besideMains, labelledHere, labelledThere, joined, progress, landed);
    }

    /// The same cable, the work on it come another way.
    public Laying withProgress(Progress other) {
        return new Laying(type, route, outdoors, besideMains, labelledHere, labelledThere, inRing, other, landed);
    }

    /// The same cable with a core put in place; one that was somewhere else is moved.
    public Laying withLanded(LandedCore core) {
        List<LandedCore> others = new ArrayList<>(without(core.colour()));
        others.add(core);
        return withLanded(others);
    }

    /// The same cable with a core taken out of its place again.
    public Laying withLifted(String colour) {
        return withLanded(without(colour));
    }

    private Laying withLanded(List<LandedCore> cores) {
        return new Laying(type, route, outdoors, besideMains, labelledHere, labelledThere, inRing, progress, cores);
    }

    private List<LandedCore> without(String colour) {
        return landed.stream().filter(core -> !core.colour().equals(colour)).toList();
    }

    /// Where a core was put; empty while its end is loose.
    public Optional<LandedCore> landed(String colour) {
        return landed.stream().filter(core -> core.colour().equals(colour)).findFirst();
    }
}
