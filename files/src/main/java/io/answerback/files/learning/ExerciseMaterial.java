package io.answerback.files.learning;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.learn.question.Exercises;
import io.answerback.core.learn.question.Material;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.stream.IntStream;

/// The exercises over the made-up sites that come with the application.
public final class ExerciseMaterial {
    private ExerciseMaterial() {}

    /// Reads and assesses the sites; that takes a moment.
    public static Exercises exercises() {
        Assessor assessor = new Assessor(DataFiles.events()).with(DataFiles.priors());
        List<Assessment> sites = IntStream.rangeClosed(1, DemoJobs.COUNT)
                .mapToObj(number -> assessor.assess(DemoJobs.job(number)))
                .toList();
        return new Exercises(new Material(sites, DataFiles.priors(), DataFiles.events(), DataFiles.cableTypes()));
    }
}
