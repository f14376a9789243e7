package io.answerback.core.wiring.cores;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.unit.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Works out where every core goes at one module.
final class BoxPlanner {
    private static final CoreTermination NO_TERMINAL = new CoreTermination.Nowhere("this box has no such terminal");

    private final List<Terminal> strip;
    private final List<ConnectedEnd> coming;
    private final ModuleId module;
    private final Facts facts;
    private final Map<InputId, Zone> byInput = new HashMap<>();
    private final Map<InputId, Zone> seconds = new HashMap<>();
    private final RingPlanner ring;
    private final Optional<Unit> unit;

    /// A loop and the cable that brings it.
    private record Zone(ConnectedEnd coming, ConnectedEnd.Loop loop) {
        CoreTermination joined(CoreUse use) {
            return ConnectedEnd.joined(
                    coming, new CoreNeed(use, Optional.of(loop.point().id())));
        }
    }

    BoxPlanner(Facts facts, ModuleId module, List<ConnectedEnd> coming) {
        this.facts = facts;
        this.module = module;
        this.strip = facts.kindOf(module).map(ModuleKind::terminals).orElse(List.of());
        this.coming = coming;
        this.unit = facts.communicator().unit();
        for (ConnectedEnd one : coming) {
            for (ConnectedEnd.Loop loop : one.near() ? one.loops() : List.<ConnectedEnd.Loop>of()) {
                if (loop.input() != null) {
                    byInput.put(loop.input().id(), new Zone(one, loop));
                    loop.input().shares().ifPresent(id -> seconds.put(id, new Zone(one, loop)));
                }
            }
        }
        List<Integer> ends = terminals(TerminalUse.TAMPER);
        this.ring = new RingPlanner(
                coming.stream().filter(ConnectedEnd::near).toList(),
                ends.size() < 2 ? NO_TERMINAL : new CoreTermination.Under(ends.getFirst(), false),
                ends.size() < 2 ? NO_TERMINAL : new CoreTermination.Under(ends.getLast(), false));
    }

    BoxPlan plan() {
        Map<Integer, Integer> counts = new HashMap<>();
        List<CableCores> first =
                coming.stream().map(one -> one.cores(this::termination)).toList();
        first.forEach(cable -> cable.cores().forEach(core -> {
            if (core.termination() instanceof CoreTermination.Under under) {
                counts.merge(under.terminal(), 1, Integer::sum);
            }
        }));
        List<CableCores> cables =
                first.stream().map(cable -> bunched(cable, counts)).toList();
        return new BoxPlan(module, facts.nameOf(module), strip, cables, ring.ring(), terminator());
    }

    /// The terminator at an end of the bus, across its data terminals.
    private List<FittedPart> terminator() {
        List<Integer> data = terminals(TerminalUse.BUS);
        double ohms = facts.panel().profile().bus().map(BusRule::terminatorOhms).orElse(0.0);
        return ohms > 0 && data.size() > 1 && facts.bus().terminated().contains(module)
                ? List.of(new FittedPart(data.get(0), data.get(1), ohms, "bus terminator"))
                : List.of();
    }

    /// Where more cores belong under a terminal than it holds, all of them go to it via a terminal block.
    private CableCores bunched(CableCores cable, Map<Integer, Integer> counts) {
        List<PlannedCore> cores = cable.cores().stream()
                .map(core -> core.termination() instanceof CoreTermination.Under under
                                && counts.get(under.terminal())
                                        > strip.get(under.terminal()).holds()
                        ? new PlannedCore(core.colour(), core.need(), new CoreTermination.Under(under.terminal(), true))
                        : core)
                .toList();
        return new CableCores(cable.cable(), cable.end(), cable.serves(), cores, cable.lacking(), cable.polarLoops());
    }

    private CoreTermination termination(ConnectedEnd one, CoreNeed need) {
        return switch (need.use()) {
            case LOOP, LOOP_RETURN ->
                need.pointId()
                        .flatMap(one::loop)
                        .map(loop -> ofLoop(loop, need.use()))
                        .orElse(new CoreTermination.Nowhere("it is no loop of this cable"));
            case TAMPER, TAMPER_RETURN -> ring.termination(one, need.use());
            case SUPPLY -> resetting(one).orElseGet(() -> nth(TerminalUse.SUPPLY, 0));
            case SUPPLY_RETURN -> nth(TerminalUse.SUPPLY_RETURN, 0);
            case BUS_ONE -> nth(TerminalUse.BUS, 0);
            case BUS_TWO -> nth(TerminalUse.BUS, 1);
            case SOUNDER -> nth(TerminalUse.SOUNDER, 0);
            case STROBE -> nth(TerminalUse.STROBE, 0);
            case SOUNDER_TAMPER -> nth(TerminalUse.SOUNDER_TAMPER, 0);
            case TIP -> nth(TerminalUse.DIALLER, 0);
            case RING -> nth(TerminalUse.DIALLER, 1);
            case SPEAKER -> nth(TerminalUse.SPEAKER, 0);
            case SPEAKER_RETURN -> nth(TerminalUse.SPEAKER, 1);
            case EVENT -> unit.map(its -> event(its, need.number())).orElse(NO_TERMINAL);
            case SETTING -> setting();
            case SPARE -> new CoreTermination.FoldedBack();
        };
    }

