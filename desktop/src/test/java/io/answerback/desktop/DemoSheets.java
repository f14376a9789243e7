package io.answerback.desktop;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.site.Job;
import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.handover.LogBook;
import io.answerback.desktop.handover.RateBook;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.present.ChainPresentation;
import io.answerback.desktop.present.FindingsPresentation;
import io.answerback.desktop.present.RoutePresentation;
import io.answerback.desktop.present.RoutePresentation.OneStop;
import io.answerback.desktop.report.ReceiverShelf;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.shell.PartBench;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.Printing;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;

/// The sheets of a demo without a window: read, clicked and typed into by the words that stand on them.
public abstract class DemoSheets {
    /// When everything happens.
    protected static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

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

    /// The practice station; null until the report bench is looked at.
    private PracticeSession practice;
    private StoredKeys keys;

    /// So that a pass phrase opens the keys at once; what the tests say does not depend on it.
    private static final int FEW_ROUNDS = 1000;
    private MessageSession messages;

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
        background = new Background(openJob::tell, atOnce, atOnce, Runnable::run);
        rules = new RuleShelf(folder, background);
        table = new TableImport(openJob, background, opened.kinds(), Benches.usual(opened.conductors()));
        cables = new CableShelf(folder, background);
        benches = new Benches(
                openJob,
                new Look(),
                background,
                opened,
                InstantSource.fixed(NOW),
                rules,
                table,
                cables,
                files,
                printing);
    }

    @AfterEach
    void close() {
        if (practice != null) {
            practice.close();
            messages.close();
        }
        openJob.close();
    }

    /// Waits for answers of the practice station until words can be read.
    protected final void awaitReads(String words) throws InterruptedException {
        while (!reads(words)) {
            Runnable next = window.poll(10, TimeUnit.SECONDS);
            if (next == null) {
                throw new AssertionError("nothing more came, and nobody reads \"" + words + "\"");
            }
            next.run();
        }
    }

    /// The practice station.
    protected final PracticeSession practice() {
        report();
        return practice;
    }

    /// Opens another demo.
    protected final void demo(int number) {
        openJob.put(DemoJobs.job(number), Optional.empty(), "");
    }

    /// The job as it is now.
    protected final Job job() {
        return openJob.now().job();
    }

    /// Goes to a stop and looks at a point.
    protected final void at(Stop stop, String point) {
        openJob.go(stop);
        openJob.select(new PointId(point));
    }

    /// Whether something is found, by its id.
    protected final boolean finds(String id) {
        return openJob.now().assessment().findings().stream().map(Finding::id).anyMatch(id::equals);
    }

    private PartBench bench() {
        return switch (openJob.now().stop()) {
            case SURVEY -> benches.survey();
            case LOOP -> benches.loop();
            case CABLE -> benches.cable();
            case POWER -> benches.power();
            case BUS -> benches.bus();
            case SET_UP -> benches.setup();
            case REPORT -> report();
            case PROVE -> {
                report();
                yield benches.prove();
            }
            case HAND_OVER -> {
                report();
                yield benches.handOver();
            }
        };
    }

    /// The report bench, with a practice station of its own.
    protected final ReportBench report() {
        try {
            if (practice == null) {
                keys = new StoredKeys(folder, background, FEW_ROUNDS);
                messages = new MessageSession(InstantSource.fixed(NOW), Runnable::run, new AtOnce());
                practice = new PracticeSession(
                        openJob,
                        DataFiles.reporting(),
                        InstantSource.fixed(NOW),
                        0,
                        Duration.ZERO,
                        folder,
                        keys::keys,
                        window::add);
                benches.byStop(
                        practice,
                        DataFiles.reporting(),
                        new Benches.Reporting(
                                new ReceiverShelf(folder, background),
                                new UnitShelf(folder, background),
                                keys,
                                messages),
                        new Benches.Kept(
                                new LogBook(openJob, InstantSource.fixed(NOW), background),
                                new RateBook(folder, background)));
            }
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
        return benches.report();
    }

    /// What is seen now: the switch between the sheets, the sheet on top, what stands beside it.
    protected final Seen seen() {
        PartSheet sheet = bench().top(openJob.now());
        List<Part> parts = new ArrayList<>();
        bench().switching(openJob.now()).ifPresent(parts::add);
        parts.addAll(sheet.middle(openJob.now()));
        parts.addAll(sheet.beside(openJob.now()));
        parts.addAll(FindingsPresentation.of(openJob, openJob.now()));
        return Seen.of(parts);
    }

    /// Whether these words can be read on the sheet, about it, on the route line, along the chain, or in the line
    /// that tells what became of an edit.
    protected final boolean reads(String words) {
        PartSheet sheet = bench().top(openJob.now());
        return seen().reads(words)
                || sheet.title().contains(words)
                || sheet.about(openJob.now()).contains(words)
                || openJob.now().notice().contains(words)
                || around().anyMatch(its -> its.contains(words));
    }

    /// What stands on the route line and along the chain.
    private Stream<String> around() {
        WindowState now = openJob.now();
        return Stream.concat(
                RoutePresentation.of(now.assessment(), now.stop()).stops().stream()
                        .map(OneStop::figure),
                ChainPresentation.of(now.point(), false, Optional.empty()).links().stream()
                        .flatMap(link -> Stream.of(link.figure(), link.line())));
    }

    /// Clicks what a screen reader calls so.
    protected final void click(String name) {
        seen().click(name);
    }

    /// Types another value.
    ///
    /// @return whether it was taken
    protected final boolean edit(String name, String typed) {
        return seen().type(name, typed);
    }

    /// Takes an option of a choice.
    protected final void choose(String choice, String option) {
        seen().choose(choice, option);
    }

    /// Moves a slider.
    protected final void move(String name, double value) {
        seen().named(Slide.class, Slide::name, name).moved().accept(value);
    }

    /// The keys of the card that has the keyboard.
    protected final Card.Keys keys() {
        return seen().every(Card.class).getFirst().keys();
    }

    /// The words on the first page of paper that is shown.
    protected final String page() {
        Pages pages = seen().every(Pages.class).getFirst();
        return pages.paper().pages().get(pages.first()).stream()
                .filter(PaperElement.Text.class::isInstance)
                .map(element -> ((PaperElement.Text) element).words())
                .collect(Collectors.joining(", "));
    }

    /// The numbers of the first picture in a style on the sheet, drawn 800 wide.
    protected final Sketch sketch(String style) {
        return Sketch.of(seen().pictures(style).getFirst(), 800);
    }

    /// Takes back the last edit.
    protected final void undo() {
        openJob.undo();
    }
}
