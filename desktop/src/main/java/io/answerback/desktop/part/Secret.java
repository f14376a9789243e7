package io.answerback.desktop.part;

import java.util.function.Consumer;

/// A field for digits that are not shown while they are typed.
///
/// @param name what is typed, for screen readers; it tells such fields apart
/// @param taken takes what is typed so far, letter by letter
/// @param emptied how often it was emptied; when it has grown, it is emptied again
public record Secret(String name, Consumer<String> taken, int emptied) implements Part {}
