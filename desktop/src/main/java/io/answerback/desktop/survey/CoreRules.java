package io.answerback.desktop.survey;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.practice.CoreConvention;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Which colour the firm uses for what.
final class CoreRules {
    private static final String NONE = "what is left";

    private final Actions actions;

    CoreRules(Actions actions) {
        this.actions = actions;
    }

    List<Part> of(CoreConvention convention) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section(
                "Cores", "the colours wanted for each, the best first; the same at both ends, whatever they are"));
        Parts row = Parts.flow();
        row.style("switches");
        for (CoreUse use : CoreUse.values()) {
            if (use != CoreUse.SPARE) {
                List<String> wanted = convention.wanted(use);
                row.add(
                        Words.quiet(use.words()),
                        Value.of(
                                "Colours for " + use.words(),
                                wanted.isEmpty() ? NONE : String.join(", ", wanted),
                                typed -> actions.apply(PracticeEdits.coreColours(use, colours(typed)))));
            }
        }
        parts.add(row.group());
        return parts;
    }

    private static List<String> colours(String typed) {
        return Arrays.stream(typed.replace(NONE, "").split(","))
                .map(String::strip)
                .filter(colour -> !colour.isEmpty())
                .distinct()
                .toList();
    }
}
