package io.answerback.command.exercise;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.GroupTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.exchange.TableCsv;
import io.answerback.files.learning.ApprenticeFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// How a group of apprentices stands, as a table with commas.
@Command(
        name = "group",
        description = "how a group stands, from the files of its apprentices, as CSV",
        mixinStandardHelpOptions = true)
final class GroupVerb implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "FILE", description = "files of apprentices")
    private List<Path> files;

    @Option(names = "--out", paramLabel = "CSV", description = "a file for the table; without it, it is printed")
    private Path out;

    @Override
    public Integer call() throws BrokenFile, IOException {
        List<Apprentice> group = new ArrayList<>();
        for (Path file : files) {
            group.add(new ApprenticeFile(file).read());
        }
        if (out == null) {
            System.out.print(TableCsv.text(GroupTable.of(group)));
        } else {
            TableCsv.write(out, GroupTable.of(group));
        }
        return 0;
    }
}
