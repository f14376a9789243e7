package io.answerback.desktop.cable;

import io.answerback.core.model.profile.Conductor;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;

/// Which core goes where, and what has been run, labelled and put in place.
public final class CableBench extends SheetedBench<CableSheet> {
    private final PrintPart print;
    private final PaperSheet paper;

    /// The bench.
    ///
    /// @param shelf the types of cable there are to choose from
    /// @param usual the cores of a new cable, until its type is chosen
    /// @param print what saves paper and sends it to a printer
    public CableBench(BenchTools tools, CableShelf shelf, Conductor usual, PrintPart print) {
        super(tools, CableSheet.class, CableSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        this.print = print;
        this.paper = new PaperSheet(openJob, shelf, print);
        companion(CableSheet.BOX, new OtherEndSheet(openJob, clock));
        sheets(sheet -> switch (sheet) {
            case BOX -> new BoxSheet(openJob, shelf, this::openPaper, clock);
            case RUN -> new WiringRunSheet(openJob, clock);
            case CABLES -> new CablesSheet(openJob, shelf, usual, this::openPaper);
            case PAPER -> paper;
        });
    }

    /// Lays the sheet of paper on top with one kind of it.
    public void openPaper(PrintKind kind) {
        paper.choose(kind);
        open(CableSheet.PAPER);
    }

    /// What writes paper.
    public PrintPart print() {
        return print;
    }

    @Override
    public boolean mayFillWindow() {
        return true;
    }
}
