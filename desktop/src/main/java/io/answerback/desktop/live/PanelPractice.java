package io.answerback.desktop.live;

import io.answerback.core.chain.PointResult;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.operation.Happening;
import io.answerback.core.operation.Logged;
import io.answerback.core.operation.Operation;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.operation.OperationState;
import io.answerback.core.operation.Timer;
import io.answerback.core.profile.Meaning;
import io.answerback.core.site.Job;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/// The panel of a job to practise with: points are pressed, people set and unset, and time passes as fast as
/// somebody likes. Called on the JavaFX thread; nothing of it is kept in a job.
public final class PanelPractice {
    private static final long MORNING = 8 * 3_600_000L;
    private static final int MOST_LINES = 2000;

    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final List<Logged> log = new ArrayList<>();
    private final Map<PointId, PointCondition> conditions = new HashMap<>();
    private OperationRules rules;
    private OperationState state;

    /// Works the panel of a job; one that goes by other rules begins anew.
    public void of(Job job) {
        OperationRules other = OperationRules.of(job);
        if (!other.equals(rules)) {
            rules = other;
            begin();
        }
    }

    /// Everything unset and at rest, at eight in the morning.
    public void anew() {
        begin();
        changed();
    }

    private void begin() {
        log.clear();
        conditions.clear();
        state = new Operation(rules)
                .step(OperationState.fresh(rules), new Happening.TimePasses(), MORNING)
                .state();
    }

    /// What it goes by.
    public OperationRules rules() {
        return rules;
    }

    /// How it stands.
    public OperationState state() {
        return state;
    }

    /// Everything it did, oldest first.
    public List<Logged> log() {
        return List.copyOf(log);
    }

    /// What is done to a point.
    public PointCondition condition(PointId point) {
        return conditions.getOrDefault(point, PointCondition.AT_REST);
    }

    /// Something happens now.
    public void happens(Happening happening) {
        step(happening, state.atMillis());
        changed();
    }

    /// Somebody does something to a point: its loop is computed, and the panel sees what its input reads.
    ///
    /// @return why nothing reaches the panel; empty when it does
    public Optional<String> does(PointResult point, PointCondition condition) {
        Optional<WiredPoint> wired = point.wired();
        if (wired.isEmpty() || wired.get().input().isEmpty()) {
            return Optional.of(point.name() + " has no input, so the panel does not see it.");
        }
        Optional<CaseReading> reading = reading(wired.get(), condition);
        boolean known =
                reading.isPresent() || condition == PointCondition.AT_REST || condition == PointCondition.ACTIVE;
        if (!known) {
            return Optional.of(point.name() + " has no loop for that: nothing changes.");
        }
        conditions.put(point.pointId(), condition);
        Optional<Meaning> reads = reading.map(CaseReading::reads)
                .orElseGet(() -> Optional.of(condition == PointCondition.ACTIVE ? Meaning.ALARM : Meaning.NORMAL));
        happens(new Happening.ZoneReads(
                wired.get().input().get().zone(),
                reads.map(meaning -> meaning.toZone(wired.get().second()))));
        return Optional.empty();
    }

    /// What the loop reads so; empty for one that sends by radio, and for a case its loop does not know.
    private static Optional<CaseReading> reading(WiredPoint wired, PointCondition condition) {
        String id = condition == PointCondition.ACTIVE ? wired.active().id() : condition.loopCase();
        return wired.wireless() ? Optional.empty() : wired.loop().flatMap(loop -> loop.byId(id));
    }

    /// Time passes.
    public void pass(long millis) {
        step(new Happening.TimePasses(), state.atMillis() + millis);
        changed();
    }

    /// Time passes until the next thing that happens by itself.
    public void toTheNext() {
        state.next().ifPresent(timer -> {
            step(new Happening.TimePasses(), timer.dueMillis());
            changed();
        });
    }

    /// What happens next by itself; empty while nothing runs.
    public Optional<Timer> next() {
        return state.next();
    }

    private void step(Happening happening, long at) {
        Operation.Step step = new Operation(rules).step(state, happening, at);
        state = step.state();
        log.addAll(step.log());
        if (log.size() > MOST_LINES) {
            log.subList(0, log.size() - MOST_LINES).clear();
        }
    }

    /// Grows whenever something changed that a sheet may show.
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }
}
