package io.answerback.desktop.prove;

import io.answerback.core.event.EventTable;
import io.answerback.desktop.live.PanelClock;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;

/// Which lines have been answered, and what the panel does.
public final class ProveBench extends SheetedBench<ProveSheets> {
    private final PanelPractice panel = new PanelPractice();

    /// The bench.
    ///
    /// @param events the words of events
    public ProveBench(OpenJob openJob, Look look, PracticeSession practice, EventTable events) {
        super(openJob, look, ProveSheets.class, ProveSheets::title);
        PanelClock clock = new PanelClock(panel::pass);
        showWhenever(panel.changes());
        add(ProveSheets.PROOFS, () -> new ProveSheet(openJob, practice));
        add(ProveSheets.PANEL, () -> new PanelSheet(openJob, panel, clock, events));
        add(ProveSheets.STORIES, () -> new StoriesSheet(openJob, events));
    }

    /// The panel to practise with.
    public PanelPractice panel() {
        return panel;
    }

    @Override
    public void showPassing() {
        showAgain();
    }
}
