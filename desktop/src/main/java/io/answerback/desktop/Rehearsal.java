package io.answerback.desktop;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Queue;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;

/// Opens every view once, tries a point, saves the job, reads it back and leaves: what the build runs to train
/// the cache of loaded classes.
final class Rehearsal {
    private static final long STEP_NANOS = Duration.ofMillis(250).toNanos();

    private Rehearsal() {}

    /// When the system property `answerback.rehearse` is true: begins as soon as the stage is shown.
    static void beginIfAsked(Stage stage, ApplicationWindow application) {
        if (Boolean.getBoolean("answerback.rehearse")) {
            Queue<Runnable> steps = new ArrayDeque<>();
            steps.add(() -> application.practice().toggle(new PointId("07")));
            for (Stop stop : Stop.values()) {
                steps.add(() -> application.openJob().go(stop));
            }
            steps.add(() -> application.openJob().selectNext(1));
            steps.add(() -> application.practice().toggle(new PointId("07")));
            steps.add(() -> savedAndRead(application.openJob().latest().get()));
            steps.add(Platform::exit);
            stage.setOnShown(shown -> new Steps(steps).start());
        }
    }

    private static void savedAndRead(Job job) {
        try {
            Path file = Files.createTempFile("rehearsal", JobFile.ENDING);
            JobFile.overwrite(file, JobDocument.of(job));
            JobFile.open(file);
            Files.delete(file);
        } catch (BrokenFile | IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static final class Steps extends AnimationTimer {
        private final Queue<Runnable> left;
        private long last;

        private Steps(Queue<Runnable> left) {
            this.left = left;
        }

        @Override
        public void handle(long now) {
            if (now - last > STEP_NANOS && !left.isEmpty()) {
                last = now;
                left.remove().run();
            }
        }
    }
}
