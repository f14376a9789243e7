package io.answerback.desktop.cable;

import io.answerback.core.profile.Conductor;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
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
    /// @param clock tells when a core is put in place
    public CableBench(Desk desk, Look look, CableShelf shelf, Conductor usual, PrintPart print, InstantSource clock) {
        super(desk, CableSheet.class, CableSheet::title);
        this.print = print;
        this.paper = new PaperSheet(desk, look, shelf, print);
        add(CableSheet.BOX, () -> new BoxSheet(desk, look, shelf, this::openPaper, clock));
        add(CableSheet.RUN, () -> new WiringRunSheet(desk, clock));
        add(CableSheet.CABLES, () -> new CablesSheet(desk, look, shelf, usual, this::openPaper));
        add(CableSheet.PAPER, () -> paper);
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
}
