package io.answerback.desktop.report;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.report.ReportTables;
import io.answerback.desktop.communicator.CommunicatorSheet;
import io.answerback.desktop.communicator.MessagesSheet;
import io.answerback.desktop.communicator.PhonesSheet;
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.PhonePractice;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Sending;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.DataFiles;
import java.nio.file.Path;
import java.time.InstantSource;

/// What leaves the building, who is told, and what each receiver makes of it.
public final class ReportBench extends SheetedBench<ReportSheet> {
    private final ChosenReceiver chosenReceiver = new ChosenReceiver();
    private final OpenJob openJob;
    private final RecordingSheet recording;
    private final PhonePractice phones;

    /// The bench.
    public ReportBench(BenchTools tools, ReportTables tables, Sending sending, ReceiverShelf shelf, UnitShelf units) {
        super(tools, ReportSheet.class, ReportSheet::title, ReportSheet::row);
        Background background = tools.background();
        FileQuestions files = tools.files();
        InstantSource clock = tools.clock();
        StoredKeys keys = sending.keys();
        MessageSession messages = sending.messages();
        PracticeSession practice = sending.practice();
        this.openJob = tools.openJob();
        SoundOut sound = new SoundOut(openJob, background, files);
        showWhenever(keys.state());
        showWhenever(messages.changes());
        this.phones = new PhonePractice(clock, messages);
        showWhenever(phones.changes());
        Runnable receivers = () -> open(ReportSheet.RECEIVERS);
        recording = new RecordingSheet(openJob, tables, chosenReceiver, background, files, clock);
        companion(ReportSheet.SIGNAL, ReportSheet.STATION);
        sheets(sheet -> switch (sheet) {
            case SIGNAL -> new SignalSheet(openJob, tables, clock, practice, chosenReceiver, sound, receivers);
            case TOLD -> new ToldSheet(openJob, tables.events(), receivers);
            case HOW_LONG -> new HowLongSheet(openJob, tables, DataFiles.transmissionClasses());
            case NETWORK -> new NetworkSheet(openJob, background, files);
            case RECEIVERS -> new ReceiversSheet(openJob, shelf::receivers, keys);
            case PRINTED -> new PrintedSheet(openJob, tables.events(), chosenReceiver, receivers);
            case COMMUNICATOR -> new CommunicatorSheet(openJob, units::units, clock, background, files);
            case MESSAGES -> new MessagesSheet(openJob, tables.events(), messages, keys);
            case PHONES -> new PhonesSheet(openJob, tables.events(), phones);
            case RECORDING -> recording;
            case STATION -> new StationSheet(practice, new RollFile(openJob, background, files));
        });
    }

    /// Looks at a receiver on every sheet.
    public void lookAt(ReceiverId receiver) {
        chosenReceiver.choose(receiver);
        showAgain();
    }

    /// The phones in the window.
    public PhonePractice phones() {
        return phones;
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
