package io.answerback.desktop;

import io.answerback.core.assess.Assessor;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.NewJob;
import io.answerback.desktop.shell.ReadJob;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.DiskWords;
import io.answerback.files.OwnerOnly;
import io.answerback.files.Recovery;
import io.answerback.files.StockFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.OpenFiles;
import io.answerback.files.folder.Remembered;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;

/// Everything a window needs from files, read and assessed before the window is made and off its thread.
///
/// @param opening what the window opens with
/// @param job the job, with its unsaved edits
/// @param tables the tables that reports are made with
/// @param conductors the conductors there are to choose from
/// @param kinds the kinds of point there are
/// @param remembered what the window remembers from its last start
/// @param trouble why nothing can be kept in the application's folder; empty when it can
public record Opened(
        Opening opening,
        ReadJob job,
        ReportTables tables,
        List<Conductor> conductors,
        KindCatalogue kinds,
        Remembered remembered,
        String trouble) {
    /// The job under the start sheet until a job is chosen.
    private static Job blank() {
        return NewJob.of(
                "No job",
                "",
                DataFiles.rules().getFirst(),
                PracticeOption.SET_UNSET,
                DataFiles.profiles().getFirst());
    }

    /// The event table.
    public EventTable events() {
        return tables.events();
    }

    /// Whether a job still has to be chosen.
    public boolean atStart() {
        return opening instanceof Opening.Start;
    }

    /// Reads what `opening` names.
    ///
    /// @param folder where the application keeps what it remembers
    /// @throws BrokenFile when the job file cannot be read
    public static Opened read(Opening opening, Path folder) throws BrokenFile {
        return read(opening, folder, demo -> DemoJobs.job(demo.number()));
    }

    /// The same where a demo is opened on a day.
    ///
    /// @throws BrokenFile when the job file cannot be read
    public static Opened read(Opening opening, Path folder, LocalDate today) throws BrokenFile {
        return read(opening, folder, demo -> DemoJobs.job(demo.number(), today));
    }

    private static Opened read(Opening opening, Path folder, Function<Opening.Demo, Job> demos) throws BrokenFile {
        ReportTables tables = DataFiles.reporting(StockFile.ownPulseTimings(folder));
        Recovery recovery = new Recovery(folder);
        Assessor assessor = new Assessor(tables.events()).with(DataFiles.priors());
        ReadJob job = switch (opening) {
            case Opening.Start start -> ReadJob.of(blank(), opening.toString(), recovery, assessor::assess);
            case Opening.Demo demo -> ReadJob.of(demos.apply(demo), opening.toString(), recovery, assessor::assess);
            case Opening.JobAt at ->
                ReadJob.of(
                        at.file(),
                        recovery,
                        new OpenFiles(folder),
                        assessor::assess,
                        Recovery.newKey(InstantSource.system().instant()));
        };
        return new Opened(
                opening,
                job,
                tables,
                DataFiles.conductors(),
                DataFiles.kinds(),
                Remembered.load(folder),
                trouble(folder));
    }

    private static String trouble(Path folder) {
        try {
            OwnerOnly.closed(folder.resolve("unsaved"));
            Path probe = Files.createTempFile(folder.resolve("unsaved"), "probe", "");
            Files.delete(probe);
            return "";
        } catch (IOException refused) {
            return "Nothing can be kept in %s: %s. Unsaved edits would be lost in a crash; save often."
                    .formatted(folder, DiskWords.of(refused));
        }
    }
}
