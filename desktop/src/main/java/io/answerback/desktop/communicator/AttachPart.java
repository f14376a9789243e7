package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Fitting;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.report.attach.Wires;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// How a communicator is attached and supplied, its wires, and what must hold.
final class AttachPart {
    private static final List<String> RULES = List.of("unit-", "capture-", "sim-", "access-point-", "remote-");

    private final Actions actions;

    AttachPart(Actions actions) {
        this.actions = actions;
    }

    List<Part> parts(WindowState state, Unit unit) {
        List<Part> parts = new ArrayList<>();
        UnitProfile profile = unit.profile();
        if (profile.standsAlone()) {
            parts.add(Words.wrapped(Words.quiet("It works without a panel, so it is attached to none.")));
        } else {
            parts.add(way(unit));
            parts.add(picture(state.job(), unit));
            parts.add(module(state.job(), unit));
        }
        parts.add(Words.section("Supply", "everything that reaches it").style("section-ruled"));
        parts.add(supplies(unit));
        if (!profile.portType().isEmpty() || !profile.jumper().isEmpty()) {
            parts.add(portAndJumper(unit));
        }
        parts.add(Words.section("What must hold", "").style("section-ruled"));
        parts.add(conditions(state));
        return parts;
    }

    private Part way(Unit unit) {
        return Parts.flow(Switch.bare(
                        "Attached by",
                        unit.profile().ways(),
                        unit.fitting().way().orElse(null),
                        Attachment::words,
                        way -> actions.apply(UnitEdits.fitting("way", its -> its.withWay(way)))))
                .style("switches")
                .group();
    }

    private static Part picture(Job job, Unit unit) {
        Wires wires = Wires.of(job, unit);
        Parts column = Parts.column();
        if (unit.fitting().way().isEmpty()) {
            return Words.empty("How it is attached is not decided yet. Choose a way, and its wires are drawn.");
        }
        column.add(new WiresDrawing(job.panel().profile().board().name(), unit, wires));
        for (String missing : wires.missing()) {
            column.add(Words.wrapped(Words.of("printed-problem", "The profile does not name " + missing + ".")));
        }
        return column.group();
    }

    private Part module(Job job, Unit unit) {
        return unit.module()
                .flatMap(job::module)
                .<Part>map(module -> Words.wrapped(
                        Words.quiet("It is the module \"%s\": its cable, current and addresses are counted there."
                                .formatted(module.name()))))
                .orElseGet(() -> Group.flow(
                                Words.wrapped(Words.quiet("It is not among the modules yet.")),
                                Tool.of(
                                        "Add it to the modules",
                                        "its cable, current and addresses are counted from then on",
                                        () -> actions.apply(UnitEdits.addModule())))
                        .style("switches"));
    }

    private Part supplies(Unit unit) {
        Parts row = Parts.flow();
        for (UnitSupply supply : unit.profile().supplies()) {
            row.add(new Check(
                    "from " + supply.words(),
                    unit.fitting().supplies().contains(supply),
                    on -> actions.apply(UnitEdits.fitting("supply", its -> its.withSupply(supply, on)))));
        }
        return row.style("switches").group();
    }

    private Part portAndJumper(Unit unit) {
        SettingTable table = new SettingTable();
        UnitProfile profile = unit.profile();
        Fitting fitting = unit.fitting();
        if (!profile.portType().isEmpty()) {
            table.text(
                    "Type of the serial port",
                    fitting.portType(),
                    typed -> actions.apply(UnitEdits.fitting("port", its -> its.withPortType(typed))));
        }
        if (!profile.jumper().isEmpty()) {
            List<String> positions = Stream.concat(profile.jumperFor().values().stream(), Stream.of("the other way"))
                    .distinct()
                    .toList();
            table.line(
                    profile.jumper(),
                    Choice.of(
                            profile.jumper(),
                            positions,
                            fitting.jumper().isEmpty() ? null : fitting.jumper(),
                            "nobody looked",
                            its -> its,
                            its -> actions.apply(UnitEdits.fitting("jumper", was -> was.withJumper(its)))));
        }
        return table.grid();
    }

    /// What was found about the box; everything else of reporting stands beside other sheets.
    private Part conditions(WindowState state) {
        List<Finding> found = state.assessment().findings().stream()
                .filter(finding -> RULES.stream().anyMatch(finding.id()::startsWith))
                .toList();
        if (found.isEmpty()) {
            return Words.wrapped(Words.quiet("Nothing was found against it."));
        }
        Grid.Filling grid = Grid.filling("table", "load-table");
        for (Finding finding : found) {
            grid.line(
                    finding.id(),
                    List.of(
                            Marks.of(Marks.of(finding.grade()), finding.grade().name()),
                            Group.column(
                                    Words.wrapped(Words.of("finding-says", finding.says())),
                                    Words.wrapped(Words.quiet(finding.why())),
                                    Words.wrapped(finding.remedy()))));
        }
        return grid.grid();
    }
}
