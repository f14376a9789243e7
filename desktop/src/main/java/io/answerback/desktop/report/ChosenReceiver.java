package io.answerback.desktop.report;

import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.WindowState;
import java.util.Optional;

/// The receiver that is looked at on all sheets of the bench.
final class ChosenReceiver {
    private Optional<ReceiverId> chosen = Optional.empty();
    private Focus followed = Focus.NONE;

    void choose(ReceiverId id) {
        chosen = Optional.of(id);
    }

    /// The one that a finding was followed to since, or that was chosen, while it is there; else the first that
    /// is told of alarms, else the first there is.
    Optional<Receiver> in(WindowState state) {
        Focus focus = state.focus();
        if (focus != followed) {
            followed = focus;
            focus.receiver().ifPresent(this::choose);
        }
        return in(state.job());
    }

    private Optional<Receiver> in(Job job) {
        return chosen.flatMap(job::receiver)
                .or(() -> job.receivers().stream()
                        .filter(receiver -> receiver.reception().of(EventGroup.ALARM) != Told.NEVER)
                        .findFirst())
                .or(() -> job.receivers().stream().findFirst());
    }
}
