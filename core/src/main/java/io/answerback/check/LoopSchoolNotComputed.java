package io.answerback.check;

import io.answerback.job.Job;
import io.answerback.job.Question;
import io.answerback.job.School;
import io.answerback.wording.SchoolWords;
import java.util.stream.Stream;

/// A loop school this application cannot compute yet.
final class LoopSchoolNotComputed implements JobRule {
    static final String RULE = "loop-school";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        School school = job.practice().school(Question.LOOP);
        return school.scheme().isPresent()
                ? Stream.empty()
                : Stream.of(new Finding(
                        RULE,
                        Stop.SURVEY,
                        Grade.NOTE,
                        "",
                        "LOOP",
                        "\"%s\" is not computed yet".formatted(SchoolWords.of(school)),
                        "New points start as double end-of-line until it is.",
                        "Choose another loop school for what has to be computed now."));
    }
}
