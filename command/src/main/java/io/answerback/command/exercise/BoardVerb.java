package io.answerback.command.exercise;

import io.answerback.command.JobArgument;
import io.answerback.core.learn.apprentice.BoardForm;
import io.answerback.core.paper.Table;
import io.answerback.files.BrokenFile;
import io.answerback.files.exchange.TableCsv;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// The form by which a board that was really wired is marked.
@Command(
        name = "board",
        description = "the form to mark a wired board, filled in from the job's plan of its cores",
        mixinStandardHelpOptions = true)
final class BoardVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "where the files go")
    private Path folder;

    @Override
    public Integer call() throws BrokenFile, IOException {
        Table form = BoardForm.of(argument.assess());
        Files.createDirectories(folder);
        Printed.write(folder.resolve("board.pdf"), form);
        TableCsv.write(folder.resolve("board.csv"), form);
        System.out.printf("%d cores in %s%n", form.rows().size(), folder);
        if (form.rows().isEmpty()) {
            System.err.println("No core is planned yet: decide the types of the cables first.");
        }
        return 0;
    }
}
