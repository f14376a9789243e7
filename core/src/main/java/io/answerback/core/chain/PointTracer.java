package io.answerback.core.chain;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableRun;
import io.answerback.core.cable.CableRuns;
import io.answerback.core.event.EventTable;
import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.FittedLoop;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.TrialFaults;
import io.answerback.core.profile.InputModel;
import io.answerback.core.proof.ProofState;
import io.answerback.core.proof.Upstream;
import io.answerback.core.radio.RadioState;
import io.answerback.core.radio.Sender;
import io.answerback.core.site.Area;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.site.Proof;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.site.Zone;
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
    private final CableRuns runs;
    private final Map<String, Input> inputs = new HashMap<>();
    private final Map<String, Input> inputsById = new HashMap<>();
    private final Map<String, Point> points = new HashMap<>();
    private final Map<String, InputModel> models = new HashMap<>();
    private final TrialFaults trial;
    private final Map<Integer, Zone> zones = new HashMap<>();
    private final Map<String, Proof> proofs = new HashMap<>();
    private final Map<String, Sender> senders = new HashMap<>();

    /// A tracer for one job.
    public PointTracer(Job job, EventTable events) {
        this.job = job;
        this.events = events;
        this.facts = new Upstream(job);
        this.trial = TrialFaults.of(job.practice());
        this.runs = new CableRuns(job.cables());
        job.points().forEach(point -> points.put(point.id(), point));
        job.inputs().forEach(input -> inputsById.put(input.id(), input));
        job.inputs().forEach(input -> input.pointId().ifPresent(id -> inputs.put(id, input)));
        job.zones().forEach(zone -> zones.put(zone.number(), zone));
        job.proofs().forEach(proof -> proofs.put(proof.pointId(), proof));
        RadioState.of(job).senders().forEach(sender -> senders.put(sender.pointId(), sender));
    }

    /// The parts of the job one result depends on, compared as the same objects, which is enough because edits
    /// keep every part they do not touch.
    private record Parts(
            Point point,
            Point owner,
            List<Cable> cables,
            Input input,
            Input readInstead,
            Zone zone,
            Proof proof,
            List<Area> areas,
            List<Object> common) {
        boolean same(Parts other) {
            return point == other.point
                    && owner == other.owner
                    && same(cables, other.cables)
                    && input == other.input
                    && readInstead == other.readInstead
                    && zone == other.zone
                    && proof == other.proof
                    && areas == other.areas
                    && same(common, other.common);
        }

        private static boolean same(List<?> some, List<?> others) {
            if (some.size() != others.size()) {
                return false;
            }
            for (int i = 0; i < some.size(); i++) {
                if (some.get(i) != others.get(i)) {
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
        List<Object> common = List.of(
                job.practice(), job.panel(), job.modules(), job.communicator(), job.receivers(), job.radio(), events);
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
        Point owner = owner(point, input);
        return new Parts(
                point,
                owner,
                runs.to(owner.id()).map(CableRun::cables).orElse(List.of()),
                input,
                input == null ? null : facts.readInstead(input).orElse(null),
                zone,
                proofs.get(point.id()),
                job.areas(),
                common);
    }

    /// The point in whose loop a point's contact lies, and whose cable it is on.
    private Point owner(Point point, Input input) {
        return Optional.ofNullable(input)
                .flatMap(Input::shares)
                .map(inputsById::get)
                .flatMap(Input::pointId)
                .map(points::get)
                .orElse(point);
    }

    private PointResult result(Point plain) {
        var input = Optional.ofNullable(inputs.get(plain.id()));
        Point owner = owner(plain, input.orElse(null));
        Point point = owner == plain ? plain : plain.withLoop(owner.loop());
        var cable = runs.to(owner.id()).map(CableRun::equivalent);
        InputModel model = input.map(its -> models.computeIfAbsent(its.module(), name -> job.inputModel(input)))
                .orElseGet(
                        () -> job.panel().profile().inputsReading(point.loop().scheme()));
        var zone = input.map(used -> zones.get(used.zone()));
        var loop = cable.filter(run -> !point.kind().radio()).flatMap(run -> loop(FittedLoop.of(point, run), model));
        var upstream = facts.of(point, cable, input, zone);
        var proof = ProofState.of(Optional.ofNullable(proofs.get(point.id())), upstream);
        var sender = Optional.ofNullable(senders.get(point.id()));
        var chain = new ChainBuilder(job, events)
                .of(point, input, input.flatMap(facts::readInstead), model, zone, loop, sender, proof);
        var wired = new PointResult.Wired(point, cable, input, model, zone, loop, sender);
        return new PointResult(point.id(), point.name(), Optional.of(wired), upstream, proof, chain);
    }

    private Optional<LoopResult> loop(FittedLoop loop, InputModel model) {
        return model.reads(loop.wiring().scheme())
                .map(bands -> LoopCheck.check(loop, BandChart.of(bands, model), trial));
    }

    private PointResult result(SystemPoint point) {
        var upstream = facts.of(point.id());
        var proof = ProofState.of(Optional.ofNullable(proofs.get(point.id())), upstream);
        var chain = new ChainBuilder(job, events).of(point, proof);
        return new PointResult(point.id(), point.title(), Optional.empty(), upstream, proof, chain);
    }
}
