package io.answerback.desktop.shell;

import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.Optional;
import javafx.scene.Node;

/// A bench of one sheet, which shows what passes between panel and station too.
public final class OneSheetBench implements Bench {
    private final OpenJob openJob;
    private final PartSheet sheet;
    private final SheetFrame frame;

    /// A bench of this sheet.
    public OneSheetBench(OpenJob openJob, Look look, PartSheet sheet) {
        this.openJob = openJob;
        this.sheet = sheet;
        this.frame = new SheetFrame(look);
    }

    @Override
    public Node sheet() {
        return frame.bench();
    }

    @Override
    public Node instrument() {
        return frame.instrument();
    }

    @Override
    public void show(WindowState state) {
        frame.show(sheet, state, Optional.empty());
    }

    @Override
    public void showPassing() {
        show(openJob.now());
    }
}
