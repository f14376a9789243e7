package io.answerback.core.answer;

import io.answerback.core.path.PathKind;
import io.answerback.core.path.TransmissionPath;
import io.answerback.core.routing.Routing;
import io.answerback.core.routing.Try;
import io.answerback.core.site.Communicator;
import io.answerback.core.site.Receiver;
import java.util.ArrayList;
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

    /// How a destination is reached.
    ///
    /// @param startMillis when the communicator begins, in milliseconds from the event
    /// @param calls how long a call to a receiver takes; empty where that is not known
    public static Timeline of(
            Communicator communicator,
            Routing.Destination destination,
            Scenario scenario,
            long startMillis,
            Function<Receiver, Optional<CallLength>> calls) {
        Course course = new Course(scenario, startMillis, calls);
        for (Try one : Try.of(communicator, destination.receivers())) {
            course.run(one);
            if (course.answered.isPresent() || !course.unknown.isEmpty()) {
                break;
            }
        }
        return new Timeline(destination, course.steps, course.answered, course.unknown);
    }

    /// The steps while they are worked out.
    private static final class Course {
        private final Scenario scenario;
        private final Function<Receiver, Optional<CallLength>> calls;
        private final List<Step> steps = new ArrayList<>();
        private final Set<PathKind> used = EnumSet.noneOf(PathKind.class);
        private final Set<PathKind> withoutNetwork = EnumSet.noneOf(PathKind.class);
        private Optional<Answered> answered = Optional.empty();
        private String unknown = "";
        private long now;

        Course(Scenario scenario, long startMillis, Function<Receiver, Optional<CallLength>> calls) {
            this.scenario = scenario;
            this.calls = calls;
            this.now = startMillis;
        }

        void run(Try one) {
            TransmissionPath path = one.path();
            boolean down = scenario.down().contains(path.kind());
            if (withoutNetwork.contains(path.kind())) {
                return;
            }
            if (used.add(path.kind())) {
                step(one, path.holdOffMillis(), What.HOLDS_OFF);
                boolean registers = path.registrationMillis() > 0;
                step(one, path.registrationMillis(), down ? What.NO_NETWORK : What.REGISTERS);
                if (down && registers) {
                    withoutNetwork.add(path.kind());
                    return;
                }
            }
            if (path.kind() == PathKind.LINE) {
                call(one, down);
            } else {
                exchange(one, down || scenario.dead().contains(one.receiver().id()));
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
            boolean dead = scenario.dead().contains(one.receiver().id());
            if (down) {
                for (int i = 0; i < one.path().attempts(); i++) {
                    step(one, one.path().timeoutMillis(), What.NO_ANSWER);
                }
            } else if (length.isEmpty()) {
                unknown = "how long a call to " + one.receiver().name() + " takes is not known";
            } else if (dead) {
                for (int i = 0; i < one.path().attempts(); i++) {
                    step(one, length.get().toHandshakeMillis(), What.CALLS);
                    step(one, one.path().timeoutMillis(), What.NO_ANSWER);
                }
            } else {
                step(one, length.get().millis(), What.CALLS);
                answered = Optional.of(new Answered(now, one.receiver(), PathKind.LINE));
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
