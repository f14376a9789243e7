package io.answerback.desktop.shell;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.Optional;

/// A bench of one sheet, which shows what passes between panel and station too.
public final class OneSheetBench extends PartBench {
    private final PartSheet sheet;

    /// A bench of this sheet.
    public OneSheetBench(OpenJob openJob, Look look, PartSheet sheet) {
        super(openJob, look);
        this.sheet = sheet;
    }

    @Override
    public PartSheet top(WindowState state) {
        return sheet;
    }

    @Override
    public Optional<Part> switching(WindowState state) {
        return Optional.empty();
    }

    @Override
    public void showPassing() {
        showAgain();
    }
}
