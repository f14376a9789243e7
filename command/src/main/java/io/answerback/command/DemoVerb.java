package io.answerback.command;

import io.answerback.desktop.AnswerbackApplication;
import io.answerback.desktop.Opening;
import io.answerback.files.BrokenFile;
import io.answerback.files.demo.DemoJobs;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/// Starts the application with demo data.
@Command(name = "demo", description = "start the application with a demo job", mixinStandardHelpOptions = true)
final class DemoVerb implements Callable<Integer> {
    @Parameters(paramLabel = "NUMBER", defaultValue = "1", description = "which demo (default: ${DEFAULT-VALUE})")
    private int number = 1;

    @Override
    public Integer call() throws BrokenFile {
        DemoJobs.require(number);
        Window.choose();
        AnswerbackApplication.launch(new Opening.Demo(number));
        return 0;
    }
}
