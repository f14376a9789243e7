package io.answerback.command;

import io.answerback.desktop.shots.Shots;
import java.nio.file.Path;
import javafx.application.Application;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// Writes one picture of each main view, from the demo data.
@Command(name = "shots", description = "one PNG of each main view, from the demo data", mixinStandardHelpOptions = true)
final class ShotsVerb implements Runnable {
    /// The offscreen platform has one screen of this size; larger pictures need a display.
    private static final int OFFSCREEN_WIDTH = 1280;

    private static final int OFFSCREEN_HEIGHT = 800;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "folder to write to")
    private Path out;

    @Option(names = "--size", defaultValue = "1280x800", description = "width x height (default: ${DEFAULT-VALUE})")
    private String size;

    @Option(names = "--text", defaultValue = "100", description = "size of text in percent (default: ${DEFAULT-VALUE})")
    private int textPercent;

    @Option(names = "--theme", defaultValue = "light", description = "light or dark (default: ${DEFAULT-VALUE})")
    private String theme;

    @Override
    public void run() {
        if (!size.matches("\\d{3,4}x\\d{3,4}")) {
            throw new IllegalArgumentException("size is \"" + size + "\"; write it as 1280x800");
        }
        String[] sides = size.split("x");
        if (Integer.parseInt(sides[0]) <= OFFSCREEN_WIDTH && Integer.parseInt(sides[1]) <= OFFSCREEN_HEIGHT) {
            Window.offscreen();
        }
        Window.choose();
        Application.launch(Shots.class, out.toString(), sides[0], sides[1], Integer.toString(textPercent), theme);
    }
}
