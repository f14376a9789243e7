package io.answerback.desktop.work;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.util.List;
import java.util.Optional;

/// Says that what is changed on a sheet is changed for several points, while several are picked.
public final class PickedHint {
    private static final int MOST_NAMED = 8;

    private PickedHint() {}

    /// Which points a change is about, with the way back to one; empty where it is about one alone.
    public static Optional<Part> of(Actions actions, WindowState state) {
        List<PointId> picked = state.picked();
        if (picked.size() < 2 || !picked.contains(state.selected())) {
            return Optional.empty();
        }
        String named = Text.listed(picked.subList(0, Math.min(MOST_NAMED, picked.size())))
                + (picked.size() > MOST_NAMED ? ", …" : "");
        return Optional.of(Parts.flow(
                        Words.of("picked-several", "For these %d points: %s".formatted(picked.size(), named)),
                        Tool.of(
                                "Only " + state.selected(),
                                "what is changed here is changed for all of them until one is picked alone",
                                () -> actions.pickAll(List.of(state.selected()))))
                .style("picked-strip", "picked-part")
                .group());
    }
}
