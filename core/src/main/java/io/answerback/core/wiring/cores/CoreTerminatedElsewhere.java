package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An end of a core that was put somewhere and belongs somewhere else: because the plan has changed since, or
/// because a mistake was made, of which the worst are told by name.
public final class CoreTerminatedElsewhere implements CableCheck {
    /// A core is terminated in another place than the plan has for it.
    public static final Rule RULE = new Rule(
            "core-elsewhere",
            Stop.CABLE,
            Grade.WRONG,
            "A core is terminated in another place than the plan has for it.",
            "The plan has changed since, or a mistake was made; either way the drawings are wrong.");

    /// A core out of its place.
    private record Strayed(BoxPlan box, CableCores cable, PlannedCore core, TerminatedCore terminated) {
        Optional<TerminalUse> terminal() {
            return box.terminalCalled(terminated.where()).map(its -> its.use());
        }

        boolean on(TerminalUse use) {
            return terminal().filter(use::equals).isPresent();
        }
    }

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        return cable.installation().terminated().isEmpty()
                ? Stream.empty()
                : Stream.of(CableEnd.values())
                        .flatMap(end -> facts.of(CorePlan.FACT).at(cable, end).stream())
                        .flatMap(box -> box.cable(cable.id()).stream()
                                .flatMap(its -> its.cores().stream().flatMap(core -> strayed(box, its, core))))
                        .map(strayed -> finding(facts, strayed));
    }

    private static Stream<Strayed> strayed(BoxPlan box, CableCores cable, PlannedCore core) {
        String belongs = TerminationWords.of(core.termination(), box.strip());
        return cable.terminated(core.colour()).stream()
                .filter(terminated -> !TerminationWords.sameNode(terminated.where(), belongs))
                .map(terminated -> new Strayed(box, cable, core, terminated));
    }

    private static Finding finding(Parts job, Strayed strayed) {
        CableCores cable = strayed.cable();
        PlannedCore core = strayed.core();
        String belongs = TerminationWords.of(core.termination(), strayed.box().strip());
        String end = cable.end() == CableEnd.NEAR ? "" : ":far";
        return RULE.finds(
                        new Target.OfCable(cable.id(), cable.serves().pointId()),
                        says(job, strayed),
                        Text.of(
                                        "It was put to %s in %s; it belongs to %s. %s",
                                        strayed.terminated().where(),
                                        strayed.box().title(),
                                        belongs,
                                        danger(job, strayed))
                                .strip(),
                        "Move it, or take back the change that moved its place.")
                .of(Text.of("%s:%s%s", cable.id(), core.colour(), end));
    }

    private static String says(Parts job, Strayed strayed) {
        String core =
                Text.of("%s of %s", strayed.core().colour(), strayed.cable().id());
        if (changedOver(strayed)) {
            return core + " has the wrong polarity";
        }
        if (givenSupply(job, strayed)) {
            return core + " gives supply to a contact";
        }
        return strayed.on(TerminalUse.SUPPLY) ? core + " is on a supply terminal" : core + " is in the wrong place";
    }

    private static String danger(Parts job, Strayed strayed) {
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

    private static boolean givenSupply(Parts job, Strayed strayed) {
        var points = strayed.cable().cable().ends().points();
        return strayed.on(TerminalUse.SUPPLY)
                && !points.isEmpty()
                && points.stream().flatMap(id -> job.point(id).stream()).noneMatch(CoreNeeds::powered);
    }
}
