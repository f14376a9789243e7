package io.answerback.desktop.power;

import io.answerback.core.supply.CheckStep;
import io.answerback.core.supply.PowerRun.Direction;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.CheckRunPart;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;

/// Power-down and power-up, one step at a time.
final class SequenceSheet extends Sheet {
    private final OpenJob openJob;
    private final CheckRunPart run;
    private Direction direction = Direction.DOWN;

    SequenceSheet(OpenJob openJob, Look look, InstantSource clock) {
        this.openJob = openJob;
        this.run = new CheckRunPart(openJob, look, clock);
        instrument
                .getChildren()
                .setAll(
                        Words.title("Before anything else"),
                        Words.wrapped(Words.quiet(
                                "The maker's manual of this panel comes first; where it says otherwise, do that.")),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "Mains: isolate, lock off, prove dead. Mains work belongs to a licensed electrician where your local code says so.")));
    }

    @Override
    public String title() {
        return "Power down and up";
    }

    @Override
    public String about(WindowState state) {
        return CheckRunPart.progress(steps(state));
    }

    @Override
    public void show(WindowState state) {
        Flow row = new Flow(
                Switch.bare("Direction", Arrays.asList(Direction.values()), direction, Direction::words, chosen -> {
                    direction = chosen;
                    show(openJob.now());
                }));
        row.getChildren().addAll(run.tools(direction.prefix()));
        row.getStyleClass().add("switches");
        sheet.getChildren().setAll(row);
        sheet.getChildren()
                .addAll(run.show(steps(state), direction == Direction.DOWN ? "Everything is off" : "Everything is on"));
    }

    private List<CheckStep> steps(WindowState state) {
        return SupplyChoice.supplies(state).runs().get(direction);
    }
}
