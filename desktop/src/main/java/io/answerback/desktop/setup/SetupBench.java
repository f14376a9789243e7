package io.answerback.desktop.setup;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.Disk;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.survey.RuleShelf;
import io.answerback.desktop.theme.Look;
import java.time.InstantSource;

/// From what is wanted to what is typed.
public final class SetupBench extends SheetedBench<SetupSheet> {
    /// The bench.
    ///
    /// @param disk reads and writes files
    /// @param shelf keeps the firm's own profiles
    /// @param print writes the run sheet
    /// @param clock tells when an entry was typed
    public SetupBench(Desk desk, Look look, Disk disk, RuleShelf shelf, SetupPrint print, InstantSource clock) {
        super(desk, SetupSheet.class, SetupSheet::title);
        add(SetupSheet.TYPING, () -> new TypingSheet(desk, look, print, clock));
        add(SetupSheet.DECISIONS, () -> new DecisionsSheet(desk, look));
        add(SetupSheet.WAYS, () -> new WaysSheet(desk, look));
        add(SetupSheet.WAY_IN, () -> new WayInSheet(desk, look));
        add(SetupSheet.CODES, () -> new CodesSheet(desk, look));
        add(SetupSheet.PROFILE, () -> new ProfileSheet(desk, look, shelf));
        add(SetupSheet.FOUND, () -> new SetupFoundSheet(desk, look, new FoundTable(desk, disk)));
    }
}
