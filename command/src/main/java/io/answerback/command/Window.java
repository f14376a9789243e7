package io.answerback.command;

import java.util.Locale;
import javafx.application.Application;

/// Starts a JavaFX application, offscreen when there is no display.
final class Window {
    private Window() {}

    static void launch(Class<? extends Application> application, String... parameters) {
        if (System.getProperty("glass.platform") == null && !hasDisplay()) {
            System.err.println("There is no display: running offscreen.");
            offscreen();
        }
        Application.launch(application, parameters);
    }

    static void offscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("java.awt.headless", "true");
    }

    private static boolean hasDisplay() {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        return !system.contains("linux") || System.getenv("DISPLAY") != null;
    }
}
