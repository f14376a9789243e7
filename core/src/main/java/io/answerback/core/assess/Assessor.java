package io.answerback.core.assess;

import io.answerback.core.bus.BusModule;
import io.answerback.core.cable.Laying.Progress;
import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointResult;
import io.answerback.core.chain.PointTracer;
import io.answerback.core.check.Finding;
import io.answerback.core.check.JobFacts;
import io.answerback.core.check.Rules;
import io.answerback.core.check.Stop;
import io.answerback.core.event.EventTable;
import io.answerback.core.site.Job;
import io.answerback.core.site.Link;
import io.answerback.core.supply.BatteryState;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SupplyState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Computes an assessment. Pure: the same job gives the same assessment, with or without an earlier one to
/// build on.
///
/// @param events the event table
/// @param today the day jobs are judged on; empty where nothing is to be judged by the date
public record Assessor(EventTable events, Optional<LocalDate> today) {
    /// One that judges nothing by the date.
    public Assessor(EventTable events) {
        this(events, Optional.empty());
    }

    /// One that judges jobs as they are on a day.
    public Assessor on(LocalDate day) {
        return new Assessor(events, Optional.of(day));
    }

    /// Everything computed from a job, from nothing.
    public Assessment assess(Job job) {
        return assess(job, Assessment.NONE);
    }

    /// Everything computed from a job, taking over from `earlier` whatever rests on the same parts.
    public Assessment assess(Job job, Assessment earlier) {
        PointTracer.Trace trace = new PointTracer(job, events).trace(earlier.trace());
        Map<String, List<Finding>> byPoint = new HashMap<>();
        JobFacts facts = JobFacts.of(job, trace.results(), earlier.facts(), today);
        List<Finding> findings = new ArrayList<>(Rules.ofJob(facts));
        for (PointResult point : trace.results()) {
            List<Finding> its = earlier.findingsOf(point).orElseGet(() -> Rules.ofPoint(job, point));
            byPoint.put(point.pointId(), its);
            findings.addAll(its);
        }
        findings.sort(Rules.order());
        List<StopProgress> stops = Arrays.stream(Stop.values())
                .map(stop -> switch (stop) {
                    case POWER -> power(facts, findings);
                    case BUS -> bus(facts, findings);
                    case SET_UP -> setup(facts, findings);
                    default -> progress(stop, trace.results(), findings);
                })
                .toList();
        return new Assessment(job, trace, facts, byPoint, findings, stops);
    }

    private static StopProgress progress(Stop stop, List<PointResult> points, List<Finding> findings) {
        List<PointResult> counted =
                points.stream().filter(point -> counts(stop, point)).toList();
        int count = (int) counted.stream().filter(point -> done(stop, point)).count();
        return new StopProgress(stop, count, counted.size(), mark(stop, count, counted.size(), findings));
    }

    /// What has volts enough until the battery is empty, and each battery that reaches its rule.
    private static StopProgress power(JobFacts facts, List<Finding> findings) {
        List<SupplyState> supplies = facts.supplies().states();
        List<DeviceVolts> fed =
                supplies.stream().flatMap(supply -> supply.volts().stream()).toList();
        long held = fed.stream().filter(DeviceVolts::sound).count();
        long enough = supplies.stream()
                .flatMap(supply -> supply.battery().stream())
                .filter(BatteryState::enough)
                .count();
        int done = (int) (held + enough);
        int of = fed.size() + supplies.size();
        return new StopProgress(Stop.POWER, done, of, mark(Stop.POWER, done, of, findings));
    }

    /// The modules that have their addresses, are on the wall and known to the panel, and what it hears by
    /// radio as
    /// planned.
    private static StopProgress bus(JobFacts facts, List<Finding> findings) {
        List<BusModule> modules = facts.bus().modules();
        int settled = (int) modules.stream().filter(BusModule::settled).count();
        int done = settled + facts.radio().settled();
        int of = modules.size() + facts.radio().senders().size();
        return new StopProgress(Stop.BUS, done, of, mark(Stop.BUS, done, of, findings));
    }

    /// The entries that differ from a new panel's, and are typed or left out for a reason.
    private static StopProgress setup(JobFacts facts, List<Finding> findings) {
        int done = facts.setup().sheet().done();
        int of = facts.setup().sheet().differing().size();
        return new StopProgress(Stop.SET_UP, done, of, mark(Stop.SET_UP, done, of, findings));
    }

    private static boolean counts(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY -> point.wired().isPresent();
            case LOOP ->
                point.wired()
                        .filter(wired -> !wired.wireless()
                                && !wired.point().kind().family().lifeSafety())
                        .isPresent();
            case CABLE -> point.wired().flatMap(PointResult.Wired::cable).isPresent();
            case POWER, BUS, SET_UP -> false;
            case REPORT -> true;
            case PROVE -> point.reported();
        };
    }

    /// Whether the work on one point is done at a stop. A point is surveyed when it is in an area and has an
    /// input to go to.
    static boolean done(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY ->
                point.wired()
                        .filter(wired -> wired.input().isPresent())
                        .flatMap(wired -> wired.point().duty().area())
                        .isPresent();
            case LOOP -> point.worst(Link.LOOP, Link.INPUT) == Mark.SOUND;
            case CABLE ->
                point.wired()
                        .flatMap(PointResult.Wired::cable)
                        .map(cable -> cable.laying().progress())
                        .filter(progress -> progress.compareTo(Progress.TERMINATED) >= 0)
                        .isPresent();
            case POWER, BUS, SET_UP -> true;
            case REPORT -> point.worst(Link.ZONE, Link.ROUTE) == Mark.SOUND;
            case PROVE -> point.proven();
        };
    }

    private static Mark mark(Stop stop, int done, int of, List<Finding> findings) {
        Optional<Mark> found = worst(findings.stream().filter(finding -> finding.stop() == stop));
        if (found.isPresent()) {
            return found.get();
        }
        if (done < of || of == 0) {
            return Mark.NOT_DONE;
        }
        return stop == Stop.PROVE ? Mark.PROVEN : Mark.SOUND;
    }

    /// The mark that findings leave by themselves; empty when they are no more than notes.
    static Optional<Mark> worst(Stream<Finding> findings) {
        return findings.map(Finding::grade).max(Comparator.naturalOrder()).flatMap(grade -> switch (grade) {
            case WRONG -> Optional.of(Mark.WRONG);
            case TIGHT -> Optional.of(Mark.TIGHT);
            case NOTE -> Optional.empty();
        });
    }
}
