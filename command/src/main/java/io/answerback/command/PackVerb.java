package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.handover.PackSection;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.paper.PageSize;
import io.answerback.files.BrokenFile;
import io.answerback.files.record.Photographs;
import io.answerback.print.pack.PackFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What the client keeps, as a folder. Exit code 1 when a section has gaps or something wrong in it: they are printed
/// as
/// gaps.
@Command(
        name = "pack",
        description = "what the client keeps: PDF, tables, calendar, job file and checksums in one folder",
        mixinStandardHelpOptions = true)
final class PackVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "the folder; made where there is none")
    private Path folder;

    @Option(names = "--letter", description = "pages of Letter; without it A4")
    private boolean letter;

    @Override
    public Integer call() throws BrokenFile, IOException {
        Assessment assessment = argument.assess();
        PackFolder pack = new PackFolder(
                assessment,
                argument.events(),
                letter ? PageSize.LETTER : PageSize.A4,
                InstantSource.system().instant());
        List<Path> written = pack.write(folder, Files.readString(argument.file()), photographs(assessment));
        List<PackSection> sections = pack.pack().sections();
        if (argument.json()) {
            System.out.println(Json.text(json(sections, written)));
        } else {
            sections.forEach(section ->
                    System.out.printf("%-9s %-20s %s%n", section.mark().word(), section.id(), section.says()));
            System.out.printf("%d files in %s%n", written.size(), folder);
        }
        return sections.stream().allMatch(section -> section.mark() == Mark.SOUND) ? 0 : 1;
    }

    private Map<String, Path> photographs(Assessment assessment) {
        Photographs beside = Photographs.beside(argument.file());
        Map<String, Path> files = new TreeMap<>();
        for (Photograph photograph : assessment.job().service().photographs()) {
            beside.wrong(photograph)
                    .ifPresentOrElse(
                            wrong -> System.err.println("Left out: photograph of " + photograph.of() + ", " + wrong),
                            () -> files.put(photograph.file(), beside.file(photograph)));
        }
        return files;
    }

    private ObjectNode json(List<PackSection> sections, List<Path> written) {
        ObjectNode document = Json.object();
        ArrayNode list = document.putArray("sections");
        sections.forEach(section -> list.addObject()
                .put("id", section.id())
                .put("title", section.title())
                .put("mark", section.mark().word())
                .put("says", section.says()));
        ArrayNode files = document.putArray("files");
        written.forEach(path -> files.add(folder.relativize(path).toString()));
        return document;
    }
}
