package io.answerback.cores;

import io.answerback.job.Cable;
import io.answerback.job.CoreConvention;
import io.answerback.job.CoreUse;
import io.answerback.job.Input;
import io.answerback.job.Point;
import io.answerback.job.Practice;
import io.answerback.job.SchemeKind;
import io.answerback.job.Terminal;
import io.answerback.job.TerminalUse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Works out where every core goes at one box.
final class BoxPlanner {
    /// A cable that comes to the box.
    ///
    /// @param point the point, with the parts of the loop its contact lies in
    record Coming(Input input, Point point, Cable cable) {}

    private static final Landing NO_TERMINAL = new Landing.Nowhere("this box has no such terminal");

    private final List<Terminal> strip;
    private final List<Coming> coming;
    private final Map<String, CoreColours> colours = new LinkedHashMap<>();
    private final Map<String, Coming> seconds = new HashMap<>();
    private final Map<String, Coming> byInput = new HashMap<>();
    private final TamperRing ring;

    BoxPlanner(List<Terminal> strip, List<Coming> coming, Practice practice, CoreConvention convention) {
        this.strip = strip;
        this.coming = coming;
        for (Coming one : coming) {
            one.cable()
                    .laying()
                    .type()
                    .ifPresent(type -> colours.put(
                            one.cable().id(), CoreColours.of(type, CoreNeeds.of(one.point(), practice), convention)));
            byInput.put(one.input().id(), one);
            one.input().shares().ifPresent(id -> seconds.put(id, one));
        }
        this.ring = ring(practice);
    }

    private TamperRing ring(Practice practice) {
        List<String> joined = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        for (Coming one : coming) {
            if (CoreNeeds.ringMember(one.point(), practice)) {
                CoreColours cores = colours.get(one.cable().id());
                boolean can = cores != null
                        && cores.colour(CoreUse.TAMPER).isPresent()
                        && cores.colour(CoreUse.TAMPER_RETURN).isPresent();
                (can && one.cable().laying().inRing() ? joined : leftOut)
                        .add(one.cable().id());
            }
        }
        return new TamperRing(joined, leftOut);
    }

    BoxPlan plan(String module) {
        Map<Integer, Integer> counts = new HashMap<>();
        List<CableCores> first = coming.stream().map(this::cores).toList();
        first.forEach(cable -> cable.cores().forEach(core -> {
            if (core.landing() instanceof Landing.Under under) {
                counts.merge(under.terminal(), 1, Integer::sum);
            }
        }));
        List<CableCores> cables =
                first.stream().map(cable -> bunched(cable, counts)).toList();
        return new BoxPlan(module, strip, cables, ring);
    }

    private CableCores cores(Coming one) {
        CoreColours its = colours.get(one.cable().id());
        if (its == null) {
            return new CableCores(one.cable(), one.point(), List.of(), List.of());
        }
        List<PlannedCore> cores = new ArrayList<>();
        its.uses().forEach((colour, use) -> cores.add(new PlannedCore(colour, use, landing(one, use))));
        return new CableCores(one.cable(), one.point(), cores, its.lacking());
    }

    /// Where more cores belong under a terminal than it holds, all of them go to it through a block.
    private CableCores bunched(CableCores cable, Map<Integer, Integer> counts) {
        List<PlannedCore> cores = cable.cores().stream()
                .map(core -> core.landing() instanceof Landing.Under under
                                && counts.get(under.terminal())
                                        > strip.get(under.terminal()).holds()
                        ? new PlannedCore(core.colour(), core.use(), new Landing.Under(under.terminal(), true))
                        : core)
                .toList();
        return new CableCores(cable.cable(), cable.point(), cores, cable.lacking());
    }

    private Landing landing(Coming one, CoreUse use) {
        return switch (use) {
            case LOOP -> loop(one);
            case LOOP_RETURN -> loopReturn(one);
            case SUPPLY -> first(TerminalUse.SUPPLY);
            case SUPPLY_RETURN -> first(TerminalUse.SUPPLY_RETURN);
            case TAMPER -> ring(one, -1);
            case TAMPER_RETURN -> ring(one, 1);
            case SPARE -> new Landing.FoldedBack();
        };
    }

    /// The second of two zones in series begins where the first one's loop ends.
    private Landing loop(Coming one) {
        boolean series = one.point().loop().scheme() == SchemeKind.TWO_ZONES_SERIES;
        return one.input()
                .shares()
                .filter(id -> series)
                .map(byInput::get)
                .map(first -> joined(first, CoreUse.LOOP_RETURN))
                .orElseGet(() -> ofInput(TerminalUse.INPUT, one.input().number()));
    }

    private Landing loopReturn(Coming one) {
        Coming second = seconds.get(one.input().id());
        boolean series = one.point().loop().scheme() == SchemeKind.TWO_ZONES_SERIES;
        return second != null && series
                ? joined(second, CoreUse.LOOP)
                : ofInput(TerminalUse.INPUT_RETURN, one.input().number());
    }

    private Landing joined(Coming other, CoreUse use) {
        CoreColours cores = colours.get(other.cable().id());
        return cores == null
                ? new Landing.Nowhere(
                        "the type of %s is not decided".formatted(other.cable().id()))
                : cores.colour(use)
                        .<Landing>map(colour -> new Landing.Joined(other.cable().id(), colour))
                        .orElse(new Landing.Nowhere(
                                "no core is left in " + other.cable().id()));
    }

    private Landing ring(Coming one, int way) {
        int at = ring.joined().indexOf(one.cable().id());
        if (at < 0) {
            return new Landing.Nowhere("the tamper ring does not go through it");
        }
        int other = at + way;
        if (other < 0 || other >= ring.joined().size()) {
            return tamperEnd(way);
        }
        String cableId = ring.joined().get(other);
        CoreUse use = way < 0 ? CoreUse.TAMPER_RETURN : CoreUse.TAMPER;
        return new Landing.Joined(cableId, colours.get(cableId).colour(use).orElseThrow());
    }

    private Landing tamperEnd(int way) {
        List<Integer> ends = new ArrayList<>();
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == TerminalUse.TAMPER) {
                ends.add(i);
            }
        }
        return ends.size() < 2 ? NO_TERMINAL : new Landing.Under(way < 0 ? ends.getFirst() : ends.getLast(), false);
    }

    private Landing first(TerminalUse use) {
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == use) {
                return new Landing.Under(i, false);
            }
        }
        return NO_TERMINAL;
    }

    /// The terminal of an input, or its return; a return that names no inputs serves all.
    private Landing ofInput(TerminalUse use, int number) {
        for (int i = 0; i < strip.size(); i++) {
            Terminal terminal = strip.get(i);
            boolean its = terminal.inputs().contains(number)
                    || use == TerminalUse.INPUT_RETURN && terminal.inputs().isEmpty();
            if (terminal.use() == use && its) {
                return new Landing.Under(i, false);
            }
        }
        return NO_TERMINAL;
    }
}
