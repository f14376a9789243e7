package io.answerback.desktop.part;

/// What can stand on a sheet.
public interface Showable {
    /// The part that shows it.
    Part asPart();
}
