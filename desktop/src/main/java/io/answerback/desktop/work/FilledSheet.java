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

    private Object rested;
    private List<Part> filled = List.of();
    private List<Part> filledBeside = List.of();

    /// Fills the sheet and what stands beside it for a state.
    protected abstract void show(WindowState state);

    /// What all on it rests on: it is not filled again while that is the same object. The state itself unless a
    /// sheet says otherwise, which only one may that shows nothing of where somebody looks.
    protected Object restsOn(WindowState state) {
        return state;
    }

    @Override
    public final List<Part> middle(WindowState state) {
        Object now = restsOn(state);
        if (now == state || now != rested) {
            rested = now;
            show(state);
            filled = sheet.list();
            filledBeside = instrument.list();
        }
        return filled;
    }

    @Override
    public final List<Part> beside(WindowState state) {
        return filledBeside;
    }
}
