package io.answerback.desktop.survey;

import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.practice.CoreConvention;
import io.answerback.core.practice.CoreUse;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;

/// Which colour the firm uses for what.
final class CoreRules {
    private static final String NONE = "what is left";

    private final OpenJob openJob;

    CoreRules(OpenJob openJob) {
        this.openJob = openJob;
    }

    List<Node> of(CoreConvention convention) {
        List<Node> parts = new ArrayList<>();
        parts.add(Words.section(
                "Cores", "the colours wanted for each, the best first; the same at both ends, whatever they are"));
        Flow row = new Flow();
        row.getStyleClass().add("switches");
        for (CoreUse use : CoreUse.values()) {
            if (use != CoreUse.SPARE) {
                List<String> wanted = convention.wanted(use);
                row.getChildren()
                        .addAll(
                                Words.quiet(use.words()),
                                new ValueField(
                                        "Colours for " + use.words(),
                                        wanted.isEmpty() ? NONE : String.join(", ", wanted),
                                        typed -> openJob.apply(PracticeEdits.coreColours(use, colours(typed)))));
            }
        }
        parts.add(row);
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
