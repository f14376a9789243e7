package io.answerback.desktop.part;

/// A photograph from a file.
///
/// @param name what it shows, for screen readers
/// @param address where it is, as a URI; one that cannot be shown is said to be so
/// @param file what its file is called
/// @param widest how wide it is at most, in pixels at 100 % text
public record Photo(String name, String address, String file, double widest) implements Part {}
