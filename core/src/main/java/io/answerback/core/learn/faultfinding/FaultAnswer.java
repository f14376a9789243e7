package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.scheme.FaultKind;
import java.util.Arrays;
import java.util.Optional;

/// What somebody says is wrong with a loop.
///
/// @param part a wrong part beside it; empty for a single fault
/// @param cause the fault
/// @param side on which side of the joint half way it lies; empty where that is not asked
public record FaultAnswer(Optional<FaultKind> part, Cause cause, Optional<Side> side) {
    /// A side of the joint half way.
    public enum Side {
        /// Between panel and joint, the joint itself included.
        BEFORE("before-joint", "between the panel and the joint"),
        /// Between joint and device.
        BEYOND("beyond-joint", "beyond the joint");

        private final String id;
        private final String words;

        Side(String id, String words) {
            this.id = id;
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /// Its name in commands, such as `leak@beyond-joint` or `swapped+leak`.
    public String id() {
        return part.map(its -> cause(its).id() + "+").orElse("")
                + cause.id()
                + side.map(its -> "@" + its.id).orElse("");
    }

    /// It in plain words.
    public String words() {
        return part.map(its -> cause(its).words() + ", and ").orElse("")
                + part.map(its -> lower(cause.words())).orElse(cause.words())
                + side.map(its -> ", " + its.words).orElse("");
    }

    private static String lower(String words) {
        return Character.toLowerCase(words.charAt(0)) + words.substring(1);
    }

    private static Cause cause(FaultKind part) {
        return Arrays.stream(Cause.values())
                .filter(cause -> cause.kind() == part && part != FaultKind.SOUND)
                .findFirst()
                .orElseThrow();
    }
}
