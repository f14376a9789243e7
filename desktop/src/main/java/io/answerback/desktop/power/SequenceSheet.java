package io.answerback.desktop.power;

import io.answerback.core.supply.CheckStep;
import io.answerback.core.supply.PowerRun.Direction;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.CheckRunPart;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Power-down and power-up, one step at a time.
final class SequenceSheet extends PartSheet {
    private final Actions actions;
    private final CheckRunPart run;
    private Direction direction = Direction.DOWN;

    SequenceSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.run = new CheckRunPart(actions, clock, this::showAgain);
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
    public List<Part> middle(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Group.flow(Switch.bare(
                        "Direction", Arrays.asList(Direction.values()), direction, Direction::words, this::turn))
                .and(run.tools(direction.prefix()))
                .style("switches"));
        parts.addAll(
                run.parts(state, this::steps, direction == Direction.DOWN ? "Everything is off" : "Everything is on"));
        return parts;
    }

    private void turn(Direction other) {
        direction = other;
        showAgain();
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Before anything else"),
                Words.wrapped(
                        Words.quiet("The maker's manual of this panel comes first; where it says otherwise, do that.")),
                Words.caution(
                        "Mains: isolate, lock off, prove dead. Mains work belongs to a licensed electrician where your local code says so."));
    }

    private List<CheckStep> steps(WindowState state) {
        return SupplyChoice.supplies(state).runs().get(direction);
    }
}
