package io.answerback.desktop.part;

import java.util.function.Consumer;

/// A field for digits that nobody may read over a shoulder. What is typed is kept by nobody but who takes it.
///
/// @param name what is typed, for screen readers; it tells such fields apart
/// @param taken takes what is typed so far, letter by letter
/// @param emptied how often it was emptied; once more than before empties it again
public record Secret(String name, Consumer<String> taken, int emptied) implements Part {}
