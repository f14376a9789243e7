package io.answerback.desktop.live;

import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.panel.operation.StoryPanel;
import io.answerback.core.panel.operation.Timer;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.work.WindowState;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/// The panel of a job to practise with: points are pressed, people set and unset, and time passes as fast as
/// somebody likes. What it sends really goes to the practice station. Called on the JavaFX thread; nothing of it is
/// kept in a job.
public final class PanelPractice {
    private static final long MORNING = 8 * 3_600_000L;
    private static final long LEAD = 5_000;
    private static final long SUMMER_MILLIS = 3_600_000;

    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final Map<PointId, PointCondition> conditions = new HashMap<>();
    private final List<PanelCase.Event> happened = new ArrayList<>();
    private final SignalLine line;
    private final PanelSignals signals;
    private final Deque<PanelCase.Event> story = new ArrayDeque<>();
    private Job job;
    private OperationRules programmed;
    private OperationRules rules;
    private OperationState state;

    /// A panel whose signals go this way.
    public PanelPractice(SignalLine line) {
        this.line = line;
        this.signals = new PanelSignals(line, this::changed);
    }

    /// Works the panel of a job; one that goes by other rules begins anew. Points that were made active on the
    /// chain, or brought back to rest there, are so here too.
    public void of(WindowState shown) {
        of(shown.job());
        adopt(shown);
    }

    private void adopt(WindowState shown) {
        Set<PointId> here = active();
        Stream.concat(here.stream(), shown.active().stream())
                .distinct()
                .filter(point -> here.contains(point) != shown.active().contains(point))
                .toList()
                .forEach(point -> shown.assessment()
                        .point(point)
                        .ifPresent(its -> adopt(its, shown.active().contains(point))));
    }

    private void adopt(PointResult point, boolean active) {
        PointCondition condition = active ? PointCondition.ACTIVE : PointCondition.AT_REST;
        conditions.put(point.pointId(), condition);
        point.wired().flatMap(its -> reads(its, condition)).ifPresent(happening -> {
            happened.add(new PanelCase.Event(state.atMillis(), happening));
            Operation.Step step = new Operation(rules).step(state, happening, state.atMillis());
            state = step.state();
            signals.addTriedOnTheChain(step.log());
        });
    }

    /// Works the panel of a job; one that goes by other rules begins anew.
    public void of(Job other) {
        job = other;
        OperationRules its = OperationRules.of(other);
        if (!its.equals(programmed)) {
            programmed = its;
            begin();
        }
    }

    /// Plays a story from shortly before the first thing that happens in it.
    public void play(PanelCase its) {
        begin();
        rules = its.rules(programmed);
        state = OperationState.fresh(rules);
        follow();
        story.addAll(its.happens());
        if (!story.isEmpty()) {
            step(new Happening.TimePasses(), Math.max(0, story.getFirst().atMillis() - LEAD));
        }
        changed();
    }

    /// How many things of a story are still to happen.
    public int toCome() {
        return story.size();
    }

    /// Everything unset and at rest, at eight in the morning.
    public void anew() {
        begin();
        line.cut().forEach(path -> line.cut(path, false));
        follow();
        changed();
    }

