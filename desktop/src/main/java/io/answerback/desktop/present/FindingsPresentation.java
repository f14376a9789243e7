package io.answerback.desktop.present;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.site.Edit;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/// The findings that belong here: what is wrong, by how much, why it matters, what to do. Each leads to where
/// it is mended.
public final class FindingsPresentation {
    private static final int MOST_SHOWN = 40;
    private static final double MARK_RADIUS = 5.5;

    private FindingsPresentation() {}

    /// What stands below the instrument in a state of the window.
    public static List<Part> of(Actions actions, WindowState state) {
        List<Finding> here = state.findingsHere();
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("Findings here"));
        here.stream().limit(MOST_SHOWN).forEach(finding -> parts.add(row(actions, state, finding)));
        if (here.size() > MOST_SHOWN) {
            parts.add(Words.quiet("and %d more after these".formatted(here.size() - MOST_SHOWN)));
        }
        if (here.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Nothing wrong with this point at this stop.")));
        }
        Set<Finding> known = Collections.newSetFromMap(new IdentityHashMap<>());
        known.addAll(here);
        List<Finding> elsewhere = state.assessment().findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE && !known.contains(finding))
                .toList();
        if (!elsewhere.isEmpty()) {
            Finding worst = elsewhere.getFirst();
            String says = "%d more elsewhere. Worst: %s".formatted(elsewhere.size(), worst.headline());
            parts.add(Tool.link(says, () -> actions.follow(worst)));
        }
        return parts;
    }

    private static Part row(Actions actions, WindowState state, Finding finding) {
        Parts words = Parts.column(
                Words.wrapped(Words.of("finding-says", finding.says())),
                Words.wrapped(Words.of("finding-why", finding.why())),
                Words.wrapped(Words.of("finding-remedy", finding.remedy())));
        finding.mend().ifPresent(mend -> words.add(done(actions, state, mend)));
        String spoken = finding.grade().word() + ": " + finding.says() + ". " + finding.why() + " " + finding.remedy();
        Group said = words.group();
        return Press.of(
                spoken,
                () -> actions.follow(finding),
                Marks.of(Marks.of(finding.grade()), finding.grade().word(), MARK_RADIUS),
                said.growing());
    }

    private static Tool done(Actions actions, WindowState state, Edit mend) {
        return Tool.link("Do it: " + mend.name(state.job()), () -> actions.apply(mend));
    }
}
