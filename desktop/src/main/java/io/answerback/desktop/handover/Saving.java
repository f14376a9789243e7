package io.answerback.desktop.handover;

import io.answerback.core.assess.Assessment;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.paper.PageSize;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.DueCalendar;
import io.answerback.files.record.Photographs;
import io.answerback.print.pack.PackFolder;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// Writes the pack and the calendar, off the window's thread, and tells what became of it.
final class Saving {
    private static final List<FileQuestions.Sort> FOLDER = List.of(new FileQuestions.Sort("Folder", "*"));
    private static final List<FileQuestions.Sort> CALENDAR = List.of(new FileQuestions.Sort("Calendar", "*.ics"));

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private final EventTable events;
    private final InstantSource clock;

    Saving(Actions actions, Background background, FileQuestions files, EventTable events, InstantSource clock) {
        this.actions = actions;
        this.background = background;
        this.files = files;
        this.events = events;
        this.clock = clock;
    }

    PackFolder folder(Assessment assessment, PageSize size) {
        return new PackFolder(assessment, events, size, clock.instant());
    }

    /// Asks for a folder, and writes the pack into it.
    void pack(PageSize size) {
        files.toWrite("Folder of the pack", actions.now().job().site().name() + " pack", FOLDER)
                .ifPresent(path -> pack(path, size));
    }

    /// Writes the pack into a folder.
    void pack(Path path, PageSize size) {
        Assessment assessment = actions.now().assessment();
        Optional<Path> jobFile = actions.now().file();
        PackFolder folder = folder(assessment, size);
        background.run(
                () -> {
                    List<String> left = new ArrayList<>();
                    Map<String, Path> photographs = photographs(assessment, jobFile, left);
                    String text = JobCodec.write(JobDocument.of(assessment.job()));
                    int count = folder.write(path, text, photographs).size();
                    return "Written: %d files in %s%s"
                            .formatted(count, path, left.isEmpty() ? "" : ". Left out: " + String.join(", ", left));
                },
                actions::tell,
                wrong -> actions.tell("The pack is not whole: " + wrong));
    }

    private static Map<String, Path> photographs(Assessment assessment, Optional<Path> jobFile, List<String> left) {
        Map<String, Path> all = new TreeMap<>();
        for (Photograph photograph : assessment.job().service().photographs()) {
            Optional<Photographs> beside = jobFile.map(Photographs::beside);
            Optional<String> wrong =
                    beside.map(its -> its.wrong(photograph)).orElse(Optional.of("the job has no file yet"));
            wrong.ifPresentOrElse(
                    why -> left.add("photograph of " + photograph.of() + ", " + why),
                    () -> all.put(photograph.file(), beside.orElseThrow().file(photograph)));
        }
        return all;
    }

    /// Asks for a file, and writes the calendar of what falls due.
    void calendar() {
        String site = actions.now().job().site().name();
        files.toWrite("Due dates", site + " due dates.ics", CALENDAR).ifPresent(this::calendar);
    }

    private void calendar(Path path) {
        Assessment assessment = actions.now().assessment();
        Instant now = clock.instant();
        background.run(
                () -> {
                    SafeFile.replace(
                            path,
                            DueCalendar.text(
                                    assessment.job().site().name(),
                                    assessment.job().site().place(),
                                    assessment.get(DueDates.FACT),
                                    now));
                    return path;
                },
                written -> actions.tell("Written: " + written));
    }
}
