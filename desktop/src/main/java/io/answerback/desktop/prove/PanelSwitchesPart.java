package io.answerback.desktop.prove;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.AreaState;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.util.Arrays;
import java.util.List;

/// What can be pulled at a practice panel: mains, battery, the paths out of the building, the communicator; and
/// what engineers do at it.
///
/// @param practice the panel
/// @param job its job
record PanelSwitchesPart(PanelPractice practice, Job job) {
    /// Two rows: supply and paths, then people.
    ///
    /// @param area the area of the keypad
    List<Part> parts(int area) {
        return List.of(supply(), people(area));
    }

    private Part supply() {
        OperationState.Health health = practice.state().power();
        Parts row = Parts.flow(
                Words.quiet("Works"),
                new Check("mains", health.mains(), on -> practice.happens(new Happening.Mains(on))),
                Choice.of(
                        "Battery",
                        Arrays.asList(Happening.BatteryState.values()),
                        health.battery(),
                        its -> "battery " + its.words(),
                        its -> practice.happens(new Happening.Battery(its))));
        for (TransmissionPath path : job.communicator().paths()) {
            row.add(new Check(words(path.kind()), practice.works(path.kind()), on -> practice.works(path.kind(), on)));
        }
        row.add(new Check("communicator", practice.communicator(), practice::communicator));
        boolean wrong = practice.state().aheadMillis() != 0;
        row.add(new Check("clock right", !wrong, practice::clockRight));
        return row.style("switches").group();
    }

    private static String words(PathKind kind) {
        return switch (kind) {
            case IP -> "broadband";
            case CELLULAR -> "cellular";
            case LINE -> "telephone line";
        };
    }

    private Part people(int area) {
        OperationState.Service service = practice.state().service();
        boolean walked = service.walked().contains(area);
        Parts row = Parts.flow(
                Words.quiet("People"),
                Tool.of(
                        "Wrong code",
                        "somebody types a code that is none",
                        () -> practice.happens(new Happening.WrongCode())),
                Tool.of("Silence sounders", "fire too", () -> practice.happens(new Happening.Silenced(0))),
                Tool.of(
                        walked ? "End the walk test" : "Walk test",
                        "the area of the keypad",
                        () -> practice.happens(new Happening.WalkTest(area, !walked))),
                Tool.of(
                        service.programming() ? "Close programming" : "Open programming",
                        "as an engineer does",
                        () -> practice.happens(new Happening.Programming(!service.programming()))));
        if (practice.state().areas().values().stream().anyMatch(AreaState::resetDue)) {
            ResetBy by = practice.rules().options().resetBy();
            row.add(Tool.of(
                    "Reset by " + by.words(),
                    "an alarm was confirmed: it cannot be set before that",
                    () -> practice.happens(new Happening.Reset(by))));
        }
        return row.style("switches").group();
    }
}
