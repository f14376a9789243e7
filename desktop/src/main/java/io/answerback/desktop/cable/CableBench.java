package io.answerback.desktop.cable;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import io.answerback.job.CableType;
import java.time.InstantSource;
import java.util.List;

/// Which core goes where, and what has been run, labelled and put in place.
public final class CableBench extends SheetedBench<CableSheet> {
    private final PrintPart print;

    /// The bench.
    ///
    /// @param types the types of cable there are to choose from
    /// @param print the buttons that write paper
    /// @param clock tells when a core is put in place
    public CableBench(Desk desk, Look look, List<CableType> types, PrintPart print, InstantSource clock) {
        super(desk, CableSheet.class, CableSheet::title);
        this.print = print;
        add(CableSheet.BOX, () -> new BoxSheet(desk, look, types, print));
        add(CableSheet.RUN, () -> new RunSheet(desk, clock));
        add(CableSheet.CABLES, () -> new CablesSheet(desk, look, types, print));
    }

    /// What writes paper.
    public PrintPart print() {
        return print;
    }
}
