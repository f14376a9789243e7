package io.answerback.core.check;

import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A communicator that was told no receiver.
final class RouteWithoutReceiver implements JobRule {
    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.communicator().ip().receiverIds().isEmpty()
                ? Stream.of(new Finding(
                        "no-receiver:ip",
                        Stop.REPORT,
                        Grade.WRONG,
                        "",
                        job.communicator().name(),
                        "The IP route has no receiver",
                        "Every event ends at the communicator.",
                        "Add the station's receiver to the job file."))
                : Stream.empty();
    }
}
