package io.answerback.core.check;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.LandedCore;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.CoreNeeds;
import io.answerback.core.cores.LandingWords;
import io.answerback.core.cores.PlannedCore;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.profile.TerminalUse;
import io.answerback.core.site.Job;
import java.util.Optional;
import java.util.stream.Stream;

/// An end of a core that was put somewhere and belongs somewhere else: because the plan has changed since, or
/// because a mistake was made, of which the worst are told by name.
final class CoreLandedElsewhere implements JobRule {
    static final String RULE = "core-elsewhere";

    /// A core out of its place.
    private record Strayed(BoxPlan box, CableCores cable, PlannedCore core, LandedCore landed) {
        Optional<TerminalUse> terminal() {
            return box.terminalCalled(landed.where()).map(its -> its.use());
        }

        boolean on(TerminalUse use) {
            return terminal().filter(use::equals).isPresent();
        }
    }

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().cables().stream()
                .filter(cable -> !cable.laying().landed().isEmpty())
                .flatMap(cable -> Stream.of(CableEnd.values())
                        .flatMap(end -> facts.cores().at(cable, end).stream())
                        .flatMap(box -> box.cable(cable.id()).stream()
                                .flatMap(its -> its.cores().stream().flatMap(core -> strayed(box, its, core)))))
                .map(strayed -> finding(facts.job(), strayed));
    }

    private static Stream<Strayed> strayed(BoxPlan box, CableCores cable, PlannedCore core) {
        String belongs = LandingWords.of(core.landing(), box.strip());
        return cable.landed(core.colour()).stream()
                .filter(landed -> !landed.where().equals(belongs))
                .map(landed -> new Strayed(box, cable, core, landed));
    }

    private static Finding finding(Job job, Strayed strayed) {
        CableCores cable = strayed.cable();
        PlannedCore core = strayed.core();
        String belongs = LandingWords.of(core.landing(), strayed.box().strip());
        String end = cable.end() == CableEnd.NEAR ? "" : ":far";
        return new Finding(
                "%s:%s:%s%s".formatted(RULE, cable.id(), core.colour(), end),
                Stop.CABLE,
                Grade.WRONG,
                cable.serves().pointId(),
                cable.id(),
                says(job, strayed),
                "It was put to %s in %s; it belongs to %s. %s"
                        .formatted(strayed.landed().where(), strayed.box().title(), belongs, danger(job, strayed))
                        .strip(),
                "Move it, or take back the change that moved its place.");
    }

    private static String says(Job job, Strayed strayed) {
        String core =
                "%s of %s".formatted(strayed.core().colour(), strayed.cable().id());
        if (changedOver(strayed)) {
            return core + " has the wrong polarity";
        }
        if (givenSupply(job, strayed)) {
            return core + " gives supply to a contact";
        }
        return strayed.on(TerminalUse.SUPPLY) ? core + " is on a supply terminal" : core + " is in the wrong place";
    }

    private static String danger(Job job, Strayed strayed) {
        if (changedOver(strayed)) {
            return "The wrong way round can destroy what it feeds.";
        }
        if (givenSupply(job, strayed)) {
            return "The contact shorts the supply when it closes.";
        }
        if (strayed.on(TerminalUse.SUPPLY)) {
            return "The supply goes into an input, or is shorted through the loop.";
        }
        return strayed.core().use() == CoreUse.SUPPLY || strayed.core().use() == CoreUse.SUPPLY_RETURN
                ? "What it feeds has no supply: a detector without it reads as alarm or open."
                : "";
    }

    private static boolean changedOver(Strayed strayed) {
        return strayed.core().use() == CoreUse.SUPPLY && strayed.on(TerminalUse.SUPPLY_RETURN)
                || strayed.core().use() == CoreUse.SUPPLY_RETURN && strayed.on(TerminalUse.SUPPLY);
    }

    private static boolean givenSupply(Job job, Strayed strayed) {
        var points = strayed.cable().cable().ends().points();
        return strayed.on(TerminalUse.SUPPLY)
                && !points.isEmpty()
                && points.stream().flatMap(id -> job.point(id).stream()).noneMatch(CoreNeeds::powered);
    }
}
