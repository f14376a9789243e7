package io.answerback.core.engine.edit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/// Edits to the receivers of a job and to what each is told. All refuse what cannot be with
/// [IllegalArgumentException] when applied.
public final class ReceiverEdits {
    private static final Set<EventGroup> OF_THE_FIRST =
            EnumSet.of(EventGroup.ALARM, EventGroup.HOLD_UP, EventGroup.TAMPER, EventGroup.RESTORE);

    private ReceiverEdits() {}

    /// Another receiver, after the others. The first of a job is told of everything; a later one is told as the
    /// job's rules have it: as a backup of the one before, or of nothing yet.
    public static Edit add(ReceiverAbilities abilities) {
        return new Edit("receiver", job -> {
            Told told = Told.NEVER;
            if (job.receivers().isEmpty()) {
                told = Told.ALWAYS;
            } else if (job.practice().option(PracticeOption.BACKUP_ON_FAILURE.question())
                    == PracticeOption.BACKUP_ON_FAILURE) {
                told = Told.BACKUP;
            }
            ReceiverId id = freeId(job);
            List<Receiver> receivers = new ArrayList<>(job.receivers());
            receivers.add(new Receiver(
                    id,
                    "Receiver " + id,
                    "",
                    0,
                    "",
                    "0",
                    Reception.of(abilities).toldOfEverything(told)));
            return job.withReceivers(receivers);
        });
    }

    private static ReceiverId freeId(Job job) {
        for (int number = 1; ; number++) {
            ReceiverId id = new ReceiverId("R" + number);
            if (job.receiver(id).isEmpty()) {
                return id;
            }
        }
    }

    /// Removes a receiver.
    public static Edit remove(ReceiverId id) {
        return new Edit("removal of receiver " + id, job -> {
            required(job, id);
            return job.withReceivers(job.receivers().stream()
                    .filter(receiver -> !receiver.id().equals(id))
                    .toList());
        });
    }

    /// Moves a receiver one place up, so that it is tried before the one above.
    public static Edit earlier(ReceiverId id) {
        return new Edit("order of receiver " + id, job -> {
            List<Receiver> receivers = new ArrayList<>(job.receivers());
            int at = receivers.indexOf(required(job, id));
            if (at == 0) {
                throw new IllegalArgumentException("receiver " + id + " is the first already");
            }
            Collections.swap(receivers, at, at - 1);
            return job.withReceivers(receivers);
        });
    }

    private static Receiver required(Job job, ReceiverId id) {
        return job.receiver(id)
                .orElseThrow(() -> new IllegalArgumentException("there is no receiver " + id + " in this job"));
    }

    /// A change of one receiver.
    ///
    /// @param what what is changed, as the undo menu says it, such as "port"
    public static Edit of(ReceiverId id, String what, UnaryOperator<Receiver> change) {
        return new Edit(what + " of receiver " + id, job -> {
            required(job, id);
            return job.withReceivers(job.receivers().stream()
                    .map(receiver -> receiver.id().equals(id) ? change.apply(receiver) : receiver)
                    .toList());
        });
    }

    /// A change of how is reported to one receiver.
    public static Edit reception(ReceiverId id, String what, UnaryOperator<Reception> change) {
        return of(id, what, receiver -> receiver.withReception(change));
    }

    /// The port of a receiver as it was typed.
    public static Edit port(ReceiverId id, String typed) {
        return of(id, "port", receiver -> receiver.withPort(number(typed)));
    }

    private static int number(String typed) {
        if (!typed.strip().matches("\\d{1,5}")) {
            throw new IllegalArgumentException("port is \"" + typed + "\"; write a number from 1 to 65535");
        }
        return Integer.parseInt(typed.strip());
    }

    /// What a receiver is told of a group of events.
    public static Edit told(ReceiverId id, EventGroup group, Told told) {
        return reception(id, "events told", reception -> reception.withTold(group, told));
    }

    /// One account for all areas.
    public static Edit oneAccount(String account) {
        return new Edit(
                "account of all areas",
                job -> job.withAreas(job.areas().stream()
                        .map(area -> area.withAccount(account))
                        .toList()));
    }

    /// Sets what all receivers are told, in one of the usual ways.
    ///
    /// @param way all to the first; alarms to the first and the rest to the second; or all to the first and the
    ///     others as its backups
    /// @throws IllegalArgumentException when it is none of these, or there are too few receivers for it
    public static Edit way(PracticeOption way) {
        return new Edit("who is told what", job -> {
            int least = way == PracticeOption.ALL_TO_ONE ? 1 : 2;
            if (job.receivers().size() < least) {
                throw new IllegalArgumentException(Text.of(
                        "receivers in this job: %d; this takes %d. Add one first",
                        job.receivers().size(), least));
            }
            List<Receiver> told = new ArrayList<>();
            for (int i = 0; i < job.receivers().size(); i++) {
                int place = i;
                told.add(job.receivers()
                        .get(i)
                        .withReception(its -> its.withTold(all -> {
                            all.replaceAll((group, before) -> told(way, place, group));
                            return all;
                        })));
            }
            return job.withReceivers(told);
        });
    }

    private static Told told(PracticeOption way, int place, EventGroup group) {
        return switch (way) {
            case ALL_TO_ONE -> place == 0 ? Told.ALWAYS : Told.NEVER;
            case SPLIT_BY_CLASS -> {
                boolean first = OF_THE_FIRST.contains(group);
                yield place == (first ? 0 : 1) ? Told.ALWAYS : Told.NEVER;
            }
            case BACKUP_ON_FAILURE -> place == 0 ? Told.ALWAYS : Told.BACKUP;
            default -> throw new IllegalArgumentException(way + " does not say who is told");
        };
    }
}
