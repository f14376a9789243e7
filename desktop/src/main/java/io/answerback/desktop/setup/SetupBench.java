package io.answerback.desktop.setup;

import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.RuleShelf;
import java.time.InstantSource;

/// From what is wanted to what is typed.
public final class SetupBench extends SheetedBench<SetupSheet> {
    /// The bench.
    ///
    /// @param background reads and writes files
    /// @param shelf keeps the firm's own profiles
    /// @param print writes the run sheet
    /// @param clock tells when an entry was typed
    public SetupBench(
            OpenJob openJob, Look look, Background background, RuleShelf shelf, SetupPrint print, InstantSource clock) {
        super(openJob, SetupSheet.class, SetupSheet::title);
        add(SetupSheet.TYPING, () -> new TypingSheet(openJob, look, print, clock));
        add(SetupSheet.DECISIONS, () -> new DecisionsSheet(openJob, look));
        add(SetupSheet.WAYS, () -> new WaysSheet(openJob, look));
        add(SetupSheet.WAY_IN, () -> new WayInSheet(openJob, look));
        add(SetupSheet.CODES, () -> new CodesSheet(openJob, look));
        add(SetupSheet.PROFILE, () -> new ProfileSheet(openJob, look, shelf));
        add(SetupSheet.FOUND, () -> new SetupFoundSheet(openJob, look, new FoundTable(openJob, background)));
    }

    @Override
    public boolean mayFillWindow() {
        return true;
    }
}
