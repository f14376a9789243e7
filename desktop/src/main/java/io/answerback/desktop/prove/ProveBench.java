package io.answerback.desktop.prove;

import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.live.PanelClock;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.WalkPractice;
import io.answerback.desktop.live.WalkSound;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;
import java.util.function.LongSupplier;

/// Which lines have been answered, and what the panel does.
public final class ProveBench extends SheetedBench<ProveSheets> {
    private static final int STORY_SPEED = 10;
    private static final long NANOS_A_MILLI = 1_000_000;
    private static final LongSupplier MILLIS = () -> System.nanoTime() / NANOS_A_MILLI;

    private final PanelPractice panel;
    private final PanelClock clock;
    private final WalkPractice walk;
    private final PanelClock seconds;
    private final PanelClock watch;

    /// The bench.
    ///
    /// @param events the words of events
    /// @param engineer who works here
    public ProveBench(BenchTools tools, PracticeSession practice, EventTable events, Engineer engineer) {
        super(tools, ProveSheets.class, ProveSheets::title);
        OpenJob openJob = tools.openJob();
        Background background = tools.background();
        FileQuestions files = tools.files();
        InstantSource time = tools.clock();
        panel = new PanelPractice(practice.line());
        StoryFiles stories = new StoryFiles(openJob, background, files);
        clock = new PanelClock(panel::pass);
        PlanLines lines = new PlanLines();
        WalkSound sound = new WalkSound(background, openJob::tell);
        walk = new WalkPractice(
                practice.roll(),
                openJob.state()
                        .map(state -> new PlanLines().of(state.assessment()).plan()),
                time,
                MILLIS,
                openJob::learn,
                () -> openJob.latest().get().acceptance(),
                sound::note);
        seconds = new PanelClock(passed -> walk.tick());
        watch = new PanelClock(passed -> showAgain());
        PhonePage phone = new PhonePage(walk, background, practice.window(), MILLIS);
        walk.changes()
                .subscribe(change ->
                        phone.shows(openJob.now().job(), lines.of(openJob.now().assessment())));
        showWhenever(panel.changes());
        showWhenever(walk.changes());
        sheets(sheet -> switch (sheet) {
            case PLAN ->
                new PlanSheet(
                        openJob,
                        lines,
                        time,
                        engineer,
                        new ModelShow(openJob, practice.line(), time, openJob::learn),
                        new PlanCards(
                                openJob,
                                line -> new LineCard(line, new Stopwatch(MILLIS, time), watch::run, this::showAgain),
                                this::showAgain));
            case WALK -> new WalkSheet(openJob, lines, walk, practice, engineer, time, seconds::run, phone, sound);
            case PROOFS -> new ProveSheet(openJob, practice);
            case PANEL -> new PanelSheet(openJob, panel, clock, events, stories);
            case STORIES -> new StoriesSheet(openJob, events, stories, this::play);
        });
    }

    /// Plays a story on the practice panel.
    private void play(PanelCase story) {
        panel.play(story);
        clock.run(STORY_SPEED);
        open(ProveSheets.PANEL);
    }

    @Override
    public boolean mayFillWindow() {
        return true;
    }

    /// The live walk.
    public WalkPractice walk() {
        return walk;
    }

    /// The panel to practise with.
    public PanelPractice panel() {
        return panel;
    }

    @Override
    public void showPassing() {
        showAgain();
    }
}
