package io.answerback.desktop.part;

import java.util.List;

/// A part of a sheet as a value: what it shows, what can be done there, and nothing of how it is drawn.
public sealed interface Part extends Showable
        permits Text,
                Marked,
                Value,
                Entry,
                Line,
                Tile,
                Glyph,
                Secret,
                Choice,
                Switch,
                Tool,
                Press,
                Card,
                Check,
                Gauge,
                Group,
                Grid,
                Rows,
                Drawn,
                Pages,
                Photo,
                Slide,
                Fixed,
                With {
    @Override
    default Part asPart() {
        return this;
    }

    /// The same part, told apart from others of its sort by a name, so that it stays the same part where others
    /// come and go.
    default With keyed(Object key) {
        return With.of(this).withKey(key.toString());
    }

    /// The same part, taking what room is left beside or below the others.
    default With growing() {
        return With.of(this).withGrows(true);
    }

    /// The same part in this width.
    ///
    /// @param width in pixels at 100 % text
    default With wide(double width) {
        return With.of(this).withWidth(width);
    }

    /// The same part, never narrower than it asks to be.
    default With uncut() {
        return With.of(this).withKeepsWidth(true);
    }

    /// The same part with words on hover.
    default With hint(String hint) {
        return With.of(this).withHint(hint);
    }

    /// The same part with more styles.
    default With styled(String... styles) {
        return With.of(this).withStyles(List.of(styles));
    }

    /// The same part, doing something when it is clicked.
    default With onClick(Runnable click) {
        return With.of(this).withClick(click);
    }

    /// The same part with words for screen readers.
    default With saying(String says) {
        return With.of(this).withSays(says);
    }
}
