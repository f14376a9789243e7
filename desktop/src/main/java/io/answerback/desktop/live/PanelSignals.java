package io.answerback.desktop.live;

import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.signal.event.Signal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The log of a practice panel, whose signals really go to the practice station. What nobody answers waits, and is
/// sent again once a path or the communicator is back.
final class PanelSignals {
    private static final int MOST_LINES = 2000;

    private final SignalLine line;
    private final Runnable changed;
    private final List<PanelLine> lines = new ArrayList<>();
    private long number;
    private long since;
    private boolean communicator = true;

    /// An empty log.
    ///
    /// @param changed told whenever something became of a signal
    PanelSignals(SignalLine line, Runnable changed) {
        this.line = line;
        this.changed = changed;
    }

    /// Everything the panel did, oldest first.
    List<PanelLine> lines() {
        return List.copyOf(lines);
    }

    /// Begins an empty log. Answers that still come belong to none of its lines.
    void begin() {
        lines.clear();
        since = number;
        communicator = true;
    }

    /// Whether the communicator works.
    boolean communicator() {
        return communicator;
    }

    /// Switches the communicator off or on.
    void communicator(boolean on) {
        communicator = on;
    }

    /// Notes what the panel did, and sends what it sends.
    ///
    /// @param ahead how far the panel's clock runs ahead of the right time
    void add(Job job, List<Logged> log, Duration ahead) {
        for (Logged logged : log) {
            note(logged);
            logged.signal().ifPresent(signal -> send(job, number, signal, ahead));
        }
        dropOldest();
    }

    /// Notes what the panel did, whose signals went out already when the point was tried on the chain.
    void addTriedOnTheChain(List<Logged> log) {
        for (Logged logged : log) {
            note(logged);
            if (logged.signal().isPresent()) {
                became(number, PanelLine.State.SENT_FROM_CHAIN, "already sent from the signal chain");
            }
        }
        dropOldest();
    }

    private void note(Logged logged) {
        number++;
        lines.add(new PanelLine(number, logged, Optional.empty()));
    }

    private void dropOldest() {
        if (lines.size() > MOST_LINES) {
            lines.subList(0, lines.size() - MOST_LINES).clear();
        }
    }

    /// Sends what waits once more.
    void again(Job job, Duration ahead) {
        for (PanelLine each : lines()) {
            boolean waits = each.reception()
                    .filter(its -> its.state() == PanelLine.State.WAITS)
                    .isPresent();
            if (waits) {
                each.logged().signal().ifPresent(signal -> send(job, each.number(), signal, ahead));
            }
        }
    }

    private void send(Job job, long its, Signal signal, Duration ahead) {
        if (!communicator) {
            became(its, PanelLine.State.WAITS, "waits: the communicator is off");
            return;
        }
        became(its, PanelLine.State.SENDING, "on its way");
        line.send(job, signal, ahead, sent -> {
            if (its > since) {
                told(its, sent);
                changed.run();
            }
        });
    }

    private void told(long its, Sender.Sent sent) {
        Optional<ReceiverResult> answer = sent.answer();
        if (answer.isPresent()) {
            became(
                    its,
                    PanelLine.State.ANSWERED,
                    "%s answered in %d ms".formatted(answer.get().receiver().name(), sent.millis()));
        } else if (sent.runs().isEmpty()) {
            became(its, PanelLine.State.LOST, "no receiver is told of it");
        } else {
            String problem =
                    sent.main().isEmpty() ? "" : ": " + sent.main().getLast().problem();
            became(its, PanelLine.State.WAITS, "waits, nobody answered" + problem);
        }
    }

    private void became(long its, PanelLine.State state, String words) {
        for (int i = lines.size() - 1; i >= 0; i--) {
            if (lines.get(i).number() == its) {
                lines.set(i, lines.get(i).with(state, words));
                return;
            }
        }
    }
}
