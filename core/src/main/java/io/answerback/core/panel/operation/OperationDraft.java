package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/// One step in the making: the state it began with, what has changed of it, and what was done. What nothing has
/// touched is handed on as it is.
final class OperationDraft {
    private final List<Logged> log = new ArrayList<>(4);
    private long now;
    private Map<Integer, AreaState> areas;
    private ZoneReadings reads;
    private Timers timers;
    private ZoneMemory memory;
    private Act.Pattern sounding;
    private SortedSet<Integer> outputs;
    private OperationState.Health health;
    private OperationState.Service service;
    private int wrongCodes;
    private long aheadMillis;
    private List<OperationState.Waiting> waiting;

    OperationDraft(OperationState from) {
        now = from.atMillis();
        areas = from.areas();
        reads = from.reads();
        timers = from.timers();
        memory = from.zones();
        sounding = from.sounding();
        outputs = from.outputs();
        service = from.service();
        health = from.power();
        wrongCodes = from.wrongCodes();
        aheadMillis = from.aheadMillis();
        waiting = from.waiting();
    }

    OperationState made() {
        return new OperationState(
                now,
                areas,
                reads,
                timers,
                memory,
                sounding,
                outputs,
                health,
                service,
                wrongCodes,
                aheadMillis,
                waiting);
    }

    List<Logged> log() {
        return List.copyOf(log);
    }

    long now() {
        return now;
    }

    /// The time as the panel's own clock has it.
    long byItsClock() {
        return now + aheadMillis;
    }

    void ahead(long millis) {
        aheadMillis = millis;
    }

    void at(long millis) {
        now = millis;
    }

    void act(Act act) {
        log.add(new Logged(now, act));
    }

    /// Sends an event of an area; nothing leaves for one without an account.
    void send(OperationRules rules, int area, Qualifier qualifier, String event, int number) {
        String account = Optional.ofNullable(rules.areas().get(area))
                .map(OperationRules.AreaRule::account)
                .filter(its -> !its.isEmpty())
                .or(() -> area == 0 ? rules.firstAccount() : Optional.empty())
                .orElse("");
        if (account.isEmpty() || event.isEmpty()) {
            act(Act.Unsent.of(event, area));
            return;
        }
        leaves(rules, new Signal(account, qualifier, event, area, number));
    }

    /// A signal leaves by a path that works, else it waits for one.
    private void leaves(OperationRules rules, Signal signal) {
        if (health.silent(rules.paths())) {
            List<OperationState.Waiting> more = new ArrayList<>(waiting);
            more.add(new OperationState.Waiting(signal, now));
            waiting = List.copyOf(more);
            act(new Act.Waits(signal));
        } else {
            act(new Act.Sends(signal, now));
        }
    }

    /// Everything that waits for a path leaves, in the order in which it came up, where one works.
    void pathsAgain(OperationRules rules) {
        if (!health.silent(rules.paths())) {
            waiting.forEach(each -> act(new Act.Sends(each.signal(), each.sinceMillis())));
            waiting = List.of();
        }
    }

    AreaState area(int number) {
        return areas.get(number);
    }

    Map<Integer, AreaState> areas() {
        return areas;
    }

    void put(int number, AreaState state) {
        Map<Integer, AreaState> next = new TreeMap<>(areas);
        next.put(number, state);
        areas = Collections.unmodifiableMap(next);
    }

    Meaning reads(int zone) {
        return reads.of(zone);
    }

    /// The zones that do not read normal.
    List<Integer> notNormal() {
        return reads.zones();
    }

    void read(int zone, Meaning meaning) {
        reads = reads.with(zone, meaning);
    }

    void start(Timer.Kind kind, int number, long millis) {
        timers = timers.with(new Timer(now + millis, kind, number));
    }

    /// Ends what runs.
    ///
    /// @return whether it ran
    boolean stop(Timer.Kind kind, int number) {
        Timers was = timers;
        timers = timers.without(kind, number);
        return timers != was;
    }

    boolean runs(Timer.Kind kind, int number) {
        return timers.runs(kind, number);
    }

    /// How long something still runs, in milliseconds; 0 where it does not run.
    long left(Timer.Kind kind, int number) {
        return timers.find(kind, number).map(timer -> timer.dueMillis() - now).orElse(0L);
    }

    Optional<Timer> due(long until) {
        return timers.isEmpty() || timers.getFirst().dueMillis() > until
                ? Optional.empty()
                : Optional.of(timers.getFirst());
    }

    ZoneMemory memory() {
        return memory;
    }

    boolean open(int zone) {
        return memory.open().contains(zone);
    }

    void open(int zone, boolean is) {
        memory = memory.withOpen(zone, is);
    }

    boolean tampered(int zone) {
        return memory.tampers().contains(zone);
    }

    void tampered(int zone, boolean is) {
        memory = memory.withTamper(zone, is);
    }

    int count(int zone) {
        memory = memory.counted(zone);
        return memory.counts().get(zone);
    }

    void forgetCount(int zone) {
        memory = memory.withoutCount(zone);
    }

    Act.Pattern sounding() {
        return sounding;
    }

    /// Sounds, or ends to sound.
    void sound(Act.Pattern pattern) {
        if (sounding != pattern) {
            sounding = pattern;
            act(new Act.Sounds(pattern != Act.Pattern.SILENCE, pattern));
        }
    }

    OperationState.Health health() {
        return health;
    }

    void health(OperationState.Health other) {
        health = other;
    }

    SortedMap<Integer, Integer> byHand() {
        return memory.byHand();
    }

    /// Leaves a zone out by hand.
    ///
    /// @param user who did; 0 for watched again
    void byHand(int zone, int user) {
        memory = memory.withByHand(zone, user);
    }

    /// Switches an output.
    void output(int number, boolean on) {
        if (outputs.contains(number) != on) {
            SortedSet<Integer> next = new TreeSet<>(outputs);
            if (on) {
                next.add(number);
            } else {
                next.remove(number);
            }
            outputs = Collections.unmodifiableSortedSet(next);
            act(new Act.Switches(number, on));
        }
    }

    OperationState.Service service() {
        return service;
    }

    void service(OperationState.Service other) {
        service = other;
    }

    /// Ends everything that runs and sounds, and forgets how often zones alarmed.
    void calm() {
        stopAll();
        memory = memory.withoutCounts();
        sounding = Act.Pattern.SILENCE;
        wrongCodes = 0;
    }

    /// Ends everything that runs.
    void stopAll() {
        timers = Timers.NONE;
    }

    int wrongCodes() {
        return wrongCodes;
    }

    void wrongCodes(int other) {
        wrongCodes = other;
    }
}
