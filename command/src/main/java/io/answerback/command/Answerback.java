package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;

/// Where the program begins. Plain `demo` goes straight to the window, for reading the command line takes as
/// long as half of the window does.
public final class Answerback {
    private Answerback() {}

    /// Runs one verb and leaves with its exit code.
    public static void main(String[] arguments) {
        if (arguments.length == 1 && arguments[0].equals("demo")) {
            Window.choose();
            Main.oneDecimalSign();
            AnswerbackApplication.launch(new Opening.Demo(1));
            System.exit(0);
        }
        Main.main(arguments);
    }
}
