package io.answerback.job;

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
public record Laying(
        Optional<CableType> type,
        String route,
        boolean outdoors,
        boolean besideMains,
        boolean labelledHere,
        boolean labelledThere,
        boolean inRing,
        Progress progress) {
    /// A cable on the drawing board: nothing decided, nothing done, to be joined into the ring.
    public static final Laying PLANNED =
            new Laying(Optional.empty(), "", false, false, false, false, true, Progress.PLANNED);

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
    }

    /// The same run of another type.
    public Laying withType(CableType other) {
        return new Laying(
                Optional.of(other), route, outdoors, besideMains, labelledHere, labelledThere, inRing, progress);
    }

    /// The same cable by another way.
    public Laying withRoute(String other, boolean otherOutdoors, boolean otherBesideMains) {
        return new Laying(type, other, otherOutdoors, otherBesideMains, labelledHere, labelledThere, inRing, progress);
    }

    /// The same cable with its labels on or off.
    public Laying withLabels(boolean here, boolean there) {
        return new Laying(type, route, outdoors, besideMains, here, there, inRing, progress);
    }

    /// The same cable joined into the tamper ring, or not.
    public Laying withInRing(boolean joined) {
        return new Laying(type, route, outdoors, besideMains, labelledHere, labelledThere, joined, progress);
    }

    /// The same cable, the work on it come another way.
    public Laying withProgress(Progress other) {
        return new Laying(type, route, outdoors, besideMains, labelledHere, labelledThere, inRing, other);
    }
}
