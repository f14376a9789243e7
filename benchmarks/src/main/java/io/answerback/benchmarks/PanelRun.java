package io.answerback.benchmarks;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// How fast the panel model works: inputs a second, and a simulated year of the main demo in which it is set and
/// unset every day, every point moves a hundred times a day, and tests are sent.
public final class PanelRun {
    private static final long SECOND = 1000;
    private static final long HOUR = 3600 * SECOND;
    private static final int DAYS = 365;
    private static final int MOVES = 100;
    private static final int INPUTS = 5_000_000;

    private PanelRun() {}

    /// Measures both, five times; the first two are for warming up.
    public static void main(String[] none) {
        OperationRules rules = OperationRules.of(DemoJobs.job(1));
        for (int round = 1; round <= 5; round++) {
            inputs(rules, round);
            year(rules, round);
        }
    }

    private static void inputs(OperationRules rules, int round) {
        List<Integer> zones = List.copyOf(rules.zones().keySet());
        Operation operation = new Operation(rules);
        OperationState state = OperationState.fresh(rules);
        long signals = 0;
        long began = System.nanoTime();
        for (int i = 0; i < INPUTS; i++) {
            Meaning reads = i / zones.size() % 2 == 0 ? Meaning.ALARM : Meaning.NORMAL;
            Operation.Step step =
                    operation.step(state, new Happening.ZoneReads(zones.get(i % zones.size()), Optional.of(reads)), i);
            state = step.state();
            signals += step.log().size();
        }
        double seconds = (System.nanoTime() - began) / 1e9;
        System.out.printf(
                Locale.ROOT, "round %d: %,.0f inputs a second (%d lines of log)%n", round, INPUTS / seconds, signals);
    }

    private static void year(OperationRules rules, int round) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.fresh(rules);
        long steps = 0;
        long lines = 0;
        long began = System.nanoTime();
        for (int day = 0; day < DAYS; day++) {
            long midnight = day * 24L * HOUR;
            for (int area : rules.areas().keySet()) {
                Operation.Step step = operation.step(
                        state, new Happening.UnsetAsked(area, HowSet.CODE, 1, false), midnight + 8 * HOUR);
                state = step.state();
                lines += step.log().size();
            }
            for (int move = 0; move < MOVES; move++) {
                long at = midnight + 9 * HOUR + move * 60 * SECOND;
                for (int zone : rules.zones().keySet()) {
                    for (Meaning reads : List.of(Meaning.ALARM, Meaning.NORMAL)) {
                        at++;
                        Operation.Step step =
                                operation.step(state, new Happening.ZoneReads(zone, Optional.of(reads)), at);
                        state = step.state();
                        lines += step.log().size();
                        steps++;
                    }
                }
            }
            for (int area : rules.areas().keySet()) {
                Operation.Step step = operation.step(
                        state, new Happening.SetAsked(area, HowSet.CODE, 1, false, true), midnight + 18 * HOUR);
                state = step.state();
                lines += step.log().size();
            }
        }
        System.out.printf(
                Locale.ROOT,
                "round %d: a year in %.2f s, %,d inputs, %,d lines of log%n",
                round,
                (System.nanoTime() - began) / 1e9,
                steps,
                lines);
    }
}
