package io.answerback.desktop;

import io.answerback.desktop.shell.SaidFailures;
import io.answerback.desktop.theme.Look;
import io.answerback.files.BrokenFile;
import io.answerback.files.folder.AppFolder;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/// The desktop application.
public final class AnswerbackApplication extends Application {
    private static final int STATION_PORT = 9009;
    private static final Duration LINK_LIGHT = Duration.ofMillis(110);

    /// What is being read while JavaFX starts. Held here because JavaFX makes the application itself.
    private static CompletableFuture<Opened> ahead;

    private ApplicationWindow application;

    /// Made by JavaFX. Styles a scene that is never shown, so that fonts and style sheet are ready when the
    /// job is.
    public AnswerbackApplication() {
        Scene warm = new Scene(new VBox(new Label("0"), new Button("0"), new TextField("0")));
        new Look().dress(warm);
        warm.getRoot().applyCss();
    }

    /// Starts the application and returns when its window is closed. The job is read while JavaFX starts.
    ///
    /// @throws BrokenFile when the job file cannot be read; no window was shown then
    public static void launch(Opening opening) throws BrokenFile {
        ahead = CompletableFuture.supplyAsync(() -> read(opening));
        Application.launch(AnswerbackApplication.class);
        if (ahead.isCompletedExceptionally()) {
            if (ahead.exceptionNow() instanceof BrokenFile refused) {
                throw refused;
            }
            throw new IllegalStateException(ahead.exceptionNow());
        }
    }

    private static Opened read(Opening opening) {
        try {
            return Opened.read(opening, AppFolder.find(), LocalDate.now());
        } catch (BrokenFile broken) {
            throw new CompletionException(broken);
        }
    }

    /// Waits until the job was read or refused, off the window's thread.
    @Override
    public void init() {
        ahead.exceptionally(refused -> null).join();
    }

    @Override
    public void start(Stage stage) throws IOException {
        if (ahead.isCompletedExceptionally()) {
            Platform.exit();
            return;
        }
        Path folder = AppFolder.find();
        application = new ApplicationWindow(
                stage, ahead.resultNow(), folder, InstantSource.system(), STATION_PORT, LINK_LIGHT);
        Thread.setDefaultUncaughtExceptionHandler(new SaidFailures(Platform::runLater, application.openJob()::warn));
        FirstPicture.reportIfAsked(stage);
        Rehearsal.beginIfAsked(stage, application);
        application.show();
    }

    @Override
    public void stop() {
        if (application != null) {
            application.close();
        }
    }
}
