package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// A person of the client who was shown how the system is used.
///
/// @param name who
/// @param topics what they were shown
/// @param by who showed them, as initials
/// @param at when
public record Instructed(String name, Set<Topic> topics, String by, Instant at) {
    /// What a person is shown.
    public enum Topic {
        /// To set.
        SET("set"),
        /// To unset.
        UNSET("unset"),
        /// To set a part.
        PART_SET("part set"),
        /// What to do on an alarm.
        ON_ALARM("what to do on an alarm"),
        /// Whom to ring.
        WHOM_TO_RING("whom to ring"),
        /// How to cancel an alarm that was set off by mistake.
        CANCEL("how to cancel");

        private final String words;

        Topic(String words) {
            this.words = words;
        }

        /// What it is, in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when nobody or no time is named
    public Instructed {
        name = Require.text(name, "person who was shown how");
        topics = topics == null || topics.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(topics));
        by = Require.text(by, "who showed " + name + " how");
        Require.given(at, "when " + name + " was shown how");
    }

    /// What they were not shown yet, in the order in which it is shown.
    public List<Topic> missing() {
        return java.util.Arrays.stream(Topic.values())
                .filter(topic -> !topics.contains(topic))
                .toList();
    }
}
