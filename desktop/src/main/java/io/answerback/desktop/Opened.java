package io.answerback.desktop;

import io.answerback.assess.Assessment;
import io.answerback.assess.Assessor;
import io.answerback.event.EventTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Remembered;
import io.answerback.files.demo.DemoJobs;
import io.answerback.job.Conductor;
import io.answerback.job.Job;
import io.answerback.job.School;
import io.answerback.survey.KindCatalogue;
import io.answerback.survey.NewJob;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// Everything a window needs from the disk, read and assessed before the window is made and off its thread.
///
/// @param opening what the window opens with
/// @param document the job
/// @param file where it is kept; empty while it has no file
/// @param events the event table
/// @param conductors the conductors there are to choose from
/// @param kinds the kinds of point there are
/// @param assessment everything computed from the job
/// @param remembered what the window remembers from its last start
public record Opened(
        Opening opening,
        JobDocument document,
        Optional<Path> file,
        EventTable events,
        List<Conductor> conductors,
        KindCatalogue kinds,
        Assessment assessment,
        Remembered remembered) {
    /// What lies on the desk, under the start sheet, until a job is chosen.
    private static Job blank() {
        return NewJob.of(
                "No job",
                "",
                DataFiles.rules().getFirst(),
                School.SET_UNSET,
                DataFiles.profiles().getFirst());
    }

    /// Whether a job still has to be chosen.
    public boolean atStart() {
        return opening instanceof Opening.Start;
    }

    /// What the job goes by while it has no file.
    public String key() {
        return opening.toString();
    }

    /// Reads what `opening` names.
    ///
    /// @param folder where the application keeps what it remembers
    /// @throws BrokenFile when the job file cannot be read
    public static Opened read(Opening opening, Path folder) throws BrokenFile {
        JobDocument document = switch (opening) {
            case Opening.Start start -> JobDocument.of(blank());
            case Opening.Demo demo -> JobDocument.of(DemoJobs.job(demo.number()));
            case Opening.JobAt at -> JobFile.open(at.file());
        };
        EventTable events = DataFiles.events();
        return new Opened(
                opening,
                document,
                opening instanceof Opening.JobAt at ? Optional.of(at.file()) : Optional.empty(),
                events,
                DataFiles.conductors(),
                DataFiles.kinds(),
                new Assessor(events).assess(document.job()),
                Remembered.load(folder));
    }
}
