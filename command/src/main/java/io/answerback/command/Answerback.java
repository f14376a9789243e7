package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;
import io.answerback.files.BrokenFile;
import java.nio.file.Path;
import java.util.Optional;

/// Where the program begins. A plain call that opens a window goes straight to it, for reading the command line
/// takes as long as half of the window does.
public final class Answerback {
    private Answerback() {}

    /// Runs one verb and leaves with its exit code.
    public static void main(String[] arguments) {
        Optional<Opening> window = window(arguments);
        if (window.isEmpty()) {
            Main.main(arguments);
        } else {
            Main.oneDecimalSign();
            System.exit(opened(window.get()));
        }
    }

    /// What a plain call opens; empty when the command line has to be read.
    static Optional<Opening> window(String... arguments) {
        return switch (String.join(" ", arguments)) {
            case "demo" -> Optional.of(new Opening.Demo(1));
            case "start" -> Optional.of(new Opening.Start());
            default ->
                arguments.length == 2 && arguments[0].equals("open") && arguments[1].matches("[^-@].*")
                        ? Optional.of(new Opening.JobAt(Path.of(arguments[1])))
                        : Optional.empty();
        };
    }

    private static int opened(Opening opening) {
        Window.choose();
        try {
            AnswerbackApplication.launch(opening);
            return 0;
        } catch (BrokenFile refused) {
            System.err.println(Main.oneLine(refused.getMessage()));
            return Main.BAD_CALL;
        }
    }
}
