package io.answerback.desktop.part;

/// What can stand on a sheet.
public interface Showable {
    /// It as a part.
    Part asPart();
}
