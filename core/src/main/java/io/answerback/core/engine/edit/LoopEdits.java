package io.answerback.core.engine.edit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/// Edits to what makes a point's loop.
public final class LoopEdits {
    private LoopEdits() {}

    /// Another change to the parts in the loop of a point; where two zones share an input, to the one loop they
    /// have.
    ///
    /// @param what what changes, as the undo menu says it, such as "end-of-line resistor"
    public static Edit parts(String what, PointId pointId, UnaryOperator<LoopWiring> change) {
        return new Edit(what + " of point " + pointId, job -> changed(job, pointId, change));
    }

    /// Another scheme. Values it has a place for and the loop has none of are those its input expects.
    public static Edit scheme(PointId pointId, SchemeKind scheme) {
        return new Edit(
                "scheme of point " + pointId,
                job -> changed(job, pointId, wiring -> {
                    LoopWiring other = wiring.withScheme(scheme);
                    return job.inputModel(job.inputOf(pointId))
                            .reads(scheme)
                            .map(bands -> completed(other, bands))
                            .orElse(other);
                }));
    }

    /// A scheme for a point that is wired: one by radio has no loop.
    public static Edit schemeOfWired(PointId pointId, SchemeKind scheme) {
        Edit edit = scheme(pointId, scheme);
        return new Edit(edit.what(), job -> {
            if (job.existingPoint(pointId).kind().radio()) {
                throw new IllegalArgumentException("point " + pointId + " is by radio and has no loop");
            }
            return edit.on(job);
        });
    }

    private static LoopWiring completed(LoopWiring wiring, SchemeBands bands) {
        LoopWiring expected = wiring.expectedBy(bands);
        return wiring.withEndOfLineOhms(wiring.endOfLineOhms() > 0 ? wiring.endOfLineOhms() : expected.endOfLineOhms())
                .withAlarmOhms(wiring.alarmOhms() > 0 ? wiring.alarmOhms() : expected.alarmOhms())
                .withSecondOhms(wiring.secondOhms() > 0 ? wiring.secondOhms() : expected.secondOhms());
    }

    private static Job changed(Job job, PointId pointId, UnaryOperator<LoopWiring> change) {
        PointId owner = job.loopOwner(pointId).map(Point::id).orElse(pointId);
        return job.withPoints(job.points().stream()
                .map(point -> point.id().equals(owner) ? point.withLoop(change.apply(point.loop())) : point)
                .toList());
    }

    /// Puts a point on the second zone of another point's input, whose loop then has a scheme for two zones in
    /// the values the input expects. The point leaves the input it had; its zone is programmed as the survey
    /// says, on the lowest number that is free.
    ///
    /// @param ownerId the point that has the input
    /// @throws IllegalArgumentException when applied, where the input reads no scheme for two zones, is shared
    ///     already, or there is none
    public static Edit shareInput(PointId pointId, PointId ownerId) {
        return new Edit("second zone for point " + pointId, job -> shared(job, pointId, ownerId));
    }

    private static Job shared(Job job, PointId pointId, PointId ownerId) {
        Input own = job.inputOf(ownerId)
                .filter(input -> !input.second() && !pointId.equals(ownerId))
                .orElseThrow(() -> new IllegalArgumentException(
                        Text.of("point %s has no input of its own that could be shared", ownerId)));
        if (job.inputs().stream()
                .anyMatch(input -> input.shares().filter(own.id()::equals).isPresent())) {
            throw new IllegalArgumentException(job.nameOf(own) + " has two zones already");
        }
        SchemeBands bands = twoZones(job, own);
        Job left = unwired(job, pointId);
        int zone = freeZone(left);
        Input second = new Input(
                new InputId(own.id() + "b"),
                own.module(),
                own.number(),
                zone,
                Optional.of(pointId),
                UnusedTermination.NOTHING,
                Optional.of(own.id()));
        Point point = left.existingPoint(pointId);
        Zone programmed =
                new Zone(zone, point.surveyed().type(), point.surveyed().area(), Optional.empty());
        Job wired = left.withInputs(with(left.inputs(), second)).withZones(with(left.zones(), programmed));
        boolean ready = wired.existingPoint(ownerId).loop().scheme().twoZones();
        return ready ? wired : changed(wired, ownerId, wiring -> wiring.expectedBy(bands));
    }

    private static SchemeBands twoZones(Job job, Input input) {
        return job.inputModel(Optional.of(input)).schemes().stream()
                .filter(bands -> bands.scheme().twoZones())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Text.of(
                        "%s tells no two zones apart on one input; choose a profile that does, or another input",
                        job.nameOf(input))));
    }

    private static Job unwired(Job job, PointId pointId) {
        Optional<Input> had = job.inputOf(pointId);
        return job.withInputs(job.inputs().stream()
                        .map(input -> input.pointId().filter(pointId::equals).isPresent()
                                ? input.withPointId(Optional.empty())
                                : input)
                        .toList())
                .withZones(job.zones().stream()
                        .filter(zone -> had.filter(input -> input.zone() == zone.number())
                                .isEmpty())
                        .toList());
    }

    private static int freeZone(Job job) {
        Set<Integer> used = job.inputs().stream().map(Input::zone).collect(Collectors.toSet());
        int zone = 1;
        while (used.contains(zone)) {
            zone++;
        }
        return zone;
    }

    private static <T> List<T> with(List<T> parts, T last) {
        List<T> all = new ArrayList<>(parts);
        all.add(last);
        return all;
    }
}
