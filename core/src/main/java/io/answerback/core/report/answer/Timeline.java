package io.answerback.core.report.answer;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.report.routing.Try;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/// How one destination is reached while something has failed: step by step until a receiver answers, or until
/// the last has been tried for the last time.
///
/// @param destination the receiver that is told, and its backups
/// @param steps in order; they follow one another without a gap
/// @param answered when which receiver has answered; empty when none does
/// @param unknown what has to be known to say more; empty when everything is known
public record Timeline(Routing.Destination destination, List<Step> steps, Optional<Answered> answered, String unknown) {
    /// What happens in a step.
    public enum What {
        /// It waits before the first try.
        HOLDS_OFF("waits"),
        /// It registers with its network.
        REGISTERS("registers"),
        /// It finds no network to register with.
        NO_NETWORK("no network"),
        /// A try is not answered.
        NO_ANSWER("no answer"),
        /// A call is on its way.
        CALLS("calls"),
        /// Another call has the line.
        WAITS_FOR_LINE("waits for the line"),
        /// It takes the line from the site's own telephone.
        SEIZES("seizes the line"),
        /// The number is engaged.
        ENGAGED("engaged"),
        /// The answer comes.
        ANSWERED("answered");

        private final String words;

        What(String words) {
            this.words = words;
        }

        /// What happens, in a word or two.
        public String words() {
            return words;
        }
    }

    /// One step.
    ///
    /// @param path over which path
    /// @param receiver which receiver is tried
    /// @param fromMillis when it begins, in milliseconds from the event
    /// @param toMillis when it ends
    public record Step(PathKind path, Receiver receiver, long fromMillis, long toMillis, What what) {}

    /// An answer.
    ///
    /// @param millis when it came, in milliseconds from the event
    public record Answered(long millis, Receiver by, PathKind path) {}

    public Timeline {
        steps = List.copyOf(steps);
    }

    /// When the last step ends, in milliseconds from the event.
    public long endMillis() {
        return steps.isEmpty() ? 0 : steps.getLast().toMillis();
    }

    /// How destinations are reached. They are tried side by side, but for a line, which carries one call at a time:
    /// who comes later waits.
    ///
    /// @param startMillis when the communicator begins, in milliseconds from the event
    /// @param calls how long a call to a receiver takes; empty where that is not known
    public static List<Timeline> of(
            Communicator communicator,
            List<Routing.Destination> destinations,
            Scenario scenario,
            long startMillis,
            Function<Receiver, Optional<CallLength>> calls) {
        PhoneLine line = new PhoneLine();
        List<Course> courses = destinations.stream()
                .map(destination -> new Course(
                        destination, Try.of(communicator, destination.receivers()), scenario, startMillis, calls, line))
                .toList();
        for (Optional<Course> next = next(courses); next.isPresent(); next = next(courses)) {
            next.get().goOn();
        }
        return courses.stream().map(Course::made).toList();
    }

    /// How one destination is reached while nothing else wants the line.
    public static Timeline of(
            Communicator communicator,
            Routing.Destination destination,
            Scenario scenario,
            long startMillis,
            Function<Receiver, Optional<CallLength>> calls) {
        return of(communicator, List.of(destination), scenario, startMillis, calls)
                .getFirst();
    }

    private static Optional<Course> next(List<Course> courses) {
        return courses.stream().filter(Course::open).min(Comparator.comparingLong(course -> course.now));
    }

    /// The telephone line of a site.
    private static final class PhoneLine {
        private long freeMillis;
        private boolean seized;
    }

    /// The steps to one destination while they are worked out.
    private static final class Course {
        private static final long SEIZES_MILLIS = 3000;
        private static final long ENGAGED_MILLIS = 2000;

