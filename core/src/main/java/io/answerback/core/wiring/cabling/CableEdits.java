package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableFault;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.JointKind;
import io.answerback.core.model.site.Edit;
import io.answerback.core.wiring.cores.CorePlan;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to how cables are laid.
public final class CableEdits {
    private CableEdits() {}

    /// Another change to how a cable is laid.
    ///
    /// @param what what changes, as the undo menu says it, such as "label"
    public static Edit installation(String what, CableId cableId, UnaryOperator<CableInstallation> change) {
        return installation(what + " of " + cableId, List.of(cableId), change);
    }

    /// The same change to several cables, in one step.
    ///
    /// @param name what the undo menu says
    public static Edit installation(
            String name, Collection<CableId> cableIds, UnaryOperator<CableInstallation> change) {
        return new Edit(
                name,
                job -> job.withCables(job.cables().stream()
                        .map(cable -> cableIds.contains(cable.id())
                                ? cable.withInstallation(change.apply(cable.installation()))
                                : cable)
                        .toList()));
    }

    /// Notes that an end of a core was put where it belongs. With its last a cable is terminated.
    ///
    /// @param last whether no other end of a core of the cable has still to be put in place
    public static Edit terminated(WiringStep step, Instant at, boolean last) {
        return terminated(
                step.cableId(), new TerminatedCore(step.end(), step.core().colour(), step.where(), at), last);
    }

    /// The same with the end of the core and where it was put, which need not be where it belongs.
    public static Edit terminated(CableId cableId, TerminatedCore core, boolean last) {
        return installation(Text.of("%s core", core.colour()), cableId, installation -> {
            CableInstallation with = installation.withTerminated(core);
            boolean before = with.progress().compareTo(CableInstallation.Progress.TERMINATED) < 0;
            return last && before ? with.withProgress(CableInstallation.Progress.TERMINATED) : with;
        });
    }

    /// Notes that a cable was pulled in, or that its labels were put on.
    public static Edit fixed(FixStep step) {
        return step.label()
                ? installation("labels", step.cableId(), installation -> installation.withLabels(true, true))
                : installation(
                        "run",
                        step.cableId(),
                        installation -> installation.withProgress(CableInstallation.Progress.RUN));
    }

    /// Gives every cable without a type the one with the fewest cores that what it goes to needs, for outdoors
    /// where it runs there. A cable for which there is none stays undecided.
    ///
    /// @param types the types there are to choose from
    public static Edit chooseTypes(List<CableType> types) {
        return new Edit("types of cables", job -> {
            CorePlan plan = CorePlan.of(job);
            return job.withCables(job.cables().stream()
                    .map(cable -> typed(cable, plan.needs(cable), types))
                    .toList());
        });
    }

    private static Cable typed(Cable cable, int needed, List<CableType> types) {
        return cable.installation().type().isPresent()
                ? cable
                : smallest(cable, needed, types)
                        .map(type -> cable.withInstallation(cable.installation().withType(type)))
                        .orElse(cable);
    }

    private static Optional<CableType> smallest(Cable cable, int needed, List<CableType> types) {
        return types.stream()
                .filter(type -> type.colours().size() >= needed && !type.screened())
                .filter(type -> type.outdoor() == cable.installation().outdoors())
                .min(Comparator.comparing(type -> type.colours().size()));
    }

    /// Another use of a core than the convention says, as it was found; empty for the convention's.
    public static Edit foundUse(CableId cableId, String colour, Optional<CoreUse> use) {
        return installation(
                "use of " + colour,
                cableId,
                installation -> installation.withAsFound(installation.asFound().withUse(colour, use)));
    }

    /// How the joints of a cable were found to be made; empty when nobody looked.
    public static Edit joints(CableId cableId, Optional<JointKind> kind) {
        return installation(
                "joints",
                cableId,
                installation -> installation.withAsFound(installation.asFound().withJoints(kind)));
    }

    /// Something that is seen to be wrong with the work on a cable, or no more.
    public static Edit fault(CableId cableId, CableFault fault, boolean seen) {
        return installation(
                fault.words(),
                cableId,
                installation -> installation.withAsFound(installation.asFound().withFault(fault, seen)));
    }

    /// Notes an unused input as fitted with what it needs to stay quiet; nothing changes where that is not known.
    public static Edit terminateUnused(InputId inputId) {
        return new Edit(
                "termination",
                inputId,
                job -> job.inputs().stream()
                        .filter(input -> input.id().equals(inputId))
                        .flatMap(input -> UnusedInputs.bands(job, input).stream())
                        .findFirst()
                        .map(reads ->
                                Edits.unusedFitted(inputId, reads.unusedNeeds()).on(job))
                        .orElse(job));
    }
}
