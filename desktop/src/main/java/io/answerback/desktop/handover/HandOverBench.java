package io.answerback.desktop.handover;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.paper.PageSize;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import java.nio.file.Path;
import java.time.InstantSource;

/// What is taken, how long it takes, visits, what the client keeps, and what must not be left behind.
public final class HandOverBench extends SheetedBench<HandOverSheets> {
    private final OpenJob openJob;
    private final Saving saving;
    private final PhotosSheet photos;

    /// The bench.
    ///
    /// @param events what events are called
    /// @param log what is done to the open job
    /// @param engineer who works here
    /// @param rates the rates of the firm
    public HandOverBench(BenchTools tools, EventTable events, Engineer engineer, LogBook log, RateBook rates) {
        super(tools, HandOverSheets.class, HandOverSheets::title);
        Background background = tools.background();
        FileQuestions files = tools.files();
        InstantSource clock = tools.clock();
        showWhenever(rates.changes());
        this.openJob = tools.openJob();
        LeavingPart leaving = new LeavingPart(openJob, engineer, clock);
        saving = new Saving(openJob, background, files, events, clock);
        photos = new PhotosSheet(openJob, background, files);
        sheets(sheet -> switch (sheet) {
            case PACK -> new PackSheet(saving, background, leaving);
            case LEAVING -> new LeavingSheet(openJob, engineer, leaving, clock);
            case DUE -> new DueSheet(saving, clock);
            case VISITS -> new VisitsSheet(openJob, engineer, log, rates, clock);
            case MATERIALS -> new MaterialsSheet(openJob, background, files);
            case TIME -> new TimeSheet(openJob, rates, clock);
            case PHOTOS -> photos;
            case LOG -> new LogSheet(openJob, log, background, files);
        });
    }

    /// Whether a file's name says that it is a picture.
    public static boolean takes(Path file) {
        return PhotosSheet.takes(file);
    }

    /// Takes in a picture that was dropped on the window.
    public void photograph(Path file) {
        openJob.go(Stop.HAND_OVER);
        open(HandOverSheets.PHOTOS);
        photos.take(file);
    }

    /// Somebody who opens a job whose last visit has ended is about to make a service visit: it is planned already.
    public void planVisit() {
        SiteService service = openJob.now().job().service();
        if (service.last().isPresent() && service.now().isEmpty()) {
            openJob.go(Stop.HAND_OVER);
            open(HandOverSheets.VISITS);
            openJob.tell(
                    "The last visit has ended. What a service visit has to do is listed: begin it when you are there.");
        }
    }

    /// Writes the pack into a folder, on pages of A4.
    public void savePack(Path folder) {
        saving.pack(folder, PageSize.A4);
    }
}