        private final Routing.Destination destination;
        private final Deque<Try> tries;
        private final Scenario scenario;
        private final Function<Receiver, Optional<CallLength>> calls;
        private final PhoneLine line;
        private final List<Step> steps = new ArrayList<>();
        private final Set<PathKind> used = EnumSet.noneOf(PathKind.class);
        private final Set<PathKind> withoutNetwork = EnumSet.noneOf(PathKind.class);
        private Optional<Answered> answered = Optional.empty();
        private String unknown = "";
        private long now;

        Course(
                Routing.Destination destination,
                List<Try> tries,
                Scenario scenario,
                long startMillis,
                Function<Receiver, Optional<CallLength>> calls,
                PhoneLine line) {
            this.destination = destination;
            this.tries = new ArrayDeque<>(tries);
            this.scenario = scenario;
            this.calls = calls;
            this.line = line;
            this.now = startMillis;
        }

        boolean open() {
            return !tries.isEmpty() && answered.isEmpty() && unknown.isEmpty();
        }

        Timeline made() {
            return new Timeline(destination, steps, answered, unknown);
        }

        /// Gets a path ready, or tries it where it is.
        void goOn() {
            Try one = tries.getFirst();
            PathKind kind = one.path().kind();
            if (used.add(kind)) {
                ready(one);
                return;
            }
            tries.removeFirst();
            if (withoutNetwork.contains(kind)) {
                return;
            }
            boolean down = scenario.down().contains(kind);
            if (kind == PathKind.LINE) {
                takeLine(one);
                call(one, down);
                line.freeMillis = now;
            } else {
                exchange(one, down || scenario.dead().contains(one.receiver().id()));
            }
        }

        private void ready(Try one) {
            TransmissionPath path = one.path();
            boolean down = scenario.down().contains(path.kind());
            step(one, path.holdOffMillis(), What.HOLDS_OFF);
            step(one, path.registrationMillis(), down ? What.NO_NETWORK : What.REGISTERS);
            if (down && path.registrationMillis() > 0) {
                withoutNetwork.add(path.kind());
            }
        }

        /// It is free, or carries another call, or the site's own telephone has it, once.
        private void takeLine(Try one) {
            step(one, line.freeMillis - now, What.WAITS_FOR_LINE);
            if (scenario.telephone() && !line.seized) {
                step(one, SEIZES_MILLIS, What.SEIZES);
                line.seized = true;
            }
        }

        private void exchange(Try one, boolean silent) {
            if (silent) {
                for (int i = 0; i < one.path().attempts(); i++) {
                    step(one, one.path().timeoutMillis(), What.NO_ANSWER);
                }
            } else {
                step(one, one.path().answerMillis(), What.ANSWERED);
                answered =
                        Optional.of(new Answered(now, one.receiver(), one.path().kind()));
            }
        }

        private void call(Try one, boolean down) {
            Optional<CallLength> length = calls.apply(one.receiver());
            if (down) {
                inVain(one, 0, one.path().timeoutMillis(), What.NO_ANSWER);
            } else if (length.isEmpty()) {
                unknown = "how long a call to " + one.receiver().name() + " takes is not known";
            } else if (scenario.dead().contains(one.receiver().id())) {
                inVain(one, length.get().toHandshakeMillis(), one.path().timeoutMillis(), What.NO_ANSWER);
            } else if (scenario.engaged().contains(one.receiver().id())) {
                inVain(one, length.get().toHandshakeMillis(), ENGAGED_MILLIS, What.ENGAGED);
            } else {
                step(one, length.get().millis(), What.CALLS);
                answered = Optional.of(new Answered(now, one.receiver(), PathKind.LINE));
            }
        }

        private void inVain(Try one, long callMillis, long thenMillis, What then) {
            for (int i = 0; i < one.path().attempts(); i++) {
                step(one, callMillis, What.CALLS);
                step(one, thenMillis, then);
            }
        }

        private void step(Try one, long millis, What what) {
            if (millis > 0) {
                steps.add(new Step(one.path().kind(), one.receiver(), now, now + millis, what));
                now += millis;
            }
        }
    }
}
