package io.answerback.desktop.part;

/// A node that whoever made it keeps and updates.
///
/// @param name tells it apart
/// @param node the JavaFX node
public record Fixed(String name, Object node) implements Part {}
