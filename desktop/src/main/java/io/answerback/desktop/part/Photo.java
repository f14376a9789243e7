package io.answerback.desktop.part;

import java.nio.file.Path;

/// A photograph from a file.
///
/// @param name what it shows, for screen readers
/// @param file where it is; one that cannot be shown is said to be so
/// @param widest how wide it is at most, in pixels at 100 % text
public record Photo(String name, Path file, double widest) implements Part {}
