package io.answerback.benchmarks;

import io.answerback.desktop.FirstPicture;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/// A window with nothing in it, of the demo's size: what the demo's start is measured against.
public final class EmptyWindow extends Application {
    /// Starts it.
    public static void main(String[] arguments) {
        launch(arguments);
    }

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new StackPane(), 1280, 800));
        FirstPicture.reportIfAsked(stage);
        stage.show();
    }
}
