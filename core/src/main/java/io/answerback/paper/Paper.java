package io.answerback.paper;

import java.util.List;

/// Something to be printed.
///
/// @param title its title, for the reader's window
/// @param widthMillimetres how wide every page is
/// @param heightMillimetres how high every page is
/// @param pages what is on each page
/// @param problems what could not be put on it as it should be, each in a sentence
public record Paper(
        String title,
        double widthMillimetres,
        double heightMillimetres,
        List<List<Mark>> pages,
        List<String> problems) {
    public Paper {
        pages = pages.stream().map(List::copyOf).toList();
        problems = List.copyOf(problems);
    }
}
