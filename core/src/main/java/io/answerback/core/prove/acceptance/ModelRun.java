package io.answerback.core.prove.acceptance;

import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Shows a line of the plan in the model: the panel does what the line says, and what it sends is held against
/// what the line expects. It proves only the programming as it is planned.
///
/// @param rules what the panel goes by
public record ModelRun(OperationRules rules) {
    private static final long SECOND = 1000;

    /// The signals the panel sends when it does what a line says; empty for a line that the model cannot do, such as
    /// one that is seen or heard. What it cannot do as programmed, it does not do: the signals are then others.
    public Optional<List<Signal>> signals(AcceptanceLine line) {
        if (line.plays().isEmpty() || line.expects().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(played(line.plays()).stream()
                .flatMap(logged -> logged.signal().stream())
                .toList());
    }

    /// What the panel sends when all this happens, each at its time, and once it has come to its end; each with its
    /// time since the beginning.
    List<Logged> played(List<PanelCase.Event> events) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.standing(rules, Map.of(), false);
        List<Logged> sent = new ArrayList<>();
        long begins = start(events);
        for (PanelCase.Event event : events) {
            Operation.Step step = operation.step(state, event.happening(), begins + event.atMillis());
            state = step.state();
            sent.addAll(step.log());
        }
        sent.addAll(operation
                .step(state, new Happening.TimePasses(), state.atMillis() + pause())
                .log());
        return sent.stream()
                .filter(logged -> logged.signal().isPresent())
                .map(logged -> new Logged(logged.atMillis() - begins, logged.act()))
                .toList();
    }

    /// At a time of day at which the code of whoever sets first is good.
    private long start(List<PanelCase.Event> events) {
        return events.stream()
                .map(PanelCase.Event::happening)
                .filter(Happening.SetAsked.class::isInstance)
                .map(asked -> rules.users().get(((Happening.SetAsked) asked).user()))
                .filter(user -> user != null)
                .findFirst()
                .flatMap(UserRule::hours)
                .map(UserRule.Hours::fromMillis)
                .orElse(0L);
    }

    /// Whether signals are those that a line expects, in its order; others may come between.
    public static boolean shows(AcceptanceLine line, List<Signal> signals) {
        int next = 0;
        for (Signal signal : signals) {
            if (next < line.expects().size() && line.expects().get(next).is(signal)) {
                next++;
            }
        }
        return next == line.expects().size();
    }

    private long pause() {
        long exit = rules.areas().values().stream()
                .mapToLong(AreaRule::exitMillis)
                .max()
                .orElse(0);
        long mains = rules.manners().mainsReportSeconds() * SECOND;
        return Math.max(exit, mains) + rules.times().reportDelayMillis() + SECOND;
    }
}
