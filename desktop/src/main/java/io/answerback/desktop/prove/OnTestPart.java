package io.answerback.desktop.prove;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.shown.OnTest;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/// Whether the account is on test at the real station: who was told, their reference, and until when.
record OnTestPart(Actions actions, InstantSource clock) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final Duration USUAL = Duration.ofHours(2);

    Part part(Job job) {
        Parts row = Parts.flow();
        Optional<OnTest> now = job.acceptance().onTest();
        if (now.isEmpty()) {
            row.add(
                    Words.of("told-name", "Not on test"),
                    Value.of("Who at the station was told", "who was told, and their reference", this::begin),
                    Words.quiet("Put the account on test before anything is tripped."));
            return row.style("switches").group();
        }
        OnTest its = now.get();
        boolean over = !clock.instant().isBefore(its.until());
        row.add(
                Words.of(
                        over ? "on-test on-test-ended" : "on-test",
                        (over ? "The test ended at " : "On test until ")
                                + TIME.format(its.until().atZone(ZoneId.systemDefault()))),
                Words.quiet("told " + its.told() + (its.reference().isEmpty() ? "" : ", reference " + its.reference())),
                Tool.of("An hour longer", "tell the station as well", () -> longer(its)),
                Tool.of(
                        "Take off test",
                        "tell the station as well",
                        () -> actions.apply(AcceptanceEdits.onTest(Optional.empty()))));
        return row.style("switches").group();
    }

    private boolean begin(String typed) {
        String[] parts = typed.split(",", 2);
        Instant until = clock.instant().plus(USUAL);
        return actions.apply(Typed.of(() ->
                AcceptanceEdits.onTest(Optional.of(new OnTest(parts[0], parts.length > 1 ? parts[1] : "", until)))));
    }

    private void longer(OnTest its) {
        Instant from = its.until().isAfter(clock.instant()) ? its.until() : clock.instant();
        actions.apply(AcceptanceEdits.onTest(
                Optional.of(new OnTest(its.told(), its.reference(), from.plus(Duration.ofHours(1))))));
    }
}
