package io.answerback.desktop.part;

/// A part that its maker keeps and draws itself.
///
/// @param name tells it apart
/// @param node what the window draws it with
public record Fixed(String name, Object node) implements Part {}
