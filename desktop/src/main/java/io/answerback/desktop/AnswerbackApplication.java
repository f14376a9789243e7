package io.answerback.desktop;

import io.answerback.files.AppFolder;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/// The desktop application. Its parameters say what to open: `demo` and a number, or `open` and a file.
public final class AnswerbackApplication extends Application {
    private static final int STATION_PORT = 9009;
    private static final Duration LINK_LIGHT = Duration.ofMillis(110);

    private Workplace workplace;

    @Override
    public void start(Stage stage) throws Exception {
        List<String> what = getParameters().getRaw();
        Opening opening = what.getFirst().equals("demo")
                ? new Opening.Demo(Integer.parseInt(what.get(1)))
                : new Opening.JobAt(java.nio.file.Path.of(what.get(1)));
        workplace = new Workplace(stage, opening, AppFolder.find(), InstantSource.system(), STATION_PORT, LINK_LIGHT);
        stage.setOnShown(shown -> Platform.runLater(AnswerbackApplication::painted));
        workplace.show();
    }

    /// For measuring the start: says on standard error when the first picture is up, if asked to, and may
    /// leave then.
    private static void painted() {
        if (Boolean.getBoolean("answerback.measureStart")) {
            long millis = ProcessHandle.current()
                    .info()
                    .startInstant()
                    .map(start ->
                            Duration.between(start, java.time.Instant.now()).toMillis())
                    .orElse(-1L);
            System.err.println("painted after " + millis + " ms");
            Platform.exit();
        }
    }

    @Override
    public void stop() {
        if (workplace != null) {
            workplace.close();
        }
    }
}
