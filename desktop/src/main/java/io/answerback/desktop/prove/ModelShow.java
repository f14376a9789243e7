package io.answerback.desktop.prove;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.ModelRun;
import io.answerback.core.signal.event.Signal;
import io.answerback.desktop.live.Sender;
import io.answerback.desktop.live.SignalLine;
import io.answerback.desktop.work.Actions;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/// Shows a line of the plan in the model: the panel does it, its signals cross a socket to the practice station,
/// and when all are answered the line is kept as shown in the model.
///
/// @param line carries the signals
/// @param learn keeps what was shown
record ModelShow(Actions actions, SignalLine line, InstantSource clock, Consumer<Edit> learn) {
    private static final String STATION = "practice station";

    /// Whether the model can do what a line says.
    boolean can(Job job, AcceptanceLine its) {
        return signals(job, its).isPresent();
    }

    private static Optional<List<Signal>> signals(Job job, AcceptanceLine its) {
        return new ModelRun(OperationRules.of(job)).signals(its);
    }

    /// Does it, and tells what came of it.
    void show(Job job, AcceptanceLine its) {
        List<Signal> signals = signals(job, its).orElse(List.of());
        if (!ModelRun.shows(its, signals)) {
            actions.tell("As it is programmed the panel sends %s, and the plan expects %s."
                    .formatted(words(signals), PlanLines.wanted(its)));
            return;
        }
        List<Sender.Sent> all = new ArrayList<>();
        for (Signal signal : signals) {
            line.send(job, signal, Duration.ZERO, sent -> {
                all.add(sent);
                if (all.size() == signals.size()) {
                    sent(its, all);
                }
            });
        }
    }

    private static String words(List<Signal> signals) {
        return signals.isEmpty()
                ? "nothing"
                : signals.stream()
                        .map(signal -> "%s %s · %s · %s"
                                .formatted(
                                        signal.qualifier().digit(),
                                        signal.event(),
                                        signal.areaDigits(),
                                        signal.zoneDigits()))
                        .collect(Collectors.joining(", "));
    }

    private void sent(AcceptanceLine its, List<Sender.Sent> all) {
        Optional<Sender.Sent> lost =
                all.stream().filter(sent -> sent.answer().isEmpty()).findFirst();
        if (lost.isPresent()) {
            actions.tell("Nobody answered %s, so %s is not shown."
                    .formatted(words(List.of(lost.get().signal())), its.title()));
            return;
        }
        learn.accept(AcceptanceEdits.shown(new Showing(
                its.id(), Showing.Way.MODEL, STATION, clock.instant(), all.size() + " signals answered", its.basis())));
    }
}
