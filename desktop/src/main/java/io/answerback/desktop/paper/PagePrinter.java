package io.answerback.desktop.paper;

import io.answerback.core.paper.Paper;
import io.answerback.desktop.work.Printing;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.transform.Translate;
import javafx.stage.Window;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Sends paper to a printer in its true size, off the JavaFX thread, a page after the other until it is stopped.
public final class PagePrinter implements Printing {
    private static final Logger LOG = LoggerFactory.getLogger(PagePrinter.class);
    private static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    private static final double SAME_SIZE_POINTS = 6;
    private static final String NO_PRINTER =
            "This computer has no printer that can be reached. Save it as PDF, and print that where there is one.";

    private final Window owner;
    private final Consumer<String> tell;
    private final Supplier<PrinterJob> printers;
    private volatile boolean stopped;

    /// @param tell told what came of it and how far it is, on the JavaFX thread
    public PagePrinter(Window owner, Consumer<String> tell) {
        this(owner, tell, PrinterJob::createPrinterJob);
    }

    /// @param printers begins to print on the usual printer; null where there is none
    PagePrinter(Window owner, Consumer<String> tell, Supplier<PrinterJob> printers) {
        this.owner = owner;
        this.tell = tell;
        this.printers = printers;
    }

    @Override
    public void print(Paper paper, Runnable ended) {
        stopped = false;
        Thread.ofVirtual().name("printer").start(() -> {
            String came = came(paper);
            Platform.runLater(() -> {
                tell.accept(came);
                ended.run();
            });
        });
    }

    @Override
    public void stop() {
        stopped = true;
    }

    private String came(Paper paper) {
        try {
            PrinterJob job = printers.get();
            if (job == null) {
                return NO_PRINTER;
            }
            PageLayout layout = layout(job.getPrinter(), paper);
            job.getJobSettings().setPageLayout(layout);
            job.getJobSettings().setJobName(paper.title());
            return job.showPrintDialog(owner) ? pages(job, paper) : "Nothing was printed.";
        } catch (RuntimeException failed) {
            LOG.warn("Printing failed", failed);
            return "The printer refused: %s. Save it as PDF, and print that.".formatted(failed.getMessage());
        }
    }

    private String pages(PrinterJob job, Paper paper) {
        int count = paper.pages().size();
        for (int i = 0; i < count && !stopped; i++) {
            String progress = "Printing page %d of %d".formatted(i + 1, count);
            Platform.runLater(() -> tell.accept(progress));
            PageLayout layout = job.getJobSettings().getPageLayout();
            PaperPage page = new PaperPage(paper, i, POINTS_PER_MILLIMETRE);
            page.getTransforms().add(new Translate(-layout.getLeftMargin(), -layout.getTopMargin()));
            if (!job.printPage(page)) {
                return "The printer refused page %d of %d. Save it as PDF, and print that.".formatted(i + 1, count);
            }
        }
        if (stopped) {
            job.cancelJob();
            return "Printing was stopped.";
        }
        return job.endJob() ? "Printed: %d pages".formatted(count) : "The printer refused it at the end.";
    }

    /// The printer's own paper of the size that is wanted, or the one it usually has.
    private static PageLayout layout(Printer printer, Paper paper) {
        double width = paper.widthMillimetres() * POINTS_PER_MILLIMETRE;
        double height = paper.heightMillimetres() * POINTS_PER_MILLIMETRE;
        double narrow = Math.min(width, height);
        double wide = Math.max(width, height);
        Optional<javafx.print.Paper> same = printer.getPrinterAttributes().getSupportedPapers().stream()
                .filter(its -> Math.abs(Math.min(its.getWidth(), its.getHeight()) - narrow) < SAME_SIZE_POINTS)
                .filter(its -> Math.abs(Math.max(its.getWidth(), its.getHeight()) - wide) < SAME_SIZE_POINTS)
                .min(Comparator.comparing(javafx.print.Paper::getName));
        return printer.createPageLayout(
                same.orElse(printer.getPrinterAttributes().getDefaultPaper()),
                width > height ? PageOrientation.LANDSCAPE : PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
    }
}
