package io.answerback.desktop;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.handover.LogBook;
import io.answerback.desktop.handover.RateBook;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Sending;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.report.ReceiverShelf;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.Printing;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;

/// A demo that is open without a window, with its benches and, once the report bench is asked for, a practice
/// station.
public abstract class OpenedDemo {
    /// When everything happens.
    protected static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    private static final InstantSource CLOCK = InstantSource.fixed(NOW);

    private static final Assessor ASSESSOR = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 2));

    /// What a window is opened with; it never changes, so it is read once for all tests.
    private static Opened opened;

    private static Assessment assessed;

    /// Where what is remembered is kept.
    @TempDir
    protected Path folder;

    /// The job and where somebody looks.
    protected OpenJob openJob;

    /// Its benches.
    protected Benches benches;

    /// Asks for files; it knows of none unless a test says so.
    protected final FileQuestions files = Mockito.mock(FileQuestions.class);

    /// Prints on nothing unless a test says so.
    protected final Printing printing = Mockito.mock(Printing.class);

    /// Brings in tables of points.
    protected TableImport table;

    /// Keeps the firm's rules and profiles.
    protected RuleShelf rules;

    /// Does work with files and long calculations, at once.
    protected Background background;

    /// The practice station and what goes with it; null until a test needs them, for it opens a port.
    private Sending sending;

    /// So that a pass phrase opens the keys at once; what the tests say does not depend on it.
    private static final int FEW_ROUNDS = 1000;

    /// What is to be done on the window's thread, which here is that of the test.
    private final BlockingQueue<Runnable> window = new LinkedBlockingQueue<>();

    /// Keeps its reels and labels.
    protected CableShelf cables;

    @BeforeEach
    void openDemo() throws Exception {
        if (opened == null) {
            opened = Opened.read(new Opening.Demo(1), folder);
            assessed = ASSESSOR.assess(DemoJobs.job(1));
        }
        openJob = new OpenJob(ASSESSOR, assessed, Optional.empty(), "");
        openJob.waitUpTo(Duration.ofSeconds(10));
        ExecutorService atOnce = new AtOnce();
        background = new Background(openJob::tell, atOnce, atOnce, Runnable::run, Runnable::run);
        rules = new RuleShelf(folder, background);
        table = new TableImport(openJob, background, opened.kinds(), Benches.usual(opened.conductors()));
        cables = new CableShelf(folder, background);
        benches = new Benches(
                new BenchTools(openJob, new Look(), background, files, CLOCK),
                opened,
                new Shelves(rules, cables, new ReceiverShelf(folder, background), new UnitShelf(folder, background)),
                table,
                printing,
                this::sending,
                new Benches.Kept(
                        Engineer.unknown(),
                        new LogBook(openJob, CLOCK, background, Engineer.unknown()),
                        new RateBook(folder, background)));
    }

    @AfterEach
    void close() {
        if (sending != null) {
            sending.practice().close();
            sending.messages().close();
        }
        openJob.close();
    }

    /// The practice station.
    protected final PracticeSession practice() {
        return sending().practice();
    }

    /// The report bench, with a practice station of its own.
    protected final ReportBench report() {
        return benches.report();
    }

    private Sending sending() {
        if (sending == null) {
            StoredKeys keys = new StoredKeys(folder, background, FEW_ROUNDS);
            sending = new Sending(practice(keys), keys, new MessageSession(CLOCK, Runnable::run, new AtOnce()));
        }
        return sending;
    }

    private PracticeSession practice(StoredKeys keys) {
        try {
            return new PracticeSession(
                    openJob, DataFiles.reporting(), CLOCK, 0, Duration.ZERO, folder, keys::keys, window::add);
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    /// Does what comes next on the window's thread, waiting for it.
    ///
    /// @return whether something came within ten seconds
    protected final boolean next() throws InterruptedException {
        Runnable next = window.poll(10, TimeUnit.SECONDS);
        if (next != null) {
            next.run();
        }
        return next != null;
    }
}
