package io.answerback.desktop;

import io.answerback.core.model.site.Job;
import io.answerback.desktop.shell.JobKeeper;
import io.answerback.desktop.start.StartSheet;
import io.answerback.desktop.work.Background;
import io.answerback.files.Recovery;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;

/// What a choice on the start sheet does.
///
/// @param begin opens a job that has no file, with the key it goes by, and then does something
/// @param typePoint puts the cursor where the first point is typed
/// @param leaveStart goes to the job under the sheet
record StartActions(
        JobKeeper keeper,
        Background background,
        InstantSource clock,
        Runnable begun,
        Runnable typePoint,
        Runnable learn,
        Runnable leaveStart)
        implements StartSheet.Actions {
    private void begin(Job job, String key, Runnable then) {
        keeper.begin(job, key, () -> {
            begun.run();
            then.run();
        });
    }

    /// Opens the plan of an exercise as a job of its own, beside the open one.
    void plan(Job job, Runnable then) {
        keeper.look(job, Recovery.newKey(clock.instant()), () -> {
            begun.run();
            then.run();
        });
    }

    @Override
    public void open(Path file) {
        keeper.open(file);
    }

    @Override
    public void begin(Job job) {
        begin(job, Recovery.newKey(clock.instant()), typePoint);
    }

    @Override
    public void resume(Job job, String key) {
        begin(job, key, () -> {});
    }

    @Override
    public void demo(int number) {
        background.run(
                () -> DemoJobs.job(number, today()), job -> begin(job, new Opening.Demo(number).toString(), () -> {}));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    @Override
    public void exercises() {
        learn.run();
    }

    @Override
    public void leave() {
        leaveStart.run();
    }
}