    private void begin() {
        signals.begin();
        conditions.clear();
        happened.clear();
        story.clear();
        rules = programmed;
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
    public List<PanelLine> log() {
        return signals.lines();
    }

    /// Everything that happened to it since it was begun, as a story with what it sent as what must follow.
    public PanelCase asCase(String name) {
        PanelCase story = new PanelCase(name, "", StoryPanel.OF_JOB, Map.of(), happened, state.atMillis(), List.of());
        return story.expecting(story.on(rules).log());
    }

    /// What is done to a point.
    public PointCondition condition(PointId point) {
        return conditions.getOrDefault(point, PointCondition.AT_REST);
    }

    /// Something happens now.
    public void happens(Happening happening) {
        happened.add(new PanelCase.Event(state.atMillis(), happening));
        step(happening, state.atMillis());
        follow();
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
        Optional<Happening> reads = reads(wired.get(), condition);
        if (reads.isEmpty()) {
            return Optional.of(point.name() + " has no loop for that: nothing changes.");
        }
        conditions.put(point.pointId(), condition);
        happens(reads.get());
        return Optional.empty();
    }

    /// What the panel sees; empty where no input is known, and for a case the loop does not know.
    private static Optional<Happening> reads(WiredPoint wired, PointCondition condition) {
        Optional<CaseReading> reading = reading(wired, condition);
        boolean known =
                reading.isPresent() || condition == PointCondition.AT_REST || condition == PointCondition.ACTIVE;
        Optional<Meaning> reads = reading.map(CaseReading::reads)
                .orElseGet(() -> Optional.of(condition == PointCondition.ACTIVE ? Meaning.ALARM : Meaning.NORMAL));
        return wired.input()
                .filter(input -> known)
                .map(input ->
                        new Happening.ZoneReads(input.zone(), reads.map(meaning -> meaning.toZone(wired.second()))));
    }

    /// What the loop reads so; empty for one that sends by radio, and for a case its loop does not know.
    private static Optional<CaseReading> reading(WiredPoint wired, PointCondition condition) {
        String id = condition == PointCondition.ACTIVE ? wired.active().id() : condition.loopCase();
        return wired.wireless() ? Optional.empty() : wired.loop().flatMap(loop -> loop.byId(id));
    }

    /// Whether a path out of the building works.
    public boolean works(PathKind path) {
        return !line.cut().contains(path);
    }

    /// Cuts a path, or mends it. A path that is lost is a trouble, which goes out by another.
    public void works(PathKind path, boolean on) {
        line.cut(path, !on);
        List<PathKind> kinds =
                job.communicator().paths().stream().map(its -> its.kind()).toList();
        happens(new Happening.Path(kinds.indexOf(path) + 1, on));
        if (on) {
            signals.again(job, clockAhead());
        }
    }

    /// Whether the communicator has power.
    public boolean communicator() {
        return signals.communicator();
    }

    /// Switches the communicator off or on: the panel misses it, and everything waits.
    public void communicator(boolean on) {
        signals.communicator(on);
        signals.again(job, clockAhead());
        happens(new Happening.Path(0, on));
    }

    /// Puts the panel's clock right, or an hour ahead. What stations refused for its time is sent again once it
    /// is right.
    public void clockRight(boolean right) {
        happens(new Happening.Clock(right ? 0 : SUMMER_MILLIS));
        if (right) {
            signals.again(job, clockAhead());
        }
    }

    private Duration clockAhead() {
        return Duration.ofMillis(state.aheadMillis());
    }

    /// Time passes, and what a story that is played has for it happens.
    public void pass(long millis) {
        passUntil(state.atMillis() + millis);
        changed();
    }

    private void passUntil(long until) {
        while (!story.isEmpty() && story.getFirst().atMillis() <= until) {
            PanelCase.Event next = story.removeFirst();
            happened.add(next);
            step(next.happening(), Math.max(state.atMillis(), next.atMillis()));
        }
        step(new Happening.TimePasses(), until);
    }

    /// Time passes until the next thing that happens by itself or in a story that is played.
    public void toTheNext() {
        Stream.concat(
                        state.next().map(Timer::dueMillis).stream(),
                        story.stream().limit(1).map(PanelCase.Event::atMillis))
                .min(Comparator.naturalOrder())
                .ifPresent(until -> {
                    passUntil(until);
                    changed();
                });
    }

    /// What happens next by itself; empty while nothing runs.
    public Optional<Timer> next() {
        return state.next();
    }

    private void step(Happening happening, long at) {
        OperationState was = state;
        Operation.Step step = new Operation(rules).step(state, happening, at);
        state = step.state();
        signals.add(job, step.log(), clockAhead());
        if (was.areas() != state.areas()) {
            follow();
        }
    }

    private void follow() {
        line.follow(state, active());
    }

    private Set<PointId> active() {
        return conditions.entrySet().stream()
                .filter(each -> each.getValue() == PointCondition.ACTIVE)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /// Grows whenever something changed that a sheet may show.
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }
}
