package io.answerback.desktop.part;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;

/// A line into which something is typed that is read while it is typed.
///
/// @param name what is typed, for screen readers; it tells lines apart
/// @param prompt what stands in it while it is empty
/// @param put what stands in it when it is first drawn, or when something other than the keyboard writes into it
/// @param keys what its keys do
public record Line(String name, String prompt, Put put, Keys keys) implements Part {
    /// What is written into a line other than by typing.
    ///
    /// @param text what is written
    /// @param times how often something was written; when it has grown, the text is written again
    /// @param called how often the line was to get the keyboard; when it has grown, it gets it again
    public record Put(String text, int times, int called) {
        /// Nothing yet.
        public static final Put NOTHING = new Put("", 0, 0);
    }

    /// What its keys do.
    ///
    /// @param typed takes what stands in it, letter by letter
    /// @param take takes the line on Enter; true empties it
    /// @param completion the line with its next word completed, for Tab; empty where there is none
    /// @param undo what Ctrl+Z does in an empty line
    /// @param redo what Ctrl+Y does in an empty line
    /// @param table takes a table of several lines that was pasted; false where the line takes none, and the text
    ///     is pasted as usual
    public record Keys(
            Consumer<String> typed,
            Predicate<String> take,
            Function<String, Optional<String>> completion,
            Runnable undo,
            Runnable redo,
            Predicate<String> table) {
        /// The keys of a line that takes no table.
        public Keys(
                Consumer<String> typed,
                Predicate<String> take,
                Function<String, Optional<String>> completion,
                Runnable undo,
                Runnable redo) {
            this(typed, take, completion, undo, redo, text -> false);
        }
    }
}
