package io.answerback.desktop.live;

/// How far sending many points has come.
///
/// @param done points tried
/// @param of points to try
/// @param running whether it still runs
public record Progress(int done, int of, boolean running) {
    /// Nothing was begun.
    public static final Progress NONE = new Progress(0, 0, false);
}
