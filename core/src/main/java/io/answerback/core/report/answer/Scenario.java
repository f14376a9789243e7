package io.answerback.core.report.answer;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/// What has failed when an event happens.
///
/// @param name what has failed, in words
/// @param down the paths that lead nowhere
/// @param dead the receivers that answer nothing
/// @param engaged the receivers whose number is engaged whenever it is dialled
/// @param telephone whether the site's own telephone has the line when it is wanted; the panel in front of all
///     telephones seizes it
public record Scenario(
        String name, Set<PathKind> down, Set<ReceiverId> dead, Set<ReceiverId> engaged, boolean telephone) {
    /// Nothing has failed.
    public static final Scenario ALL_UP = new Scenario("everything up", Set.of(), Set.of());

    public Scenario {
        down = Set.copyOf(down);
        dead = Set.copyOf(dead);
        engaged = Set.copyOf(engaged);
    }

    /// Paths and receivers that have failed.
    public Scenario(String name, Set<PathKind> down, Set<ReceiverId> dead) {
        this(name, down, dead, Set.of(), false);
    }

    /// How many things have failed.
    public int failures() {
        return down.size() + dead.size() + engaged.size() + (telephone ? 1 : 0);
    }

    /// What can fail for a group of events: nothing, each path, each receiver that is told, a number that is
    /// engaged, the site's own telephone on the line, every two of the paths and receivers, and all paths.
    public static List<Scenario> of(Parts job, EventGroup group) {
        List<Failure> single = new ArrayList<>();
        job.communicator().paths().stream().map(TransmissionPath::kind).forEach(kind -> single.add(new PathDown(kind)));
        Set<Receiver> told = Routing.of(job, group).stream()
                .flatMap(its -> its.receivers().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        told.forEach(receiver -> single.add(new ReceiverDead(receiver.id(), receiver.name())));
        Set<Scenario> all = new LinkedHashSet<>();
        all.add(ALL_UP);
        single.forEach(failure -> all.add(with(List.of(failure))));
        if (job.communicator().paths().stream().anyMatch(path -> path.kind() == PathKind.LINE)) {
            all.addAll(ofLine(told));
        }
        for (int i = 0; i < single.size(); i++) {
            for (int j = i + 1; j < single.size(); j++) {
                all.add(with(List.of(single.get(i), single.get(j))));
            }
        }
        List<Failure> paths = single.stream().filter(PathDown.class::isInstance).toList();
        if (paths.size() > 2) {
            all.add(with(paths));
        }
        return List.copyOf(all);
    }

    /// What keeps a call from getting through though line and receiver work.
    private static List<Scenario> ofLine(Set<Receiver> told) {
        List<Scenario> all = new ArrayList<>();
        told.stream()
                .filter(receiver -> PathKind.LINE.carries(receiver.format()))
                .map(receiver ->
                        new Scenario(receiver.name() + " engaged", Set.of(), Set.of(), Set.of(receiver.id()), false))
                .forEach(all::add);
        if (!all.isEmpty()) {
            all.add(new Scenario("the site's telephone on the line", Set.of(), Set.of(), Set.of(), true));
        }
        return all;
    }

    private sealed interface Failure {
        String words();
    }

    private record PathDown(PathKind kind) implements Failure {
        @Override
        public String words() {
            return Text.of("%s down", kind.words());
        }
    }

    private record ReceiverDead(ReceiverId id, String name) implements Failure {
        @Override
        public String words() {
            return Text.of("%s dead", name);
        }
    }

    private static Scenario with(List<Failure> failures) {
        Set<PathKind> down = EnumSet.noneOf(PathKind.class);
        Set<ReceiverId> dead = new LinkedHashSet<>();
        for (Failure failure : failures) {
            switch (failure) {
                case PathDown path -> down.add(path.kind());
                case ReceiverDead receiver -> dead.add(receiver.id());
            }
        }
        return new Scenario(failures.stream().map(Failure::words).collect(Collectors.joining(" and ")), down, dead);
    }
}
