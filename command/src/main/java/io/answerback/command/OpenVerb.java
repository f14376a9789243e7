package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;
import io.answerback.files.BrokenFile;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/// Starts the application with a job.
@Command(name = "open", description = "start the application with a job", mixinStandardHelpOptions = true)
final class OpenVerb implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "a job file")
    private Path file;

    @Override
    public Integer call() throws BrokenFile {
        Window.choose();
        AnswerbackApplication.launch(new Opening.JobAt(file));
        return 0;
    }
}
