package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;
import io.answerback.files.BrokenFile;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/// Starts the application with the start sheet, where a job is chosen or begun.
@Command(
        name = "start",
        description = "start the application where a day begins: recent jobs, a new one, the demos",
        mixinStandardHelpOptions = true)
final class StartVerb implements Callable<Integer> {
    @Override
    public Integer call() throws BrokenFile {
        Window.choose();
        AnswerbackApplication.launch(new Opening.Start());
        return 0;
    }
}
