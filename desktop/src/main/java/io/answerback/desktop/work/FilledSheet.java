package io.answerback.desktop.work;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import java.util.List;

/// A sheet that is filled step by step.
public abstract class FilledSheet extends PartSheet {
    /// What stands in the middle.
    protected final Parts sheet = Parts.column();
    /// What stands at the head of the side sheet.
    protected final Parts instrument = Parts.column();

    /// Fills the sheet and what stands beside it for a state.
    protected abstract void show(WindowState state);

    @Override
    public final List<Part> middle(WindowState state) {
        show(state);
        return sheet.list();
    }

    @Override
    public final List<Part> beside(WindowState state) {
        return instrument.list();
    }
}
