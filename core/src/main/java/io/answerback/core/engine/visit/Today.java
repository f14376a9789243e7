package io.answerback.core.engine.visit;

import io.answerback.core.engine.memo.Fact;
import java.time.LocalDate;
import java.util.Optional;

/// The day a job is judged on.
public final class Today {
    /// The day; empty where nothing is to be judged by the date.
    public static final Fact<Optional<LocalDate>> GIVEN = Fact.given("the day the job is judged on");

    private Today() {}
}
