package io.answerback.desktop.part;

import java.util.function.Consumer;

/// A box that is ticked or not.
///
/// @param name what it says; it tells checks apart
/// @param turn takes whether it is ticked now
public record Check(String name, boolean on, Consumer<Boolean> turn) implements Part {}
