package io.answerback.core.assess.departure;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// Wires loops as the rules of the firm say: their scheme, in the values that the input expects, and their place
/// for the resistor.
public final class AsTheRulesSay {
    private AsTheRulesSay() {}

    /// For every point that departs from the rules and has no reason for it.
    public static Edit everyPointWithoutReason() {
        return new Edit("loops as the rules say", job -> wired(job, unreasoned(job)));
    }

    /// For some points, whether they have a reason or not.
    public static Edit of(Collection<PointId> pointIds) {
        return new Edit(
                pointIds.size() == 1
                        ? "loop of point " + pointIds.iterator().next() + " as the rules say"
                        : "loops of " + pointIds.size() + " points as the rules say",
                job -> wired(job, Set.copyOf(pointIds)));
    }

    private static Set<PointId> unreasoned(Job job) {
        return Departures.of(job).stream()
                .filter(departure -> departure.reason().isEmpty())
                .flatMap(departure -> departure.pointId().stream())
                .collect(Collectors.toSet());
    }

    private static Job wired(Job job, Set<PointId> pointIds) {
        List<Point> points = job.points().stream()
                .map(point -> pointIds.contains(point.id()) ? point.withLoop(asRules(job, point)) : point)
                .toList();
        return job.withPoints(points);
    }

    private static Optional<SchemeBands> schemeOfRules(Parts job, Point point) {
        return job.inputModel(job.inputOf(point.id()))
                .reads(job.practice().scheme())
                .filter(its -> !point.kind().radio() && point.kind().suits(its.scheme()))
                .filter(its -> point.kind().family() != KindFamily.KEY_SWITCH
                        || its.scheme().tellsFaults())
                .filter(its -> coverStaysWatched(job, point, its.scheme()));
    }

    /// Whether no cover is left that neither the scheme nor a tamper ring watches.
    private static boolean coverStaysWatched(Parts job, Point point, SchemeKind scheme) {
        Point after = point.withLoop(point.loop().withScheme(scheme));
        return !CoreNeeds.coverToWatch(after)
                || CoreNeeds.coverToWatch(point)
                || CoreNeeds.ringMember(after, job.practice());
    }

    /// Whether a point can be wired as the rules say: its input reads their scheme, and its device suits it.
    static boolean possible(Parts job, PointId pointId) {
        return job.point(pointId).flatMap(point -> schemeOfRules(job, point)).isPresent();
    }

    /// A scheme that the input cannot read, or that does not suit the device, is left unchanged.
    private static LoopWiring asRules(Job job, Point point) {
        Optional<SchemeBands> bands = schemeOfRules(job, point)
                .filter(its -> its.scheme() != point.loop().scheme());
        LoopWiring wiring = bands.map(point.loop()::expectedBy).orElse(point.loop());
        return wiring.scheme().hasEndOfLine() ? wiring.withPlace(job.practice().resistorPlace()) : wiring;
    }
}
