package io.answerback.core.report.control;

import java.util.List;

/// What a communicator makes of something that happens to it.
///
/// @param state how it stands afterwards
/// @param replies the text messages it sends, in their order
/// @param says what it did and why, for whoever practises
public record UnitStep(UnitState state, List<Reply> replies, String says) {
    /// A text message it sends.
    ///
    /// @param to the number it goes to
    public record Reply(String to, String text) {}

    public UnitStep {
        replies = List.copyOf(replies);
    }

    static UnitStep silent(UnitState state, String says) {
        return new UnitStep(state, List.of(), says);
    }

    static UnitStep answered(UnitState state, String to, String text, String says) {
        return new UnitStep(state, List.of(new Reply(to, text)), says);
    }
}
