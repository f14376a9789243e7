package io.answerback.command;

import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// Writes a demo job as a file.
@Command(name = "new", description = "write a demo job as a file", mixinStandardHelpOptions = true)
final class NewVerb implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "the file to write; it must not be there yet")
    private Path file;

    @Option(names = "--demo", required = true, description = "which demo, from 1")
    private int number;

    @Override
    public Integer call() throws IOException, BrokenFile {
        DemoJobs.require(number);
        if (Files.exists(file)) {
            throw new IllegalArgumentException(file + " is there already; choose another name");
        }
        JobFile.overwrite(file, JobDocument.of(DemoJobs.job(number, LocalDate.now())));
        System.out.println("Wrote " + file);
        return 0;
    }
}
