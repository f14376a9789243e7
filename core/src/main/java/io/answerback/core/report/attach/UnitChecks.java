package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.memo.Facts;
import java.util.List;
import java.util.stream.Stream;

/// Everything that is checked about the communicator as a box.
public final class UnitChecks implements JobCheck {
    private static final List<JobCheck> ALL =
            List.of(new FittingChecks(), new CaptureChecks(), new ServiceChecks(), new OutputChecks());

    @Override
    public List<Rule> rules() {
        return ALL.stream().flatMap(check -> check.rules().stream()).toList();
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return ALL.stream().flatMap(check -> check.check(facts));
    }
}
