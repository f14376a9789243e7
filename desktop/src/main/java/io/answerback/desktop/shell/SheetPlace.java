package io.answerback.desktop.shell;

/// A sheet of a bench as a place to go to.
///
/// @param title its name on the switch
/// @param stop the title of the stop it belongs to
/// @param words what else people call what is on it
/// @param open goes there
public record SheetPlace(String title, String stop, String words, Runnable open) {}
