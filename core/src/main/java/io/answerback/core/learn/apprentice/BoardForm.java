package io.answerback.core.learn.apprentice;

import io.answerback.core.assess.Assessment;
import io.answerback.core.paper.Table;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.List;

/// The form by which a teacher marks a board that was really wired, filled in from the plan of its cores: one
/// line for each core, with boxes for what is looked at.
public final class BoardForm {
    private static final String BOX = "[  ]";

    private BoardForm() {}

    /// The form of every box of a job.
    public static Table of(Assessment job) {
        List<List<String>> rows = new ArrayList<>();
        for (BoxPlan box : job.get(CorePlan.FACT).boxes()) {
            for (CableCores cable : box.cables()) {
                cable.cores().forEach(core -> rows.add(row(box, cable, core)));
            }
        }
        return new Table(
                job.job().site().name() + ": marking of the wired board",
                List.of(
                        "Box",
                        "Cable",
                        "Core",
                        "For",
                        "Belongs in",
                        "Landed",
                        "Polarity",
                        "Labelled",
                        "Slack",
                        "Tug",
                        "Tidy",
                        "Marks"),
                List.of(1.5, 0.9, 1.0, 1.4, 2.0, 0.8, 0.9, 0.9, 0.7, 0.6, 0.6, 0.7),
                rows,
                List.of());
    }

    private static List<String> row(BoxPlan box, CableCores cable, PlannedCore core) {
        boolean landed = core.termination() instanceof CoreTermination.Under
                || core.termination() instanceof CoreTermination.Joined;
        List<String> row = new ArrayList<>(List.of(
                box.title(),
                cable.id().toString(),
                core.colour(),
                core.need().words(cable.several()),
                TerminationWords.of(core.termination(), box.strip()),
                BOX,
                cable.polar(core) ? BOX : "",
                BOX,
                BOX,
                landed ? BOX : "",
                BOX));
        long marks = row.stream().filter(BOX::equals).count();
        row.add("   / " + marks);
        return row;
    }
}
