package io.answerback.core.cores;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.practice.Question;
import io.answerback.core.practice.School;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Which cable carries what. Where several go to one place, each takes the pairs there is room for and leaves
/// the rest to the next.
final class Allotment {
    private final Job job;
    private final Map<String, Point> points;
    private Allotment earlier;
    private final Map<String, PanelModule> modules = new HashMap<>();
    private final Map<String, List<Cable>> together = new HashMap<>();
    private final Map<String, List<Cable>> onwards = new HashMap<>();
    private final Map<String, List<CoreNeed>> needs = new HashMap<>();
    private final Map<String, List<String>> loops = new HashMap<>();

    /// @param points every point, with the parts of the loop its contact lies in
    /// @param earlier that of an earlier state of the job with the same practice; null for none
    Allotment(Job job, Map<String, Point> points, Allotment earlier) {
        this.job = job;
        this.points = points;
        this.earlier = earlier;
        job.modules().forEach(module -> modules.put(module.name(), module));
        for (Cable cable : job.cables()) {
            together.computeIfAbsent(place(cable.ends()), key -> new ArrayList<>())
                    .add(cable);
            onwards.computeIfAbsent(cable.ends().from(), key -> new ArrayList<>())
                    .add(cable);
        }
        together.forEach((place, cables) -> {
            if (same(place, cables)) {
                cables.forEach(cable -> {
                    needs.put(cable.id(), this.earlier.needs.get(cable.id()));
                    loops.put(cable.id(), this.earlier.loops.get(cable.id()));
                });
            } else {
                allot(cables);
            }
        });
        this.earlier = null;
    }

    /// Whether the cables to some devices and the devices themselves are the very same as before.
    private boolean same(String place, List<Cable> cables) {
        if (earlier == null) {
            return false;
        }
        List<Cable> then = earlier.together.getOrDefault(place, List.of());
        if (then.size() != cables.size()) {
            return false;
        }
        for (int i = 0; i < cables.size(); i++) {
            List<String> ids = cables.get(i).ends().points();
            if (cables.get(i) != then.get(i)
                    || ids.isEmpty()
                    || !ids.stream().allMatch(id -> points.get(id) == earlier.points.get(id))) {
                return false;
            }
        }
        return true;
    }

    private static String place(CableEnds ends) {
        return ends.points().isEmpty()
                ? "to " + ends.module() + ends.joint()
                : ends.points().getFirst();
    }

    private void allot(List<Cable> cables) {
        List<CoreNeed> open = wanted(cables);
        for (int i = 0; i < cables.size(); i++) {
            Cable cable = cables.get(i);
            boolean last = i == cables.size() - 1;
            List<CoreNeed> its = last ? open : fitting(cable, open, cables.subList(i + 1, cables.size()));
            needs.put(cable.id(), doubled(cable, its));
            loops.put(cable.id(), loops(its));
            open = open.stream().filter(need -> !its.contains(need)).toList();
        }
    }

    private List<CoreNeed> wanted(List<Cable> cables) {
        if (cables.size() == 1) {
            return at(cables.getFirst().ends(), new HashSet<>());
        }
        Set<CoreNeed> wanted = new LinkedHashSet<>();
        cables.forEach(cable -> wanted.addAll(at(cable.ends(), new HashSet<>())));
        return List.copyOf(wanted);
    }

    /// Whole pairs while there is room, without what a later cable is known to carry.
    private static List<CoreNeed> fitting(Cable cable, List<CoreNeed> open, List<Cable> later) {
        int room = cable.laying().type().map(type -> type.colours().size()).orElse(Integer.MAX_VALUE);
        Set<CoreUse> elsewhere = new HashSet<>();
        later.forEach(other -> elsewhere.addAll(other.laying().asFound().uses().values()));
        if (open.contains(CoreNeed.shared(CoreUse.BUS_ONE))) {
            // data are read against the panel's 0 V, wherever the supply comes from
            elsewhere.remove(CoreUse.SUPPLY_RETURN);
        }
        List<CoreNeed> taken = new ArrayList<>();
        for (CoreNeed need : open) {
            List<CoreNeed> pair = pair(need, open).stream()
                    .filter(one -> !elsewhere.contains(one.use()) && !taken.contains(one))
                    .toList();
            if (taken.size() + pair.size() <= room) {
                taken.addAll(pair);
            }
        }
        return taken;
    }

    private static List<CoreNeed> pair(CoreNeed need, List<CoreNeed> open) {
        return need.use()
                .partner()
                .map(use -> new CoreNeed(use, need.pointId()))
                .filter(open::contains)
                .map(partner -> List.of(need, partner))
                .orElse(List.of(need));
    }

    private static List<CoreNeed> doubled(Cable cable, List<CoreNeed> once) {
        Set<CoreUse> doubled = cable.laying().doubled();
        if (doubled.isEmpty()) {
            return once;
        }
        List<CoreNeed> twice = new ArrayList<>(once);
        once.stream()
                .filter(need -> doubled.contains(need.use())
                        || need.use().partner().filter(doubled::contains).isPresent())
                .forEach(twice::add);
        return twice;
    }

    /// What is needed at a far end, what lies behind a joint box included.
    private List<CoreNeed> at(CableEnds ends, Set<String> through) {
        if (!ends.module().isEmpty()) {
            return kind(ends.module()).map(CoreNeeds::of).orElse(List.of());
        }
        if (ends.joint().isEmpty()) {
            return CoreNeeds.of(ends.points().stream().map(points::get).toList(), job.practice());
        }
        if (!through.add(ends.joint())) {
            return List.of();
        }
        Set<CoreNeed> behind = new LinkedHashSet<>();
        onwards.getOrDefault(ends.joint(), List.of()).forEach(cable -> behind.addAll(at(cable.ends(), through)));
        if (job.practice().school(Question.TAMPER) == School.ONE_RING) {
            // the ring goes through the lid of the joint box
            behind.add(CoreNeed.shared(CoreUse.TAMPER));
            behind.add(CoreNeed.shared(CoreUse.TAMPER_RETURN));
        }
        List<CoreNeed> ordered = new ArrayList<>(behind);
        ordered.sort(Comparator.comparingInt(need -> rank(need.use())));
        return ordered;
    }

    private static int rank(CoreUse use) {
        return switch (use) {
            case LOOP, LOOP_RETURN -> 0;
            case SUPPLY, SUPPLY_RETURN -> 1;
            case TAMPER, TAMPER_RETURN -> 3;
            default -> 2;
        };
    }

    private Optional<ModuleKind> kind(String module) {
        return Optional.ofNullable(modules.get(module))
                .flatMap(its -> job.panel().profile().module(its.kindId()));
    }

    /// What a cable of the job is to carry, what it can least do without first.
    List<CoreNeed> needs(Cable cable) {
        return needs.get(cable.id());
    }

    /// The cables that begin at a joint box or a module by name.
    List<Cable> from(String place) {
        return onwards.getOrDefault(place, List.of());
    }

    /// The points whose loops run through a cable, those behind a joint box included.
    List<String> loops(Cable cable) {
        return loops.get(cable.id());
    }

    private static List<String> loops(List<CoreNeed> needs) {
        return needs.stream()
                .filter(need -> need.use() == CoreUse.LOOP)
                .map(CoreNeed::pointId)
                .distinct()
                .toList();
    }
}
