package io.answerback.desktop.report;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.ReceiverId;
import io.answerback.core.report.Outgoing;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import java.nio.file.Path;
import java.time.InstantSource;

/// What leaves the building, who is told, and what each receiver makes of it.
public final class ReportBench extends SheetedBench<ReportSheet> {
    private final LookedAt lookedAt = new LookedAt();
    private final OpenJob openJob;
    private final RecordingSheet recording;

    /// The bench.
    ///
    /// @param clock what time stands in a frame as an example
    public ReportBench(
            OpenJob openJob,
            Look look,
            Outgoing.Tables tables,
            InstantSource clock,
            PracticeSession practice,
            ReceiverShelf shelf,
            SoundOut sound,
            Background background,
            FileQuestions files) {
        super(openJob, look, ReportSheet.class, ReportSheet::title);
        this.openJob = openJob;
        Runnable receivers = () -> open(ReportSheet.RECEIVERS);
        recording = new RecordingSheet(openJob, tables, lookedAt, background, files);
        add(ReportSheet.SIGNAL, () -> new SignalSheet(openJob, tables, clock, practice, lookedAt, sound, receivers));
        add(ReportSheet.TOLD, () -> new ToldSheet(openJob, receivers));
        add(ReportSheet.RECEIVERS, () -> new ReceiversSheet(openJob, shelf::receivers));
        add(ReportSheet.PRINTED, () -> new PrintedSheet(openJob, tables.events(), lookedAt, receivers));
        add(ReportSheet.RECORDING, () -> recording);
        add(ReportSheet.STATION, () -> new StationSheet(practice, new RollFile(openJob, background, files)));
    }

    /// Looks at a receiver on every sheet.
    public void lookAt(ReceiverId receiver) {
        lookedAt.choose(receiver);
        showAgain();
    }

    /// The sheet on which recordings are read.
    public RecordingSheet recording() {
        return recording;
    }

    /// Reads a recording, and shows what is heard in it.
    public void read(Path file) {
        openJob.go(Stop.REPORT);
        open(ReportSheet.RECORDING);
        recording.open(file);
    }

    @Override
    public void showPassing() {
        showAgain();
    }
}
