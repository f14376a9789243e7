package io.answerback.core.paper;

/// Measures words in the face they will be printed in.
public interface Measure {
    /// How wide words are, in millimetres.
    ///
    /// @param size the height of their letters' body, in millimetres
    double width(String words, double size, boolean strong);
}
