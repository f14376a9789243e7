package io.answerback.desktop.loop;

import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Meaning;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Words;
import java.util.List;

/// What a meter should show in the case the bench's switches say, and what the panel makes of it.
final class Meter {
    private Meter() {}

    static List<Part> of(LoopView view) {
        String device = view.word(view.device());
        String state = view.fault().kind() == FaultKind.SOUND
                ? device
                : device + ", " + FaultLabel.of(view.fault(), view.fitted());
        double ohms = view.shown().range().nominalOhms();
        Group meter = Group.column(Words.of("meter-figure", Figures.ohms(ohms))).style("meter");
        String volts = Figures.volts(view.wired().model().volts(ohms));
        String reads = view.shown()
                .reads()
                .map(Meaning::word)
                .map(word -> "The panel reads %s.".formatted(word))
                .orElse("Between bands: what the panel does is not promised.");
        Text conclusion = Words.wrapped(Words.of(view.shown().safe() ? "meter-safe" : "meter-unsafe", reads));
        return List.of(
                Words.title("What a meter should show"),
                Words.wrapped(Text.of("At the input, cores lifted: " + state)),
                meter,
                Words.wrapped(Text.of("Connected: %s at the terminals.".formatted(volts))),
                conclusion);
    }
}
