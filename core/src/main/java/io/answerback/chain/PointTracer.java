package io.answerback.chain;

import io.answerback.event.EventTable;
import io.answerback.job.Area;
import io.answerback.job.Cable;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.Point;
import io.answerback.job.Proof;
import io.answerback.job.SystemPoint;
import io.answerback.job.Zone;
import io.answerback.loop.LoopCheck;
import io.answerback.loop.LoopResult;
import io.answerback.proof.ProofState;
import io.answerback.proof.Upstream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Follows every point of a job through its links. Results whose parts are the very same as in an earlier
/// trace are taken over, so that an edit costs what it touched.
public final class PointTracer {
    private final Job job;
    private final EventTable events;
    private final Upstream facts;
    private final Map<String, Cable> cables = new HashMap<>();
    private final Map<String, Input> inputs = new HashMap<>();
    private final Map<Integer, Zone> zones = new HashMap<>();
    private final Map<String, Proof> proofs = new HashMap<>();

    /// A tracer for one job.
    public PointTracer(Job job, EventTable events) {
        this.job = job;
        this.events = events;
        this.facts = new Upstream(job);
        job.cables().forEach(cable -> cables.put(cable.pointId(), cable));
        job.inputs().forEach(input -> input.pointId().ifPresent(id -> inputs.put(id, input)));
        job.zones().forEach(zone -> zones.put(zone.number(), zone));
        job.proofs().forEach(proof -> proofs.put(proof.pointId(), proof));
    }

    /// The parts of the job one result depends on, compared as the same objects, which is enough because edits
    /// keep every part they do not touch.
    private record Parts(
            Point point, Cable cable, Input input, Zone zone, Proof proof, List<Area> areas, List<Object> common) {
        boolean same(Parts other) {
            return point == other.point
                    && cable == other.cable
                    && input == other.input
                    && zone == other.zone
                    && proof == other.proof
                    && areas == other.areas
                    && sameCommon(other.common);
        }

        private boolean sameCommon(List<Object> others) {
            for (int i = 0; i < common.size(); i++) {
                if (common.get(i) != others.get(i)) {
                    return false;
                }
            }
            return true;
        }
    }

    /// A finished trace: the results in the order of the points, system points last, with what they rest on.
    public static final class Trace {
        /// A trace of nothing, to begin with.
        public static final Trace NONE = new Trace(List.of(), Map.of());

        private final List<PointResult> results;
        private final Map<String, Parts> parts;
        private final Map<String, PointResult> byId = new HashMap<>();

        private Trace(List<PointResult> results, Map<String, Parts> parts) {
            this.results = List.copyOf(results);
            this.parts = parts;
            results.forEach(result -> byId.put(result.pointId(), result));
        }

        /// Every result, zone points in the order of the job, then system points.
        public List<PointResult> results() {
            return results;
        }

        /// The result of this zone point or system point; empty when there is none.
        public Optional<PointResult> find(String pointId) {
            return Optional.ofNullable(byId.get(pointId));
        }

        private Optional<PointResult> sameAs(String pointId, Parts now) {
            Parts then = parts.get(pointId);
            return then != null && then.same(now) ? find(pointId) : Optional.empty();
        }
    }

    /// Every point of the job.
    ///
    /// @param earlier a trace of an earlier state of the same job, or [Trace#NONE]
    public Trace trace(Trace earlier) {
        List<Object> common = List.of(job.practice(), job.panel(), job.communicator(), job.receivers(), events);
        List<PointResult> results = new ArrayList<>();
        Map<String, Parts> parts = new HashMap<>();
        for (Point point : job.points()) {
            Parts now = parts(point, common);
            parts.put(point.id(), now);
            results.add(earlier.sameAs(point.id(), now).orElseGet(() -> result(point)));
        }
        for (SystemPoint point : SystemPoint.values()) {
            results.add(result(point));
        }
        return new Trace(results, parts);
    }

    private Parts parts(Point point, List<Object> common) {
        Input input = inputs.get(point.id());
        Zone zone = input == null ? null : zones.get(input.zone());
        return new Parts(point, cables.get(point.id()), input, zone, proofs.get(point.id()), job.areas(), common);
    }

    private PointResult result(Point point) {
        var cable = Optional.ofNullable(cables.get(point.id()));
        var input = Optional.ofNullable(inputs.get(point.id()));
        var zone = input.map(used -> zones.get(used.zone()));
        var loop = cable.flatMap(run -> loop(point, run));
        var upstream = facts.of(point, cable, input, zone);
        var proof = ProofState.of(Optional.ofNullable(proofs.get(point.id())), upstream);
        var chain = new ChainBuilder(job, events).of(point, input, zone, loop, proof);
        var wired = new PointResult.Wired(point, cable, input, zone, loop);
        return new PointResult(point.id(), point.name(), Optional.of(wired), upstream, proof, chain);
    }

    private Optional<LoopResult> loop(Point point, Cable cable) {
        return job.panel()
                .profile()
                .reads(point.loop().scheme())
                .map(bands -> LoopCheck.check(
                        point.loop(), cable, bands, job.practice().dampJointOhms()));
    }

    private PointResult result(SystemPoint point) {
        var upstream = facts.of(point.id());
        var proof = ProofState.of(Optional.ofNullable(proofs.get(point.id())), upstream);
        var chain = new ChainBuilder(job, events).of(point, proof);
        return new PointResult(point.id(), point.title(), Optional.empty(), upstream, proof, chain);
    }
}
