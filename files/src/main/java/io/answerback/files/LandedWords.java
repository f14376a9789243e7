package io.answerback.files;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.LandedCore;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.cores.Landing;
import io.answerback.core.cores.LandingWords;
import io.answerback.core.cores.PlannedCore;
import io.answerback.core.site.Job;
import java.util.Optional;

/// Up to version 5 the two ends of a loop at a device were both called its contact. What was noted as put there
/// is at the ends of the loop as they are called now.
final class LandedWords {
    private LandedWords() {}

    static Job renamed(Job job) {
        CorePlan plan = CorePlan.of(job);
        return job.withCables(
                job.cables().stream().map(cable -> renamed(plan, cable)).toList());
    }

    private static Cable renamed(CorePlan plan, Cable cable) {
        Cable now = cable;
        for (LandedCore core : cable.laying().landed()) {
            Optional<String> words = old(core) ? words(plan, cable, core) : Optional.empty();
            if (words.isPresent()) {
                LandedCore other = new LandedCore(core.end(), core.colour(), words.get(), core.at());
                now = now.withLaying(now.laying().withLanded(other));
            }
        }
        return now;
    }

    private static boolean old(LandedCore core) {
        return core.end() == CableEnd.FAR
                && core.where().startsWith("contact")
                && (core.where().endsWith("on the left") || core.where().endsWith("on the right"));
    }

    private static Optional<String> words(CorePlan plan, Cable cable, LandedCore core) {
        Optional<BoxPlan> device = plan.at(cable, CableEnd.FAR);
        return device.flatMap(box -> box.cable(cable.id())
                .flatMap(ends -> ends.core(core.colour()))
                .map(PlannedCore::landing)
                .filter(Landing.Under.class::isInstance)
                .map(landing -> LandingWords.of(landing, box.strip())));
    }
}
