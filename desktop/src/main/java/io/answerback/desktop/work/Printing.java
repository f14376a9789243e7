package io.answerback.desktop.work;

import io.answerback.core.paper.Paper;

/// Sends paper to a printer.
public interface Printing {
    /// Looks for a printer, asks for how, and prints.
    ///
    /// @param ended run when no more is to come, on the window's thread
    void print(Paper paper, Runnable ended);

    /// Lets it end with the page that is being printed.
    void stop();
}
