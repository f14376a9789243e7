package io.answerback.desktop.communicator;

import io.answerback.core.model.unit.PairingCode;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.desktop.live.PanelClock;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;

/// Counts down for how long a one-time code for pairing an application is still good. The code is not asked for.
final class PairingPart {
    private static final int USUAL_MINUTES = 10;
    private static final int MOST_MINUTES = 1440;

    private final Actions actions;
    private final InstantSource clock;
    private final Runnable showAgain;
    private final PanelClock ticks = new PanelClock(passed -> tick());
    private Optional<PairingCode> code = Optional.empty();
    private int minutes = USUAL_MINUTES;
    private String shown = "";

    PairingPart(Actions actions, InstantSource clock, Runnable showAgain) {
        this.actions = actions;
        this.clock = clock;
        this.showAgain = showAgain;
    }

    /// The row above the run; none for a communicator that is not paired.
    List<Part> parts(UnitProfile profile) {
        if (!profile.application()) {
            return List.of();
        }
        Parts row = Parts.flow(Words.quiet("One-time code for pairing"));
        if (profile.pairingCodeMinutes() == 0) {
            row.add(Value.of("Minutes that it is good for", Integer.toString(minutes), this::minutes))
                    .add(Words.quiet("minutes, by its manual"));
        }
        int good = profile.pairingCodeMinutes() == 0 ? minutes : profile.pairingCodeMinutes();
        row.add(code.map(this::countdown).orElseGet(() -> Words.quiet("The panel has shown none yet.")));
        row.add(Tool.of(
                code.isEmpty() ? "The panel shows it now" : "It shows another",
                "the code itself is asked for nowhere",
                () -> begin(good)));
        return List.of(row.style("switches").group());
    }

    private Part countdown(PairingCode its) {
        Instant now = clock.instant();
        return its.over(now)
                ? Words.caution("It is over: ask the panel for another.")
                : Words.of("run-mind", "good for another %s".formatted(its.left(now)));
    }

    private boolean minutes(String typed) {
        if (!typed.matches("[0-9]{1,4}") || Integer.parseInt(typed) < 1 || Integer.parseInt(typed) > MOST_MINUTES) {
            actions.tell("\"%s\" is no number of minutes from 1 to %d.".formatted(typed, MOST_MINUTES));
            return false;
        }
        minutes = Integer.parseInt(typed);
        showAgain.run();
        return true;
    }

    private void begin(int good) {
        code = Optional.of(new PairingCode(clock.instant(), good));
        ticks.run(1);
        showAgain.run();
    }

    /// Shows the sheet again once a second and no oftener.
    private void tick() {
        Instant now = clock.instant();
        String left = code.map(its -> its.left(now)).orElse("");
        if (!left.equals(shown)) {
            shown = left;
            showAgain.run();
        }
        if (code.filter(its -> its.over(now)).isPresent()) {
            ticks.close();
        }
    }
}
