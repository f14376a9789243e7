package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/// Edits that are only tried on a job: what would hold after each. Every trial takes over from the one before it
/// whatever rests on the same parts, so that it costs what its edit touches.
///
/// Close it when the last edit was tried: what is kept is then that of the job itself again.
public final class Trials implements AutoCloseable {
    private final Job job;
    private final Memo memo;
    private final Map<String, Grade> before = new HashMap<>();
    private boolean judged;

    private Trials(Job job, Memo memo) {
        this.job = job;
        this.memo = memo;
    }

    /// Trials on the job of an assessment.
    public static Trials on(Assessment assessment) {
        Trials trials = on(assessment.job(), assessment);
        trials.judgedBy(assessment.findings());
        return trials;
    }

    /// Trials on a job that is like that of an assessment.
    public static Trials on(Job job, Assessment like) {
        return new Trials(job, like.memo());
    }

    private static Grade worse(Grade one, Grade other) {
        return one.compareTo(other) > 0 ? one : other;
    }

    /// The job without any edit.
    public Job job() {
        return job;
    }

    /// What holds of the job without any edit.
    public <T> T now(Function<Facts, T> question) {
        return memo.read(job, Map.of(), question);
    }

    /// What holds of a job that an edit has made of it.
    ///
    /// @param question reads facts while it runs and not later
    public <T> T of(Job after, Function<Facts, T> question) {
        return memo.read(after, Map.of(), question);
    }

    /// What holds after an edit.
    ///
    /// @param question reads facts while it runs and not later
    public <T> T after(Edit edit, Function<Facts, T> question) {
        return of(edit.on(job), question);
    }

    /// What an edit has brought: everything wrong or tight that is found of the job it has made and was not found
    /// before, or not as heavy; worst first.
    public List<Finding> brought(Job after) {
        judge();
        return of(after, Trials::findings).stream()
                .filter(finding -> finding.grade() != Grade.NOTE)
                .filter(finding -> before.getOrDefault(finding.id(), Grade.NOTE).compareTo(finding.grade()) < 0)
                .toList();
    }

    private static List<Finding> findings(Facts facts) {
        return facts.of(AllFindings.FACT).sorted();
    }

    private void judge() {
        if (!judged) {
            judgedBy(now(Trials::findings));
        }
    }

    private void judgedBy(List<Finding> findings) {
        findings.forEach(finding -> before.merge(finding.id(), finding.grade(), Trials::worse));
        judged = true;
    }

    @Override
    public void close() {
        now(Trials::findings);
    }
}
