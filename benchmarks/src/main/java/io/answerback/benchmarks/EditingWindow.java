package io.answerback.benchmarks;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Random;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.stage.Stage;

/// A window that edits and saves without end, to be killed: edit after edit gives one cable a metre more.
/// What was done is printed with the time.
public final class EditingWindow extends Application {
    /// The cable is longer than in any demo from the first edit on.
    static final int METRES_BEFORE = 100;

    private static final CableId CABLE = new CableId("C-17");
    private static final Duration EACH = Duration.ofMillis(30);
    private static final int SAVES_ONE_IN = 12;

    private ApplicationWindow application;
    private Random random;
    private int metres;

    @Override
    public void start(Stage stage) throws Exception {
        List<String> words = getParameters().getRaw();
        Path file = Path.of(words.get(0));
        Path home = Path.of(words.get(1));
        random = new Random(Long.parseLong(words.get(2)));
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.JobAt(file), home), home, InstantSource.system(), 0, Duration.ZERO);
        application.show();
        Timeline timeline = new Timeline(new KeyFrame(javafx.util.Duration.millis(EACH.toMillis()), at -> next()));
        timeline.setCycleCount(Timeline.INDEFINITE);
        timeline.play();
    }

    private void next() {
        application.keeper().outside().conflict().get().ifPresent(conflict -> settle());
        if (random.nextInt(SAVES_ONE_IN) == 0) {
            application.keeper().save();
        } else {
            metres++;
            application.openJob().apply(Edits.cableMetres(CABLE, METRES_BEFORE + metres));
            System.out.println(metres + " " + System.currentTimeMillis());
        }
    }

    /// Somebody else changed the file: this window's job is kept, or theirs is taken.
    private void settle() {
        if (random.nextBoolean()) {
            application.keeper().outside().keepMine();
        } else {
            application.keeper().outside().takeTheirs();
        }
    }

    /// Runs from the command line: the job file, the folder of the application, a seed.
    public static void main(String[] arguments) {
        launch(EditingWindow.class, arguments);
    }
}
