package io.answerback.core.report.routing;

import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Who is told of an event, and who is tried in whose place.
public final class Routing {
    private Routing() {}

    /// A receiver that is told, and those that are tried one after the other when it is silent.
    ///
    /// @param receivers the first that is tried, then its backups; at least one
    public record Destination(List<Receiver> receivers) {
        public Destination {
            receivers = List.copyOf(receivers);
        }

        /// The receiver that is tried first.
        public Receiver first() {
            return receivers.getFirst();
        }
    }

    /// The destinations of a group of events, in the order of the receivers. A backup belongs to the receiver
    /// before it that is told; one with no such receiver before it is never tried.
    public static List<Destination> of(Parts job, EventGroup group) {
        List<List<Receiver>> runs = new ArrayList<>();
        for (Receiver receiver : job.receivers()) {
            Told told = receiver.reception().of(group);
            if (told == Told.ALWAYS) {
                runs.add(new ArrayList<>(List.of(receiver)));
            } else if (told == Told.BACKUP && !runs.isEmpty()) {
                runs.getLast().add(receiver);
            }
        }
        return runs.stream().map(Destination::new).toList();
    }

    /// The backups of a group that are never tried, because no receiver before them is told.
    public static List<Receiver> withoutPrimary(Parts job, EventGroup group) {
        return job.receivers().stream()
                .takeWhile(receiver -> receiver.reception().of(group) != Told.ALWAYS)
                .filter(receiver -> receiver.reception().of(group) == Told.BACKUP)
                .toList();
    }

    /// The accounts that a receiver may be told of: its own, or those of the areas, each once.
    public static List<String> accounts(Parts job, Receiver receiver) {
        String own = receiver.reception().account();
        return own.isEmpty()
                ? job.areas().stream()
                        .map(Area::account)
                        .filter(account -> !account.isEmpty())
                        .distinct()
                        .toList()
                : List.of(own);
    }

    /// The most receivers over IP that are tried one after the other for one event.
    public static int longestRun(Parts job) {
        return Arrays.stream(EventGroup.values())
                .flatMap(group -> of(job, group).stream())
                .mapToInt(run -> (int) run.receivers().stream()
                        .filter(receiver -> receiver.format().overIp())
                        .count())
                .max()
                .orElse(0);
    }
}
