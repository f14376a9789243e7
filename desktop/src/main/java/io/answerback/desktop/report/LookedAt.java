package io.answerback.desktop.report;

import io.answerback.core.id.ReceiverId;
import io.answerback.core.receiver.EventGroup;
import io.answerback.core.receiver.Told;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import java.util.Optional;

/// The receiver that is looked at on all sheets of the bench.
final class LookedAt {
    private Optional<ReceiverId> chosen = Optional.empty();

    void choose(ReceiverId id) {
        chosen = Optional.of(id);
    }

    /// The one that was chosen while it is there; else the first that is told of alarms, else the first there is.
    Optional<Receiver> in(Job job) {
        return chosen.flatMap(job::receiver)
                .or(() -> job.receivers().stream()
                        .filter(receiver -> receiver.reception().of(EventGroup.ALARM) != Told.NEVER)
                        .findFirst())
                .or(() -> job.receivers().stream().findFirst());
    }
}
