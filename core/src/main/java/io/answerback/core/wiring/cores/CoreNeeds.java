package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Fitting;
import io.answerback.core.model.unit.Unit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What devices and modules need of the cable to them, what they can least do without first.
public final class CoreNeeds {
    private CoreNeeds() {}

    /// The cores devices on one cable need: a loop each, and of the rest one pair for all.
    public static List<CoreNeed> of(List<Point> points, Practice practice) {
        List<CoreNeed> needs = new ArrayList<>();
        for (Point point : points) {
            needs.add(new CoreNeed(CoreUse.LOOP, Optional.of(point.id())));
            needs.add(new CoreNeed(CoreUse.LOOP_RETURN, Optional.of(point.id())));
        }
        if (points.stream().anyMatch(CoreNeeds::powered)) {
            needs.add(CoreNeed.shared(CoreUse.SUPPLY));
            needs.add(CoreNeed.shared(CoreUse.SUPPLY_RETURN));
        }
        if (points.stream().anyMatch(point -> ringMember(point, practice))) {
            needs.add(CoreNeed.shared(CoreUse.TAMPER));
            needs.add(CoreNeed.shared(CoreUse.TAMPER_RETURN));
        }
        return needs;
    }

    /// The cores a module needs: supply and two data cores on the bus, tip and ring from the panel's dialler,
    /// five for a sounder, two for a speaker; a sounder without a strobe and a bus of one data core need one
    /// less. One with a supply of its own takes only the return, against which the data are read.
    public static List<CoreNeed> of(ModuleKind kind) {
        List<CoreUse> uses = switch (kind.sort()) {
            case BOARD, PLUG_IN -> List.of();
            case COMMUNICATOR -> communicator(kind);
            case KEYPAD, BUS_EXPANDER, RECEIVER, OUTPUTS ->
                List.of(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN, CoreUse.BUS_ONE, CoreUse.BUS_TWO);
            case CONVERTER, SUPPLY -> List.of(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN);
            case SOUNDER ->
                List.of(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN, CoreUse.SOUNDER, CoreUse.SOUNDER_TAMPER, CoreUse.STROBE);
            case SPEAKER -> List.of(CoreUse.SPEAKER, CoreUse.SPEAKER_RETURN);
        };
        return uses.stream()
                .filter(use -> use != CoreUse.SUPPLY || !kind.ownSupply())
                .filter(use -> use != CoreUse.STROBE || has(kind, TerminalUse.STROBE))
                .filter(use -> use != CoreUse.BUS_TWO || bus(kind) != 1)
                .map(CoreNeed::shared)
                .toList();
    }

    /// One that listens takes a data core each way, one that answers the panel's dialler tip and ring; some
    /// take both.
    private static List<CoreUse> communicator(ModuleKind kind) {
        List<CoreUse> uses = new ArrayList<>(List.of(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN));
        if (has(kind, TerminalUse.BUS)) {
            uses.addAll(List.of(CoreUse.BUS_ONE, CoreUse.BUS_TWO));
        }
        if (!kind.terminals().isEmpty() && has(kind, TerminalUse.DIALLER)) {
            uses.addAll(List.of(CoreUse.TIP, CoreUse.RING));
        }
        return uses;
    }

    /// The cores a module of a job needs. A communicator needs those of the way it is attached: a lead with plugs
    /// has none, one with a supply of its own takes only the return against which it reads, and one on inputs and
    /// outputs a core for each event and one for setting.
    public static List<CoreNeed> of(Parts job, ModuleId module) {
        Optional<Unit> unit = job.communicator()
                .unit()
                .filter(its -> its.module().equals(Optional.of(module)))
                .filter(its -> its.fitting().way().isPresent());
        return unit.map(its -> attached(job, its))
                .or(() -> job.kindOf(module).map(CoreNeeds::of))
                .orElse(List.of());
    }

    private static List<CoreNeed> attached(Parts job, Unit unit) {
        Fitting fitting = unit.fitting();
        Attachment way = fitting.way().orElseThrow();
        List<CoreNeed> needs = new ArrayList<>(supply(fitting, way));
        switch (way) {
            case PLUG_ON, SERIAL_PORT -> {}
            case KEYPAD_BUS -> needs.addAll(shared(CoreUse.BUS_ONE, CoreUse.BUS_TWO));
            case DIAL_CAPTURE -> needs.addAll(shared(CoreUse.TIP, CoreUse.RING));
            case INPUTS_AND_OUTPUTS -> {
                EventCores.of(job, unit).forEach(event -> needs.add(CoreNeed.event(event.output())));
                if (EventCores.keySwitch(job).isPresent() && has(unit.profile().module(), TerminalUse.OUTPUT)) {
                    needs.add(CoreNeed.shared(CoreUse.SETTING));
                }
            }
        }
        return needs;
    }

    private static List<CoreNeed> supply(Fitting fitting, Attachment way) {
        if (fitting.wiredSupply()) {
            return shared(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN);
        }
        return way == Attachment.KEYPAD_BUS || way == Attachment.INPUTS_AND_OUTPUTS
                ? shared(CoreUse.SUPPLY_RETURN)
                : List.of();
    }

    private static List<CoreNeed> shared(CoreUse... uses) {
        return Arrays.stream(uses).map(CoreNeed::shared).toList();
    }

    private static boolean has(ModuleKind kind, TerminalUse use) {
        return kind.terminals().isEmpty() || kind.terminals().stream().anyMatch(terminal -> terminal.use() == use);
    }

    private static long bus(ModuleKind kind) {
        return kind.terminals().stream()
                .filter(terminal -> terminal.use() == TerminalUse.BUS)
                .count();
    }

    /// The modules of a job that need a cable, by name.
    public static List<ModuleId> modulesToCable(Parts job) {
        return job.modules().stream()
                .filter(module -> job.kindOf(module)
                        .filter(kind -> kind.sort() != ModuleSort.CONVERTER
                                && !of(job, module.id()).isEmpty())
                        .isPresent())
                .map(PanelModule::id)
                .toList();
    }

    /// Whether a point's device, or one of several that share its loop, takes a supply of its own, beside its loop.
    public static boolean powered(Point point) {
        return point.kinds().stream().anyMatch(kind -> kind.powering().isPresent() && !kind.twoWire());
    }

    /// Whether the tamper ring goes through a point's cover: the house has one ring, the device has a cover
    /// contact, and its loop does not watch it.
    public static boolean ringMember(Point point, Practice practice) {
        return practice.option(PracticeQuestion.TAMPER) == PracticeOption.ONE_RING && coverToWatch(point);
    }

    /// Whether a point's device, or one that shares its loop, has a cover contact that the loop does not watch.
    public static boolean coverToWatch(Point point) {
        return point.has(kind -> kind.outputs().tamper())
                && !point.kind().radio()
                && !point.loop().scheme().watchesCover();
    }
}
