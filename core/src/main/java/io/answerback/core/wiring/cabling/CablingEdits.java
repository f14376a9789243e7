package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.edit.CableLabels;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Edits to which cables there are and between what they run.
public final class CablingEdits {
    private static final PointId FIRST = new PointId("01");

    private CablingEdits() {}

    /// Adds a cable of no length yet.
    ///
    /// @param conductor its cores, until its type is chosen
    public static Edit add(CableEnds ends, Conductor conductor) {
        UnaryOperator<Job> change =
                job -> with(job, Cable.indoors(CableLabels.free(job, label(ends)), ends, 0, conductor));
        return ends.module()
                .map(module -> new Edit("cable", module, change))
                .orElseGet(() -> new Edit("cable to " + farEnd(ends), change));
    }

    private static String farEnd(CableEnds ends) {
        return ends.points().isEmpty() ? ends.farEnd().text() : Text.listed(ends.points());
    }

    private static PointId label(CableEnds ends) {
        return ends.points().isEmpty() ? FIRST : ends.points().getFirst();
    }

    private static Job with(Job job, Cable cable) {
        List<Cable> cables = new ArrayList<>(job.cables());
        cables.add(cable);
        return job.withCables(cables);
    }

    /// Adds a cable from the panel to every module that needs one and has none: keypads, expanders on the bus,
    /// communicators, supplies, sounders, speakers.
    ///
    /// @param conductor their cores, until their types are chosen
    public static Edit toModules(Conductor conductor) {
        return new Edit("cables to modules", job -> {
            Job next = job;
            for (ModuleId module : modulesWithout(job)) {
                next = add(CableEnds.toModule(module), conductor).on(next);
            }
            return next;
        });
    }

    private static List<ModuleId> modulesWithout(Job job) {
        Set<ModuleId> cabled = new HashSet<>();
        job.cables().forEach(cable -> cable.ends().module().ifPresent(cabled::add));
        return CoreNeeds.modulesToCable(job).stream()
                .filter(id -> !cabled.contains(id))
                .toList();
    }

    /// Takes a cable away.
    public static Edit remove(CableId cableId) {
        return new Edit(
                "removal of " + cableId,
                job -> job.withCables(job.cables().stream()
                        .filter(cable -> !cable.id().equals(cableId))
                        .toList()));
    }

    /// Lets a cable run between other ends.
    ///
    /// @throws IllegalArgumentException when applied to a job without the cable
    public static Edit ends(CableId cableId, CableEnds ends) {
        return new Edit("ends of " + cableId, job -> {
            required(job, cableId);
            return job.withCables(job.cables().stream()
                    .map(cable -> cable.id().equals(cableId) ? cable.withEnds(ends) : cable)
                    .toList());
        });
    }

    private static Cable required(Job job, CableId cableId) {
        return job.cable(cableId)
                .orElseThrow(() -> new IllegalArgumentException("there is no cable " + cableId + " in this job"));
    }

    /// Lets a cable serve the device of one more point, beside those it serves. Cables that went to that device
    /// alone are taken away.
    public static Edit serveAlso(CableId cableId, PointId pointId) {
        return new Edit("point " + pointId + " on " + cableId, job -> {
            Cable cable = required(job, cableId);
            List<PointId> points = new ArrayList<>(cable.ends().points());
            points.add(pointId);
            CableEnds ends = cable.ends().withPoints(points);
            List<Cable> cables = new ArrayList<>(job.cables());
            cables.removeIf(other -> other.ends().points().equals(List.of(pointId)));
            cables.replaceAll(other -> other.id().equals(cableId) ? other.withEnds(ends) : other);
            return job.withCables(cables);
        });
    }

    /// Puts a joint box on the way of some cables: they begin there, and one cable brings to it what they need
    /// from where the first of them began. Where the joint box is there already, they begin at it too.
    ///
    /// @param joint what the joint box is called, such as "J-1"
    /// @param conductor the cores of the cable that brings it, until its type is chosen
    /// @return an edit that refuses a name that a module has
    public static Edit throughJoint(Collection<CableId> cableIds, JointId joint, Conductor conductor) {
        return new Edit("joint box " + joint, job -> {
            if (cableIds.isEmpty()) {
                throw new IllegalArgumentException(Text.of("no cable is to begin at joint box %s; choose one", joint));
            }
            if (modules(job).contains(joint.text())) {
                throw new IllegalArgumentException(Text.of(
                        "there is a module called %s; give the joint box another name, such as %s",
                        joint, freeJoint(job)));
            }
            Cable first = required(job, cableIds.iterator().next());
            boolean there = job.cables().stream()
                    .anyMatch(
                            cable -> cable.ends().joint().filter(joint::equals).isPresent());
            Job next = job.withCables(job.cables().stream()
                    .map(cable -> cableIds.contains(cable.id())
                            ? cable.withEnds(cable.ends().startingAt(Optional.of(joint)))
                            : cable)
                    .toList());
            if (there) {
                return next;
            }
            CableEnds trunk = CableEnds.toJoint(joint).startingAt(first.ends().from());
            return with(next, Cable.indoors(CableLabels.free(next, FIRST), trunk, 0, conductor));
        });
    }

    private static Set<String> modules(Job job) {
        return job.modules().stream()
                .flatMap(module -> Stream.of(module.id().text(), module.name()))
                .collect(Collectors.toSet());
    }

    /// A name no joint box and no module of the job has, such as "J-1".
    public static JointId freeJoint(Job job) {
        Set<String> taken = new HashSet<>();
        job.cables()
                .forEach(cable -> Stream.concat(cable.ends().joint().stream(), cable.ends().from().stream())
                        .forEach(box -> taken.add(box.text())));
        taken.addAll(modules(job));
        int number = 1;
        while (taken.contains("J-" + number)) {
            number++;
        }
        return new JointId("J-" + number);
    }

    /// Whether a module is mounted inside a steel box or close to metal.
    public static Edit besideMetal(ModuleId module, boolean metal) {
        return new Edit(
                "place",
                module,
                job -> job.withModules(job.modules().stream()
                        .map(its -> its.id().equals(module) ? its.withBesideMetal(metal) : its)
                        .toList()));
    }
}
