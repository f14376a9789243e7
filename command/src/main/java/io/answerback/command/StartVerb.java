package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;
import picocli.CommandLine.Command;

/// Starts the application with the start sheet, where a job is chosen or begun.
@Command(
        name = "start",
        description = "start the application where a day begins: recent jobs, a new one, the demos",
        mixinStandardHelpOptions = true)
final class StartVerb implements Runnable {
    @Override
    public void run() {
        Window.choose();
        AnswerbackApplication.launch(new Opening.Start());
    }
}
