package io.answerback.desktop.part;

/// A picture on a sheet.
public record Drawn(Picture picture) implements Part {}
