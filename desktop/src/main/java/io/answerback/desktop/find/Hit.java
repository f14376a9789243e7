package io.answerback.desktop.find;

/// One thing that can be gone to or done.
///
/// @param title what it is called
/// @param about what it is, and where it is to be found
/// @param words what else people call it; looked through and not shown
/// @param action goes there or does it
public record Hit(String title, String about, String words, Runnable action) {
    /// One that is called nothing else.
    public Hit(String title, String about, Runnable action) {
        this(title, about, "", action);
    }
}
