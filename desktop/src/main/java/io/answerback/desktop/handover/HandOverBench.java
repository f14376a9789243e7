package io.answerback.desktop.handover;

import io.answerback.core.event.EventTable;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import java.nio.file.Path;
import java.time.InstantSource;

/// What is taken, how long it takes, visits, what the client keeps, and what must not be left behind.
public final class HandOverBench extends SheetedBench<HandOverSheets> {
    private final PhotosSheet photos;

    /// The bench.
    ///
    /// @param events what events are called
    /// @param log what is done to the open job
    /// @param rates the rates of the firm
    public HandOverBench(
            OpenJob openJob,
            Look look,
            EventTable events,
            InstantSource clock,
            Background background,
            FileQuestions files,
            LogBook log,
            RateBook rates) {
        super(openJob, look, HandOverSheets.class, HandOverSheets::title);
        showWhenever(rates.changes());
        Who who = new Who();
        LeavingPart leaving = new LeavingPart(openJob, who, clock);
        Saving saving = new Saving(openJob, background, files, events, clock);
        add(HandOverSheets.PACK, () -> new PackSheet(saving, background, leaving));
        add(HandOverSheets.LEAVING, () -> new LeavingSheet(openJob, who, leaving, clock));
        add(HandOverSheets.DUE, () -> new DueSheet(saving, clock));
        add(HandOverSheets.VISITS, () -> new VisitsSheet(openJob, who, log, rates, clock));
        add(HandOverSheets.MATERIALS, () -> new MaterialsSheet(openJob, background, files));
        add(HandOverSheets.TIME, () -> new TimeSheet(openJob, rates, clock));
        photos = new PhotosSheet(openJob, background, files);
        add(HandOverSheets.PHOTOS, () -> photos);
        add(HandOverSheets.LOG, () -> new LogSheet(openJob, log, background, files));
    }

    /// Whether a file's name says that it is a picture.
    public static boolean takes(Path file) {
        return PhotosSheet.takes(file);
    }

    /// Takes in a picture that was dropped on the window.
    public void photograph(Path file) {
        open(HandOverSheets.PHOTOS);
        photos.take(file);
    }
}
