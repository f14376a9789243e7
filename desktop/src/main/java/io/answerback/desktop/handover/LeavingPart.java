package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.service.LeavingTick;
import io.answerback.core.work.servicing.Leaving;
import io.answerback.core.work.servicing.LeavingCheck;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;

/// What is looked at before leaving, with its ticks.
final class LeavingPart {
    private final Actions actions;
    private final Engineer engineer;
    private final InstantSource clock;

    LeavingPart(Actions actions, Engineer engineer, InstantSource clock) {
        this.actions = actions;
        this.engineer = engineer;
        this.clock = clock;
    }

    /// How everything stands, one below the other.
    List<Part> brief(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("Before you leave"));
        for (LeavingCheck check : state.assessment().get(Leaving.FACT)) {
            parts.add(Group.row(
                            Marks.of(check.mark(), check.mark().word()),
                            Words.wrapped(Words.of("prove-words", check.title()))
                                    .growing())
                    .style("plan-row", "kept-row"));
        }
        return parts;
    }

    /// Ticks what somebody has looked at, or takes the tick back.
    void turn(LeavingCheck check) {
        if (check.well()) {
            actions.apply(ServiceEdits.notLooked(check.id()));
            return;
        }
        engineer.then(
                actions,
                "Done by",
                by -> actions.apply(ServiceEdits.looked(new LeavingTick(check.id(), by, clock.instant()))));
    }
}
