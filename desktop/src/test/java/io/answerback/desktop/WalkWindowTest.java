package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.handover.Pack;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.Expected;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.files.DataFiles;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The first demo is shown to its last line in the real window: a communicator that is a process of its own sends
/// its signals, and what is seen and heard is shown step by step.
class WalkWindowTest extends DemoWindow {
    private static final String ACCOUNT = "7316";

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private List<LineState> lines() {
        return application.openJob().now().assessment().get(AcceptancePlan.STATES);
    }

    private long shown() {
        return lines().stream().filter(LineState::shown).count();
    }

    private LineState line(String id) {
        return lines().stream()
                .filter(state -> state.line().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void press(FxRobot robot, String says) {
        onScreen(() -> robot.lookup((Node node) ->
                        node instanceof Button its && its.getText().equals(says) && Screen.shown(node))
                .queryButton()
                .fire());
    }

    /// Somebody is at a line; the list may have scrolled it out of sight.
    private void at(AcceptanceLine line) {
        onScreen(() -> application.benches().prove().walk().at(line.id()));
    }

    private void typeInto(FxRobot robot, String name, String value) {
        click(robot, name);
        write(robot, value);
        type(KeyCode.ENTER);
    }

    @Test
    void everyLineIsShownWithACommunicatorFromOutside(FxRobot robot) throws Exception {
        onScreen(() -> application.openJob().apply(SetupEdits.programDead()));
        onScreen(() -> application.openJob().go(Stop.PROVE));
        onScreen(() -> application.benches().prove().open(ProveSheets.WALK));
        until(() -> reads(robot, "13 of %d shown".formatted(lines().size())));
        typeInto(robot, "Initials", "jk");
        press(robot, "Begin the walk");
        try (OutsideCommunicator communicator =
                OutsideCommunicator.sendingTo(application.practice().stationAddress(), NOW)) {
            twoAreSwapped(robot, communicator);
            for (LineState state : lines()) {
                if (state.line().bySignal() && !state.shown()) {
                    live(communicator, state.line());
                }
            }
        }
        press(robot, "End the walk");
        onScreen(() -> application.benches().prove().open(ProveSheets.PLAN));
        press(robot, "Step by step");
        for (LineState state : lines()) {
            if (!state.shown()) {
                byHand(robot, state.line());
            }
        }
        until(() -> reads(robot, "%1$d of %1$d shown".formatted(lines().size())));
        aLongerCable();
    }

    private void twoAreSwapped(FxRobot robot, OutsideCommunicator communicator) throws IOException {
        at(line("point:06").line());
        assertThat(communicator.sends(ACCOUNT, Qualifier.NEW, "130", 2, 15)).isTrue();
        until(() -> reads(robot, "07 Dock roller door 2 came, and you are at 06 Dock roller door 1"));
        at(line("point:07").line());
        assertThat(communicator.sends(ACCOUNT, Qualifier.NEW, "130", 2, 14)).isTrue();
        until(() -> reads(robot, "07 Dock roller door 2 and 06 Dock roller door 1 are swapped"));
        assertThat(line("point:07").shown()).isFalse();
        assertThat(communicator.sends(ACCOUNT, Qualifier.RESTORE, "130", 2, 14)).isTrue();
        until(() -> reads(robot, "Then: 06 Dock roller door 1: R 130"));
        assertThat(reads(robot, "07 Dock roller door 2 and 06 Dock roller door 1 are swapped"))
                .isTrue();
        at(line("point:07").line());
    }

    /// What a walk found is part of the job: it stands when the walk has ended, is a finding, stands in the pack,
    /// and goes with a reason only.
    @Test
    void whatAWalkFoundStaysWithTheJobUntilItIsShownOrDismissed(FxRobot robot) throws Exception {
        onScreen(() -> application.openJob().go(Stop.PROVE));
        onScreen(() -> application.benches().prove().open(ProveSheets.WALK));
        typeInto(robot, "Initials", "jk");
        press(robot, "Begin the walk");
        try (OutsideCommunicator communicator =
                OutsideCommunicator.sendingTo(application.practice().stationAddress(), NOW)) {
            twoAreSwapped(robot, communicator);
        }
        press(robot, "End the walk");
        assertThat(finds("found-on-walk:point:06")).isTrue();
        assertThat(finds("found-on-walk:point:07")).isTrue();
        String swapped = "07 Dock roller door 2 and 06 Dock roller door 1 are swapped";
        assertThat(Pack.of(
                                application.openJob().now().assessment(),
                                DataFiles.events(),
                                java.time.LocalDate.of(2026, 7, 1))
                        .sections())
                .filteredOn(section -> section.id().equals("left-open"))
                .first()
                .asString()
                .contains(swapped);
        until(() -> reads(robot, swapped));
        typeInto(robot, "Why it is dismissed", "doors were opened by a driver");
        until(() -> !finds("found-on-walk:point:06") && !finds("found-on-walk:point:07"));
        assertThat(job().acceptance().found())
                .extracting(FoundOnWalk::dismissed)
                .containsOnly("doors were opened by a driver");
    }

    private void live(OutsideCommunicator communicator, AcceptanceLine line) throws IOException {
        at(line);
        for (Expected expected : line.expects()) {
            int number = expected.number() == Expected.ANY ? 1 : expected.number();
            assertThat(communicator.sends(
                            expected.account(), expected.qualifier(), expected.event(), expected.area(), number))
                    .isTrue();
        }
        until(() -> line(line.id())
                .best()
                .filter(best -> best.way() == Showing.Way.LIVE)
                .isPresent());
        assertThat(application
                        .benches()
                        .prove()
                        .walk()
                        .notes()
                        .getFirst()
                        .note()
                        .kind())
                .isEqualTo(WalkNote.Kind.SHOWN);
    }

    private void byHand(FxRobot robot, AcceptanceLine line) {
        for (String step : line.steps()) {
            until(() -> reads(robot, step));
            press(robot, "Done ↵");
        }
        if (line.wants().stream().anyMatch(wanted -> wanted.of() == LineFigure.SECONDS)) {
            press(robot, "Start the stopwatch");
            press(robot, "Stop the stopwatch");
        }
        if (line.wants().stream().anyMatch(wanted -> wanted.of() == LineFigure.DECIBELS)) {
            typeInto(robot, "How loud, in dB(A)", "96,5");
            typeInto(robot, "From how far off, in m", "2");
            assertThat(reads(robot, "about 103 dB(A) at 1 m")).isTrue();
        }
        press(robot, "Shown ↵");
        until(() -> line(line.id()).shown());
    }

    /// Afterwards a cable is found to be longer and its zone goes to another area: its own lines are stale with
    /// both reasons, and no other.
    private void aLongerCable() {
        onScreen(() -> application.openJob().apply(Edits.cableMetres(new CableId("C-17"), 120)));
        onScreen(() -> application.openJob().apply(Edits.zoneArea(15, Optional.of(3))));
        until(() -> shown() == lines().size() - 2);
        assertThat(lines())
                .filteredOn(state -> !state.shown())
                .extracting(state -> state.line().id())
                .containsExactlyInAnyOrder("point:07", "cover:07");
        assertThat(line("point:07").stale()).contains("Loop: cable length: 62 m, now 120 m", "Zone: area: 02, now 03");
    }
}
