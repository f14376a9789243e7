package io.answerback.core.paper;

import java.util.List;

/// Something to be printed.
///
/// @param title its title, for the reader's window
/// @param widthMillimetres how wide every page is
/// @param heightMillimetres how high every page is
/// @param pages what is on each page
/// @param problems what could not be put on it as it should be, each in a sentence
/// @param guides what is cut into the sheet already, such as the edges of labels: to be seen, never printed
public record Paper(
        String title,
        double widthMillimetres,
        double heightMillimetres,
        List<List<PaperElement>> pages,
        List<String> problems,
        List<PaperElement.Box> guides) {
    public Paper {
        guides = List.copyOf(guides);
        pages = pages.stream().map(List::copyOf).toList();
        problems = List.copyOf(problems);
    }
}
