package io.answerback.core.acceptance;

import io.answerback.core.event.Signal;
import io.answerback.core.operation.Happening;
import io.answerback.core.operation.Happening.BatteryState;
import io.answerback.core.operation.HowSet;
import io.answerback.core.operation.Logged;
import io.answerback.core.operation.Operation;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationRules.UserRule;
import io.answerback.core.operation.OperationState;
import io.answerback.core.operation.PanelCase;
import io.answerback.core.profile.Meaning;
import io.answerback.core.shown.LineIds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Shows a line of the plan in the model: the panel does what the line says, and what it sends is held against
/// what the line expects. It proves only the programming as it is planned.
///
/// @param rules what the panel goes by
public record ModelRun(OperationRules rules) {
    /// The battery is taken off, its test is started, and it is connected again.
    static final List<Happening> BATTERY_OFF = List.of(
            new Happening.Battery(BatteryState.MISSING),
            new Happening.BatteryTested(),
            new Happening.Battery(BatteryState.WELL));

    private static final long SECOND = 1000;

    /// The signals the panel sends when it does what a line says; empty for a line that the model cannot do, such
    /// as one
    /// that is seen or heard. What it cannot do as programmed, it does not do: the signals are then others.
    public Optional<List<Signal>> signals(AcceptanceLine line) {
        if (!line.plays().isEmpty() && !line.expects().isEmpty()) {
            return Optional.of(played(line.plays()).stream()
                    .flatMap(logged -> logged.signal().stream())
                    .toList());
        }
        List<Happening> happenings = line.expects().isEmpty() ? List.of() : happenings(line);
        return happenings.isEmpty() ? Optional.empty() : Optional.of(run(happenings));
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

    /// What the panel sends when all this happens, one after the other: what a line of the plan may expect of it.
    List<Expected> causes(List<Happening> happenings) {
        return run(happenings).stream().map(Expected::of).toList();
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

    /// Each a while after the other, so that exit times, delays and reports that wait have come to their end.
    private List<Signal> run(List<Happening> happenings) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.standing(rules, Map.of(), false);
        long at = start();
        List<Signal> signals = new ArrayList<>();
        for (Happening happening : happenings) {
            Operation.Step step = operation.step(state, happening, at);
            state = step.state();
            step.log().forEach(logged -> logged.signal().ifPresent(signals::add));
            at += pause();
        }
        operation
                .step(state, new Happening.TimePasses(), at)
                .log()
                .forEach(logged -> logged.signal().ifPresent(signals::add));
        return signals;
    }

    private long start() {
        return user().flatMap(UserRule::hours).map(UserRule.Hours::fromMillis).orElse(0L);
    }

    private long pause() {
        long exit = rules.areas().values().stream()
                .mapToLong(AreaRule::exitMillis)
                .max()
                .orElse(0);
        long mains = rules.manners().mainsReportSeconds() * SECOND;
        return Math.max(exit, mains) + rules.times().reportDelayMillis() + SECOND;
    }

    private List<Happening> happenings(AcceptanceLine line) {
        int area = line.expects().getFirst().area();
        String[] parts = line.id().split(":");
        return switch (parts[0] + ":") {
            case "set:" -> set(area, parts[2]);
            case "part:" ->
                List.of(
                        new Happening.SetAsked(area, HowSet.CODE, rules.userOf(area), true, false),
                        new Happening.UnsetAsked(area, HowSet.CODE, rules.userOf(area), false));
            case "key:" -> key(Integer.parseInt(parts[1]));
            case "threat:" -> List.of(new Happening.UnsetAsked(area, HowSet.CODE, rules.userOf(area), true));
            case "mains:" -> List.of(new Happening.Mains(false), new Happening.Mains(true));
            case "battery:" -> BATTERY_OFF;
            case LineIds.TAMPER -> {
                int zone = line.expects().getFirst().number();
                List<Happening> one = List.of(reads(zone, Meaning.TAMPER), reads(zone, Meaning.NORMAL));
                yield Collections.nCopies(line.expects().size() / one.size(), one).stream()
                        .flatMap(List::stream)
                        .toList();
            }
            default -> List.of();
        };
    }

    private List<Happening> set(int area, String by) {
        HowSet how = switch (by) {
            case "quick" -> HowSet.QUICK;
            case "timer" -> HowSet.TIMER;
            case "remote" -> HowSet.REMOTE;
            default -> HowSet.CODE;
        };
        HowSet off = how == HowSet.REMOTE ? HowSet.REMOTE : HowSet.CODE;
        List<Integer> areas = rules.areas().get(area).follows().isEmpty()
                ? List.of(area)
                : List.copyOf(rules.areas().get(area).follows());
        List<Happening> all = new ArrayList<>();
        areas.forEach(each -> all.add(new Happening.SetAsked(each, how, rules.userOf(each), false, false)));
        all.add(new Happening.UnsetAsked(areas.getFirst(), off, rules.userOf(areas.getFirst()), false));
        return all;
    }

    /// Turned, turned back, and turned again; a held one unsets when it is turned back.
    private static List<Happening> key(int zone) {
        return List.of(reads(zone, Meaning.ALARM), reads(zone, Meaning.NORMAL), reads(zone, Meaning.ALARM));
    }

    private static Happening reads(int zone, Meaning meaning) {
        return new Happening.ZoneReads(zone, Optional.of(meaning));
    }

    private Optional<UserRule> user() {
        return rules.users().values().stream().findFirst();
    }
}
