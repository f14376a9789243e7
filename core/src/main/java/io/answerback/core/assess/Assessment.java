package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.chain.PointFacts;
import io.answerback.core.prove.chain.PointResult;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/// What is computed from one job. Results of points, findings and progress are there when it is made; any other
/// fact is computed when it is first asked, and kept. Safe for use by several threads.
public final class Assessment {
    private static final Set<Fact<?>> ALWAYS =
            Set.of(PointFacts.ALL, AllFindings.FACT, JobProgress.FACT, PointIndex.FACT);

    private final Job job;
    private final Map<Fact<?>, Object> given;
    private final Memo memo;
    private final Map<Fact<?>, Object> known = new ConcurrentHashMap<>();
    private final Set<Fact<?>> asked = ConcurrentHashMap.newKeySet();

    private Assessment(Job job, Map<Fact<?>, Object> given, Memo memo) {
        this.job = job;
        this.given = given;
        this.memo = memo;
    }

    /// @param wanted what is computed with it, beside what always is
    static Assessment of(Job job, Map<Fact<?>, Object> given, Memo memo, Set<Fact<?>> wanted) {
        Assessment made = new Assessment(job, given, memo);
        return memo.keeping(job, given, facts -> {
            ALWAYS.forEach(fact -> made.know(fact, facts));
            wanted.forEach(fact -> made.know(fact, facts));
            return made;
        });
    }

    private <T> T know(Fact<T> fact, Facts facts) {
        T value = facts.of(fact);
        known.put(fact, value);
        return value;
    }

    /// The job it was computed from.
    public Job job() {
        return job;
    }

    /// A fact of the job.
    ///
    /// @throws IllegalStateException when the fact follows from itself
    /// @throws java.util.concurrent.CancellationException when the thread is interrupted while the fact is computed
    public <T> T get(Fact<T> fact) {
        asked.add(fact);
        return known(fact);
    }

    // what is kept under a fact is a value of it
    @SuppressWarnings("unchecked")
    private <T> T known(Fact<T> fact) {
        Object value = known.get(fact);
        return value == null ? memo.read(job, given, facts -> know(fact, facts)) : (T) value;
    }

    /// What somebody has asked of it: likely to be asked of the next one too.
    Set<Fact<?>> asked() {
        return asked;
    }

    /// What is taken over when the job is another.
    Memo memo() {
        return memo;
    }

    /// Everything computed about every point, zone points first.
    public List<PointResult> points() {
        return known(PointFacts.ALL);
    }

    /// Everything that was found, worst first.
    public List<Finding> findings() {
        return known(AllFindings.FACT).sorted();
    }

    /// How far each stop has come, in the order of work.
    public List<StopProgress> stops() {
        return known(JobProgress.FACT);
    }

    /// Everything computed about this zone point or system point; empty when there is none.
    public Optional<PointResult> point(PointId id) {
        return known(PointIndex.FACT).result(id);
    }

    /// The findings that belong at a stop for a point: the point's own first, then those of no point.
    public List<Finding> findingsAt(Stop stop, PointId pointId) {
        List<Finding> here =
                findings().stream().filter(finding -> finding.stop() == stop).toList();
        return Stream.concat(
                        here.stream()
                                .filter(finding ->
                                        finding.point().filter(pointId::equals).isPresent()),
                        here.stream().filter(finding -> finding.point().isEmpty()))
                .toList();
    }

    /// How the work on one point stands at a stop: what was found there in the point, else whether it is done.
    public Mark mark(Stop stop, PointResult point) {
        return known(PointIndex.FACT)
                .findings(point.pointId())
                .filter(finding -> finding.stop() == stop)
                .map(Finding::grade)
                .max(Comparator.naturalOrder())
                .flatMap(AllFindings::mark)
                .orElse(PointProgress.done(stop, point) ? Mark.SOUND : Mark.NOT_DONE);
    }

    /// How far one stop has come.
    public StopProgress progress(Stop stop) {
        return stops().get(stop.ordinal());
    }
}
