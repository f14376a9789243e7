package io.answerback.files;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What was noted of a core in words that have changed since. Up to version 5 the two ends of a loop at a
/// device were both called its contact; later a tamper contact was called a cover, and a terminal block a
/// block.
final class EarlierTerminationWords {
    private EarlierTerminationWords() {}

    private static final Map<String, String> NOW_CALLED = Map.of(
            "cover in", "tamper in",
            "cover out", "tamper out",
            ", through a block", ", via terminal block");

    /// A job with what was noted of its cores in the words of now.
    static Job current(Job job) {
        return job.withCables(
                job.cables().stream().map(EarlierTerminationWords::current).toList());
    }

    private static Cable current(Cable cable) {
        List<TerminatedCore> terminated = cable.installation().terminated();
        if (terminated.stream().allMatch(core -> current(core.where()).equals(core.where()))) {
            return cable;
        }
        CableInstallation installation = cable.installation();
        for (TerminatedCore core : terminated) {
            // all of them, one after the other, so that their order stays as it was
            installation = installation.withTerminated(
                    new TerminatedCore(core.end(), core.colour(), current(core.where()), core.at()));
        }
        return cable.withInstallation(installation);
    }

    private static String current(String where) {
        String now = where;
        for (Map.Entry<String, String> word : NOW_CALLED.entrySet()) {
            now = now.replace(word.getKey(), word.getValue());
        }
        return now;
    }

    static Job renamed(Job job) {
        CorePlan plan = CorePlan.of(job);
        return job.withCables(
                job.cables().stream().map(cable -> renamed(plan, cable)).toList());
    }

    private static Cable renamed(CorePlan plan, Cable cable) {
        Cable now = cable;
        for (TerminatedCore core : cable.installation().terminated()) {
            Optional<String> words = old(core) ? words(plan, cable, core) : Optional.empty();
            if (words.isPresent()) {
                TerminatedCore other = new TerminatedCore(core.end(), core.colour(), words.get(), core.at());
                now = now.withInstallation(now.installation().withTerminated(other));
            }
        }
        return now;
    }

    private static boolean old(TerminatedCore core) {
        return core.end() == CableEnd.FAR
                && core.where().startsWith("contact")
                && (core.where().endsWith("on the left") || core.where().endsWith("on the right"));
    }

    private static Optional<String> words(CorePlan plan, Cable cable, TerminatedCore core) {
        Optional<BoxPlan> device = plan.at(cable, CableEnd.FAR);
        return device.flatMap(box -> box.cable(cable.id())
                .flatMap(ends -> ends.core(core.colour()))
                .map(PlannedCore::termination)
                .filter(CoreTermination.Under.class::isInstance)
                .map(termination -> TerminationWords.of(termination, box.strip())));
    }
}
