package io.answerback.desktop.work;

import io.answerback.desktop.part.Part;
import java.util.List;

/// One of the sheets of a bench, as values: what stands in the middle and what stands beside it are functions of
/// what the window shows and of what somebody chose on the sheet.
public abstract class PartSheet {
    private Runnable again = () -> {};

    /// The question it answers, as a title.
    public abstract String title();

    /// What the title is about in this state, in a few words.
    public abstract String about(WindowState state);

    /// What stands in the middle, from top to bottom.
    public abstract List<Part> middle(WindowState state);

    /// What stands at the head of the side sheet; called after the middle of the same state.
    public List<Part> beside(WindowState state) {
        return List.of();
    }

    /// Takes what shows the sheet again when something was chosen on it.
    public final void shownAgainBy(Runnable showing) {
        again = showing;
    }

    /// Shows the sheet again, because something was chosen on it.
    protected final void showAgain() {
        again.run();
    }
}
