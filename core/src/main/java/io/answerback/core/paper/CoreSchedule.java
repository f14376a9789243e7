package io.answerback.core.paper;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CoreNeed;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Every core of a job with both its ends: what it is for, where each end goes, and which was put there.
public final class CoreSchedule {
    private static final String GAP = "";

    private final CorePlan plan;

    private CoreSchedule(CorePlan plan) {
        this.plan = plan;
    }

    /// The schedule, box by box, a row a core. What is not decided is said in its place.
    public static Table of(Parts job, CorePlan plan) {
        CoreSchedule schedule = new CoreSchedule(plan);
        return new Table(
                job.site().name() + ", core schedule",
                List.of("Cable", "From", "To", "Core", "Use", "From end goes to", "To end goes to", "Terminated"),
                List.of(0.7, 1.2, 1.8, 0.9, 1.1, 1.6, 1.6, 1.1),
                schedule.inOrder(job).flatMap(schedule::rows).toList(),
                job.cables().stream().flatMap(schedule::gaps).toList());
    }

    /// Those that begin at a box, box by box, then those that begin at none yet.
    private Stream<Cable> inOrder(Parts job) {
        Set<Cable> cables = new LinkedHashSet<>();
        plan.boxes().stream()
                .flatMap(box -> box.cables().stream())
                .filter(cable -> cable.end() == CableEnd.NEAR)
                .forEach(cable -> cables.add(cable.cable()));
        cables.addAll(job.cables());
        return cables.stream();
    }

    private Stream<List<String>> rows(Cable cable) {
        String from = plan.boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
        String to = plan.farEnd(cable);
        if (cable.installation().type().isEmpty()) {
            return Stream.of(List.of(cable.id().text(), from, to, GAP, GAP, "its type is not decided", GAP, GAP));
        }
        Optional<BoxPlan> near = plan.at(cable, CableEnd.NEAR);
        Optional<BoxPlan> far = plan.at(cable, CableEnd.FAR);
        Optional<CableCores> cores = cores(near, cable).or(() -> cores(far, cable));
        if (cores.isEmpty()) {
            return Stream.of(List.of(cable.id().text(), from, to, GAP, GAP, "nothing is at either end yet", GAP, GAP));
        }
        List<List<String>> rows = new ArrayList<>();
        boolean several = cores.get().several();
        for (PlannedCore core : cores.get().cores()) {
            rows.add(List.of(
                    cable.id().text(),
                    from,
                    to,
                    core.colour(),
                    core.need().words(several),
                    goesTo(near, cable, core.colour()),
                    goesTo(far, cable, core.colour()),
                    inPlace(cable, core.colour())));
        }
        cable.installation()
                .screen()
                .filter(screen -> cable.installation().screened())
                .ifPresent(screen -> rows.add(List.of(
                        cable.id().text(),
                        from,
                        to,
                        "screen",
                        "screen",
                        screened(screen, CableEnd.NEAR),
                        screened(screen, CableEnd.FAR),
                        GAP)));
        for (CoreNeed lacking : cores.get().lacking()) {
            rows.add(List.of(
                    cable.id().text(),
                    from,
                    to,
                    "none left",
                    lacking.words(several),
                    "no core is left for it",
                    GAP,
                    GAP));
        }
        return rows.stream();
    }

    private static String screened(ScreenEarth screen, CableEnd end) {
        return screen.at(end) ? "earth of the box" : "no earth: insulated, or joined through";
    }

    private Stream<String> gaps(Cable cable) {
        if (cable.installation().type().isEmpty()) {
            return Stream.of(Text.of("The cores of %s are not known: choose its type.", cable.id()));
        }
        return cores(plan.at(cable, CableEnd.NEAR), cable).stream()
                .filter(cores -> !cores.lacking().isEmpty())
                .map(cores -> Text.of(
                        "%s has %d cores too few.", cable.id(), cores.lacking().size()));
    }

    private static Optional<CableCores> cores(Optional<BoxPlan> place, Cable cable) {
        return place.flatMap(box -> box.cable(cable.id()));
    }

    private static String goesTo(Optional<BoxPlan> place, Cable cable, String colour) {
        return place.flatMap(box -> box.cable(cable.id())
                        .flatMap(cores -> cores.core(colour))
                        .map(core -> TerminationWords.of(core.termination(), box.strip())))
                .orElse(GAP);
    }

    private static String inPlace(Cable cable, String colour) {
        Optional<TerminatedCore> near = cable.installation().terminated(CableEnd.NEAR, colour);
        Optional<TerminatedCore> far = cable.installation().terminated(CableEnd.FAR, colour);
        Optional<String> last = Stream.of(near, far)
                .flatMap(Optional::stream)
                .map(TerminatedCore::at)
                .max(Comparator.naturalOrder())
                .map(at -> at.toString().substring(0, 10));
        String ends = near.isPresent() && far.isPresent() ? "both" : near.isPresent() ? "from end" : "to end";
        return last.map(day -> ends + " " + day).orElse(GAP);
    }
}
