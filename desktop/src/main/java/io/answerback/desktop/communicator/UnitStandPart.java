package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.report.control.UnitState;
import io.answerback.desktop.live.PhonePractice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.List;

/// How the model of the communicator stands, and what it did last.
///
/// @param practice the phones and the model
/// @param actions writes its administrator into the job
record UnitStandPart(PhonePractice practice, Actions actions) {
    List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("The communicator, a model"));
        practice.state().ifPresent(state -> parts.addAll(standing(state)));
        if (!practice.says().isEmpty()) {
            parts.add(Words.wrapped(practice.says()));
        }
        if (practice.state().isPresent()) {
            parts.add(Parts.flow(Tool.of("Begin anew", "as it comes from its carton", practice::anew))
                    .style("switches")
                    .group());
            parts.add(
                    Words.caution(
                            "Whoever calls a real one first manages it for good. Give the SIM's number out only after the right person has called."));
        }
        return parts;
    }

    private List<Part> standing(UnitState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.wrapped("%s%s"
                .formatted(state.set() ? "It is set" : "It is unset", state.sounding() ? ", and it sounds." : ".")));
        parts.add(Words.wrapped(state.administrator()
                .map(number -> "Its administrator is " + number + ".")
                .orElse("Nobody manages it yet.")));
        if (!state.numbers().isEmpty()) {
            parts.add(Words.wrapped("Others who may give commands: " + String.join(", ", state.numbers()) + "."));
        }
        state.administrator()
                .ifPresent(number -> parts.add(Parts.flow(Tool.of(
                                "Write into the job who manages it",
                                "once the same was done at the real one",
                                () -> actions.apply(
                                        UnitEdits.service("administrator", its -> its.withAdministrator(number)))))
                        .style("switches")
                        .group()));
        return parts;
    }
}
