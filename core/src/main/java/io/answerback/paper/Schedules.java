package io.answerback.paper;

import io.answerback.chain.Figures;
import io.answerback.cores.BoxPlan;
import io.answerback.cores.CableCores;
import io.answerback.cores.CorePlan;
import io.answerback.cores.LandingWords;
import io.answerback.cores.PlannedCore;
import io.answerback.job.Cable;
import io.answerback.job.CableType;
import io.answerback.job.CoreUse;
import io.answerback.job.Job;
import io.answerback.job.LandedCore;
import io.answerback.job.Laying;
import io.answerback.job.Point;
import java.util.ArrayList;
import java.util.List;

/// The schedules of a job's cables, as tables. What is not decided is said in its place.
public final class Schedules {
    private static final String UNDECIDED = "not decided";

    private Schedules() {}

    /// Every cable: from where to where, what it is, how long, which way, and how far the work has come.
    public static Table cables(Job job, CorePlan plan) {
        List<List<String>> rows =
                job.cables().stream().map(cable -> cable(job, plan, cable)).toList();
        return new Table(
                job.site().name() + ", cable schedule",
                List.of("Cable", "From", "To", "Type", "Length", "Way", "Labels", "State"),
                List.of(0.8, 1.4, 2.0, 1.8, 0.8, 2.2, 1.2, 1.1),
                rows);
    }

    private static List<String> cable(Job job, CorePlan plan, Cable cable) {
        Laying laying = cable.laying();
        return List.of(
                cable.id(),
                plan.boxOf(cable.id()).map(BoxPlan::module).orElse("no box yet"),
                cable.pointId() + " "
                        + job.point(cable.pointId()).map(Point::name).orElse(""),
                laying.type().map(CableType::name).orElse(UNDECIDED),
                cable.metres() == 0 ? UNDECIDED : Figures.metres(cable.metres()),
                way(laying),
                labels(laying),
                laying.progress().words());
    }

    private static String way(Laying laying) {
        List<String> parts = new ArrayList<>();
        if (!laying.route().isEmpty()) {
            parts.add(laying.route());
        }
        if (laying.outdoors()) {
            parts.add("outdoors");
        }
        if (laying.besideMains()) {
            parts.add("BESIDE MAINS");
        }
        return String.join(", ", parts);
    }

    private static String labels(Laying laying) {
        if (laying.labelledHere() && laying.labelledThere()) {
            return "both ends";
        }
        return laying.labelledHere() ? "box only" : laying.labelledThere() ? "device only" : "none";
    }

    /// Every core of every cable: its colour, what it is for, where it goes, and when it was put there.
    public static Table cores(Job job, CorePlan plan) {
        List<List<String>> rows = new ArrayList<>();
        for (BoxPlan box : plan.boxes()) {
            for (CableCores cable : box.cables()) {
                rows.addAll(cores(box, cable));
            }
        }
        return new Table(
                job.site().name() + ", core schedule",
                List.of("Box", "Cable", "To", "Core", "Use", "Goes to", "Put there"),
                List.of(1.2, 0.8, 2.0, 0.9, 1.1, 2.4, 1.4),
                rows);
    }

    private static List<List<String>> cores(BoxPlan box, CableCores cable) {
        String id = cable.cable().id();
        String to = cable.point().id() + " " + cable.point().name();
        if (cable.cores().isEmpty()) {
            return List.of(List.of(box.module(), id, to, "", "", "its type is " + UNDECIDED, ""));
        }
        List<List<String>> rows = new ArrayList<>();
        for (PlannedCore core : cable.cores()) {
            rows.add(List.of(
                    box.module(),
                    id,
                    to,
                    core.colour(),
                    core.use().words(),
                    LandingWords.of(core.landing(), box.strip()),
                    cable.cable()
                            .laying()
                            .landed(core.colour())
                            .map(LandedCore::at)
                            .map(at -> at.toString().substring(0, 16).replace('T', ' '))
                            .orElse("")));
        }
        for (CoreUse lacking : cable.lacking()) {
            rows.add(List.of(box.module(), id, to, "none left", lacking.words(), "no core is left for it", ""));
        }
        return rows;
    }
}
