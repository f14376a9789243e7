package io.answerback.desktop.part;

import io.answerback.core.paper.Paper;

/// Pages of paper as they will be printed, in a window that scrolls.
///
/// @param first the first page that is shown, counted from 0
/// @param count how many are shown at the most
/// @param pictures the folder of the pictures on them, as a URI that ends in "/"; empty for none
public record Pages(Paper paper, int first, int count, Zoom zoom, String pictures) implements Part {
    /// Pages without pictures.
    public Pages(Paper paper, int first, int count, Zoom zoom) {
        this(paper, first, count, zoom, "");
    }

    /// How large a page is shown.
    public enum Zoom {
        /// All of it is in sight.
        PAGE("whole page"),
        /// It is as wide as there is room.
        WIDTH("page width"),
        /// Its smallest words can be read.
        READ("to read");

        private final String words;

        Zoom(String words) {
            this.words = words;
        }

        /// Its name on a switch.
        public String words() {
            return words;
        }
    }
}
