package io.answerback.core.work.servicing;

import io.answerback.core.model.common.Require;

/// Something a service visit has to do.
///
/// @param why why it is on the list
/// @param what what is to be done
/// @param because what says so
public record ServiceTask(Why why, String what, String because) {
    /// Why something is on the list, most pressing first.
    public enum Why {
        /// It is due by its date.
        DUE("due"),
        /// It drifts towards its bound.
        DRIFTS("drifts"),
        /// It was shown once, and something upstream has changed.
        STALE("stale"),
        /// It was never shown.
        NOT_SHOWN("not shown"),
        /// It was left out on an earlier visit.
        LEFT_OUT("left out before"),
        /// It is done on every visit.
        EVERY_VISIT("every visit"),
        /// It holds, and it is its turn.
        IN_TURN("in turn");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        /// Why, in a word.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when nothing is to be done
    public ServiceTask {
        Require.given(why, "why something is to be done");
        what = Require.text(what, "what a service visit has to do");
    }
}
