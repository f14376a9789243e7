package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.signal.event.EventTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobFile;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// The job file a verb works on, and whether it answers in JSON.
public final class JobArgument {
    @Parameters(paramLabel = "FILE", description = "a job file")
    private Path file;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    private final EventTable events = DataFiles.events();

    Path file() {
        return file;
    }

    boolean json() {
        return json;
    }

    EventTable events() {
        return events;
    }

    Job job() throws BrokenFile {
        return JobFile.open(file).job();
    }

    /// The job of the file, assessed.
    public Assessment assess() throws BrokenFile {
        return assess(job());
    }

    Assessment assess(Job job) {
        return new Assessor(events).with(DataFiles.priors()).on(LocalDate.now()).assess(job);
    }

    /// A point of an assessment; a wrong id is refused with the ids there are.
    static PointResult point(Assessment assessment, String id) {
        return assessment
                .point(new PointId(id))
                .orElseThrow(() -> new IllegalArgumentException("there is no point \"%s\" in this job; there are %s"
                        .formatted(
                                id,
                                assessment.points().stream()
                                        .map(point -> point.pointId().text())
                                        .collect(Collectors.joining(", ")))));
    }

    /// A receiver of a job; a wrong id is refused with the ids there are.
    static Receiver receiver(Job job, String id) {
        return job.receivers().stream()
                .filter(its -> its.id().equals(new ReceiverId(id)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no receiver \"%s\" in this job; there are %s"
                        .formatted(
                                id,
                                Text.listed(job.receivers().stream()
                                        .map(Receiver::id)
                                        .toList()))));
    }

    /// The parts of a zone point; refused when it has no loop or no cable.
    static WiredPoint wired(Assessment assessment, String id) {
        WiredPoint wired = point(assessment, id)
                .wired()
                .orElseThrow(() -> new IllegalArgumentException("point " + id + " has no loop"));
        if (wired.wireless()) {
            throw new IllegalArgumentException(
                    "point " + id + " sends by radio and has no loop; the verb bus shows it");
        }
        if (wired.cable().isEmpty()) {
            throw new IllegalArgumentException("point " + id + " has no cable yet; give its length");
        }
        return wired;
    }
}
