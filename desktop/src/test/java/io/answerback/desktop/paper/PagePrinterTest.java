package io.answerback.desktop.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import io.answerback.core.paper.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javafx.print.PrinterJob;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/// Printers that are not there, that refuse and that break: what is said of each.
@ExtendWith(ApplicationExtension.class)
class PagePrinterTest {
    private static final Paper TWO_PAGES =
            new Paper("Schedule", 210, 297, List.of(List.of(), List.of()), List.of(), List.of());

    private final PrinterJob job = mock(PrinterJob.class, RETURNS_DEEP_STUBS);

    private String printed(Supplier<PrinterJob> printers) throws InterruptedException {
        List<String> told = new ArrayList<>();
        CountDownLatch ended = new CountDownLatch(1);
        new PagePrinter(null, told::add, printers).print(TWO_PAGES, ended::countDown);
        assertThat(ended.await(20, TimeUnit.SECONDS)).isTrue();
        return told.getLast();
    }

    private PrinterJob dialogue(boolean agreed) {
        when(job.getPrinter().getPrinterAttributes().getSupportedPapers()).thenReturn(Set.of());
        when(job.showPrintDialog(any())).thenReturn(agreed);
        return job;
    }

    @Test
    void withoutAPrinterItIsSavedInstead() throws Exception {
        assertThat(printed(() -> null))
                .startsWith("This computer has no printer")
                .contains("Save it as PDF");
    }

    @Test
    void aPrinterThatRefusesAPageIsSaidWithThePage() throws Exception {
        PrinterJob refusing = dialogue(true);
        when(refusing.printPage(any())).thenReturn(true, false);
        assertThat(printed(() -> refusing))
                .isEqualTo("The printer refused page 2 of 2. Save it as PDF, and print that.");
        verify(refusing, never()).endJob();
    }

    @Test
    void allPagesAreCountedWhenTheyAreOut() throws Exception {
        PrinterJob willing = dialogue(true);
        when(willing.printPage(any())).thenReturn(true);
        when(willing.endJob()).thenReturn(true);
        assertThat(printed(() -> willing)).isEqualTo("Printed: 2 pages");
    }

    @Test
    void aDialogueThatIsClosedPrintsNothing() throws Exception {
        PrinterJob closed = dialogue(false);
        assertThat(printed(() -> closed)).isEqualTo("Nothing was printed.");
        verify(closed, never()).printPage(any());
    }

    @Test
    void aPrinterThatBreaksIsSaid() throws Exception {
        PrinterJob broken = dialogue(true);
        when(broken.printPage(any())).thenThrow(new IllegalStateException("out of paper"));
        assertThat(printed(() -> broken))
                .isEqualTo("The printer refused: out of paper. Save it as PDF, and print that.");
    }
}
