package io.answerback.desktop.prove;

import io.answerback.core.engine.wording.DecisionWords;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupWords;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/// Tries a decision on every story without taking it: which stories would end otherwise.
final class WhatIfPart {
    private static final List<Decision> DECISIONS = List.of(
            Decision.ENTRY_TIME,
            Decision.EXIT_TIME,
            Decision.SOUNDER_TIME,
            Decision.CONFIRMATION_TIME,
            Decision.REPORT_DELAY,
            Decision.MOST_ALARMS,
            Decision.FORCED_SET,
            Decision.RESTORE_SET,
            Decision.EXIT_RESTART,
            Decision.FIRE_VERIFICATION,
            Decision.REPORT_SETTING,
            Decision.REPORT_TROUBLES);

    private final Actions actions;
    private final Runnable showAgain;
    private Decision decision = Decision.ENTRY_TIME;
    private String value = "";

    WhatIfPart(Actions actions, Runnable showAgain) {
        this.actions = actions;
        this.showAgain = showAgain;
    }

    /// The row in which it is chosen, and what it would change.
    List<Part> parts(Job job, Collection<PanelCase> stories) {
        Terms terms = Terms.of(job.practice());
        Parts row = Parts.flow(
                Words.quiet("What if"),
                Choice.of("Decision to try", DECISIONS, decision, its -> DecisionWords.title(its, terms), other -> {
                    decision = other;
                    value = "";
                    showAgain.run();
                }),
                Words.quiet("were"),
                Value.of("Value to try", shown(), this::tried));
        List<Part> parts = new ArrayList<>();
        if (value.isEmpty()) {
            parts.add(row.style("switches").group());
            return parts;
        }
        row.add(Tool.of("Decide it so", "for every area, as an edit", () -> actions.apply(edit(job))));
        parts.add(row.style("switches").group());
        OperationRules now = OperationRules.of(job);
        OperationRules other = OperationRules.of(edit(job).on(job));
        List<String> changed = stories.stream()
                .flatMap(story -> change(story, now, other).stream())
                .toList();
        if (changed.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Every story would end as it does now.")));
        }
        changed.forEach(words -> parts.add(Words.wrapped(Words.of("printed-problem", words))));
        return parts;
    }

    private String shown() {
        return value.isEmpty() ? "type a value" : SetupWords.value(decision, decision.read(value));
    }

    private static Optional<String> change(PanelCase story, OperationRules now, OperationRules other) {
        List<String> differs = story.differsBetween(now, other);
        return differs.isEmpty()
                ? Optional.empty()
                : Optional.of(story.name() + " would end otherwise: "
                        + String.join("; ", differs)
                                .replace("expected and not sent", "no longer sent")
                                .replace("sent and not expected", "sent then"));
    }

    private boolean tried(String typed) {
        String plain = decision.unit().isEmpty()
                ? typed.strip()
                : typed.replace(decision.unit(), "").strip();
        if (Typed.of(() -> decision.read(plain)) instanceof Typed.Refused<?>(String why)) {
            actions.tell(why);
            return false;
        }
        value = plain;
        showAgain.run();
        return true;
    }

    /// The decision for every area, or for the panel.
    private Edit edit(Job job) {
        Decision its = decision;
        String wanted = value;
        List<Integer> numbers = its.scope() == SettingScope.AREA
                ? job.areas().stream().map(Area::number).toList()
                : List.of(0);
        return new Edit("decision that was tried", from -> {
            Job next = from;
            for (int number : numbers) {
                next = SetupEdits.decide(its, number, wanted).on(next);
            }
            return next;
        });
    }
}
