package io.answerback.desktop.part;

import java.util.function.Consumer;

/// Something that holds or does not.
///
/// @param name what it says; it tells checks apart
/// @param turn takes whether it holds now
public record Check(String name, boolean on, Consumer<Boolean> turn) implements Part {}