    /// The output that takes the supply away from detectors that are reset so; empty where none of the cable is,
    /// and where no output that switches plus was decided to do it.
    private Optional<CoreTermination> resetting(ConnectedEnd one) {
        boolean reset = Stream.concat(one.loops().stream(), one.devices().stream())
                .anyMatch(loop -> loop.point().has(PointKind::resetBySupply));
        List<Integer> outputs = terminals(TerminalUse.OUTPUT);
        if (!reset || !facts.modules().getFirst().id().equals(module)) {
            return Optional.empty();
        }
        return IntStream.range(0, outputs.size())
                .filter(n -> strip.get(outputs.get(n)).switchesPlus())
                .filter(n -> facts.setup()
                        .decided(Decision.OUTPUT_USE, n + 1)
                        .map(PanelProgramming.Decided::value)
                        .filter(OutputUse.RESET.name()::equals)
                        .isPresent())
                .mapToObj(n -> (CoreTermination) new CoreTermination.Under(outputs.get(n), false))
                .findFirst();
    }

    /// At the communicator the input that an output of the panel works, else the output itself.
    private CoreTermination event(Unit its, int output) {
        return here(its)
                ? EventCores.of(facts, its).stream()
                        .filter(pair -> pair.output() == output)
                        .map(pair -> nth(TerminalUse.INPUT, pair.input() - 1))
                        .findFirst()
                        .orElse(NO_TERMINAL)
                : nth(TerminalUse.OUTPUT, output - 1);
    }

    private CoreTermination setting() {
        return unit.filter(this::here).isPresent()
                ? nth(TerminalUse.OUTPUT, 0)
                : EventCores.keySwitch(facts)
                        .filter(input -> input.module().equals(module))
                        .map(input -> ofInput(TerminalUse.INPUT, input.number()))
                        .orElse(NO_TERMINAL);
    }

    private boolean here(Unit its) {
        return its.module().equals(Optional.of(module));
    }

    private CoreTermination ofLoop(ConnectedEnd.Loop loop, CoreUse use) {
        Input input = loop.input();
        if (input == null) {
            return new CoreTermination.Nowhere(
                    Text.of("point %s has no input yet", loop.point().id()));
        }
        if (!input.module().equals(module)) {
            return new CoreTermination.Nowhere("its input is on " + facts.nameOf(input.module()));
        }
        return use == CoreUse.LOOP ? begin(loop, input) : end(loop, input);
    }

    /// The second of two zones in series begins where the first one's loop ends.
    private CoreTermination begin(ConnectedEnd.Loop loop, Input input) {
        return input.shares()
                .filter(id -> series(loop))
                .map(byInput::get)
                .map(first -> first.joined(CoreUse.LOOP_RETURN))
                .orElseGet(() -> ofInput(TerminalUse.INPUT, input.number()));
    }

    private CoreTermination end(ConnectedEnd.Loop loop, Input input) {
        Zone second = seconds.get(input.id());
        return second != null && series(loop)
                ? second.joined(CoreUse.LOOP)
                : ofInput(TerminalUse.INPUT_RETURN, input.number());
    }

    private static boolean series(ConnectedEnd.Loop loop) {
        return loop.point().loop().scheme() == SchemeKind.TWO_ZONES_SERIES;
    }

    private List<Integer> terminals(TerminalUse use) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == use) {
                found.add(i);
            }
        }
        return found;
    }

    private CoreTermination nth(TerminalUse use, int n) {
        List<Integer> found = terminals(use);
        return n < found.size() ? new CoreTermination.Under(found.get(n), false) : NO_TERMINAL;
    }

    /// The terminal of an input, or its return; a return that names no inputs serves all.
    private CoreTermination ofInput(TerminalUse use, int number) {
        for (int i = 0; i < strip.size(); i++) {
            Terminal terminal = strip.get(i);
            boolean its = terminal.inputs().contains(number)
                    || use == TerminalUse.INPUT_RETURN && terminal.inputs().isEmpty();
            if (terminal.use() == use && its) {
                return new CoreTermination.Under(i, false);
            }
        }
        return NO_TERMINAL;
    }
}
