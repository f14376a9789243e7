package io.answerback.core.engine.edit;

import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to the paths of the communicator. All refuse what cannot be with [IllegalArgumentException] when
/// applied.
public final class PathEdits {
    private PathEdits() {}

    /// Another path, tried after the others, as it usually is.
    public static Edit add(PathKind kind) {
        return paths(kind.words() + " path", paths -> {
            List<TransmissionPath> more = new ArrayList<>(paths);
            more.add(TransmissionPath.usual(kind));
            return more;
        });
    }

    /// Removes a path.
    public static Edit remove(PathKind kind) {
        return paths("removal of the " + kind.words() + " path", paths -> {
            place(paths, kind);
            return paths.stream().filter(path -> path.kind() != kind).toList();
        });
    }

    /// Moves a path one place up, so that it is tried before the one above.
    public static Edit earlier(PathKind kind) {
        return paths("order of the " + kind.words() + " path", paths -> {
            int at = place(paths, kind);
            if (at == 0) {
                throw new IllegalArgumentException("the " + kind.words() + " path is the first already");
            }
            List<TransmissionPath> other = new ArrayList<>(paths);
            Collections.swap(other, at, at - 1);
            return other;
        });
    }

    /// A change of one path.
    ///
    /// @param what what is changed, as the undo menu says it, such as "tries"
    public static Edit change(PathKind kind, String what, UnaryOperator<TransmissionPath> change) {
        return paths(what + " of the " + kind.words() + " path", paths -> {
            place(paths, kind);
            return paths.stream()
                    .map(path -> path.kind() == kind ? change.apply(path) : path)
                    .toList();
        });
    }

    /// In which order receivers and paths are tried.
    public static Edit order(PathOrder order) {
        return new Edit(
                "order of receivers and paths",
                job -> job.withCommunicator(job.communicator().withOrder(order)));
    }

    /// How often the first path over IP and the second are polled, as a class of transmission asks.
    ///
    /// @param secondSeconds for the second path; empty for a class of one path, which leaves the second as it is
    public static Edit polls(int firstSeconds, Optional<Integer> secondSeconds) {
        return new Edit("polls", job -> {
            List<TransmissionPath> paths = new ArrayList<>(job.communicator().paths());
            List<Integer> overIp = new ArrayList<>();
            for (int i = 0; i < paths.size(); i++) {
                if (paths.get(i).kind().overIp()) {
                    overIp.add(i);
                }
            }
            int needed = secondSeconds.isPresent() ? 2 : 1;
            if (overIp.size() < needed) {
                throw new IllegalArgumentException("this class needs " + (needed == 1 ? "a path" : "two paths")
                        + " over IP or cellular; add " + (needed - overIp.size() == 1 ? "one" : "them") + " first");
            }
            poll(paths, overIp.getFirst(), firstSeconds);
            secondSeconds.ifPresent(seconds -> poll(paths, overIp.get(1), seconds));
            return with(job, paths);
        });
    }

    /// A change of how the communicator gets its address; where nobody has said so yet, of an address by the
    /// router.
    ///
    /// @param what what is changed, as the undo menu says it, such as "gateway"
    public static Edit network(String what, UnaryOperator<NetworkPlan> change) {
        return new Edit(what + " of the communicator", job -> {
            Communicator communicator = job.communicator();
            NetworkPlan before = communicator.network().orElse(NetworkPlan.BY_ROUTER);
            return job.withCommunicator(communicator.withNetwork(change.apply(before)));
        });
    }

    private static void poll(List<TransmissionPath> paths, int at, int seconds) {
        paths.set(at, paths.get(at).withPollSeconds(Optional.of(seconds)));
    }

    private static int place(List<TransmissionPath> paths, PathKind kind) {
        for (int i = 0; i < paths.size(); i++) {
            if (paths.get(i).kind() == kind) {
                return i;
            }
        }
        throw new IllegalArgumentException("the communicator has no " + kind.words() + " path");
    }

    private static Edit paths(String what, UnaryOperator<List<TransmissionPath>> change) {
        return new Edit(what, job -> with(job, change.apply(job.communicator().paths())));
    }

    private static Job with(Job job, List<TransmissionPath> paths) {
        Communicator communicator = job.communicator();
        return job.withCommunicator(communicator.withPaths(paths));
    }
}
