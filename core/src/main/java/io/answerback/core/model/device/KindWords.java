package io.answerback.core.model.device;

import io.answerback.core.model.common.Require;

/// What is said about a kind of point.
///
/// @param part the switching part in the loop
/// @param thing what the switch on the bench is labelled with
/// @param restWord the word for the state at rest
/// @param activeWord the word for the active state
/// @param act what the engineer does to make it active, as an order
/// @param restore what the engineer does to bring it back to rest, as an order
public record KindWords(String part, String thing, String restWord, String activeWord, String act, String restore) {
    /// @throws IllegalArgumentException when a word is blank
    public KindWords {
        part = Require.text(part, "part of a kind of point");
        thing = Require.text(thing, "thing of a kind of point");
        restWord = Require.text(restWord, "rest word of a kind of point");
        activeWord = Require.text(activeWord, "active word of a kind of point");
        act = Require.text(act, "order to try a kind of point");
        restore = Require.text(restore, "order to restore a kind of point");
    }
}
