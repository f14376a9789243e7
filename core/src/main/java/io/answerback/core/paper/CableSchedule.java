package io.answerback.core.paper;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// Every cable of a job, as a table. What is not decided is said in its place.
public final class CableSchedule {
    private static final String UNDECIDED = "not decided";

    private CableSchedule() {}

    /// Every cable: from where to where, what it is, how long, which way, and how far the work has come.
    public static Table of(Parts job, CorePlan plan) {
        List<List<String>> rows =
                job.cables().stream().map(cable -> cable(plan, cable)).toList();
        return new Table(
                job.site().name() + ", cable schedule",
                List.of("Cable", "From", "To", "Type", "Length", "Way", "Labels", "State"),
                List.of(0.8, 1.4, 2.0, 1.8, 0.8, 2.2, 1.2, 1.1),
                rows,
                job.cables().stream().flatMap(cable -> gaps(plan, cable)).toList());
    }

    private static Stream<String> gaps(CorePlan plan, Cable cable) {
        List<String> missing = new ArrayList<>();
        if (plan.boxOf(cable.id()).isEmpty()) {
            missing.add("a box");
        }
        if (cable.installation().type().isEmpty()) {
            missing.add("a type");
        }
        if (cable.metres() == 0) {
            missing.add("a length");
        }
        return missing.isEmpty()
                ? Stream.empty()
                : Stream.of(Text.of("%s has not got %s yet.", cable.id(), String.join(" and ", missing)));
    }

    private static List<String> cable(CorePlan plan, Cable cable) {
        CableInstallation installation = cable.installation();
        return List.of(
                cable.id().text(),
                plan.boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet"),
                plan.farEnd(cable),
                installation.type().map(CableType::name).orElse(UNDECIDED),
                cable.metres() == 0 ? UNDECIDED : Figures.metres(cable.metres()),
                way(installation),
                labels(installation),
                installation.reached().words());
    }

    private static String way(CableInstallation installation) {
        List<String> parts = new ArrayList<>();
        if (!installation.route().isEmpty()) {
            parts.add(installation.route());
        }
        if (installation.outdoors()) {
            parts.add("outdoors");
        }
        if (installation.besideMains()) {
            parts.add("BESIDE MAINS");
        }
        return String.join(", ", parts);
    }

    private static String labels(CableInstallation installation) {
        if (installation.labelledHere() && installation.labelledThere()) {
            return "both ends";
        }
        return installation.labelledHere() ? "box only" : installation.labelledThere() ? "far end only" : "none";
    }
}
