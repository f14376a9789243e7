package io.answerback.desktop.setup;

import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.RuleShelf;
import java.time.InstantSource;

/// From what is wanted to what is typed.
public final class SetupBench extends SheetedBench<SetupSheet> {
    /// The bench.
    ///
    /// @param shelf keeps the firm's own profiles
    public SetupBench(BenchTools tools, RuleShelf shelf) {
        super(tools, SetupSheet.class, SetupSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        Background background = tools.background();
        FileQuestions files = tools.files();
        SetupPrint print = new SetupPrint(openJob, background, files);
        sheets(sheet -> switch (sheet) {
            case TYPING -> new TypingSheet(openJob, print, clock);
            case DECISIONS -> new DecisionsSheet(openJob);
            case WAYS -> new WaysSheet(openJob);
            case WAY_IN -> new WayInSheet(openJob);
            case CODES -> new CodesSheet(openJob);
            case PROFILE -> new ProfileSheet(openJob, new ProfileFiles(openJob, shelf, files));
            case FOUND -> new SetupFoundSheet(openJob, new FoundTable(openJob, background), files);
        });
    }

    @Override
    public boolean mayFillWindow() {
        return true;
    }
}
