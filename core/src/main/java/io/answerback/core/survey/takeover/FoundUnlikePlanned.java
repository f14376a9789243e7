package io.answerback.core.survey.takeover;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.commission.PointDiagnosis;
import io.answerback.core.loop.fault.Cause;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A loop that was measured and is not what the plan says. Where the loop is planned whole, its diagnosis judges: a
/// reading alone cannot tell a wrong resistor from a damp joint.
public final class FoundUnlikePlanned implements JobCheck {
    /// A loop was measured and is not what the plan says.
    public static final Rule RULE = new Rule(
            "found-unlike-planned",
            Stop.SURVEY,
            Grade.TIGHT,
            "A loop was measured and is not what the plan says.",
            "Either the plan or the wiring is wrong.");

    private static final double SAME_WITHIN = 0.1;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Set<PointId> measured =
                job.measurements().stream().map(Measurement::pointId).collect(Collectors.toSet());
        return job.points().stream()
                .filter(point -> measured.contains(point.id()))
                .filter(point -> oneResistorAtRest(point.loop().scheme()))
                .flatMap(point -> finding(job, point)
                        // a diagnosis takes longest, and most loops that were measured are as planned
                        .filter(found -> byDiagnosis(facts, point))
                        .stream());
    }

    private static boolean oneResistorAtRest(SchemeKind scheme) {
        return scheme != SchemeKind.TWO_ZONES_PARALLEL && scheme != SchemeKind.TWO_WIRE_SMOKE;
    }

    /// Whether a planned loop has the resistor at fault; what was measured at the bare resistor needs no diagnosis.
    private static boolean byDiagnosis(Facts facts, Point point) {
        boolean bare = facts.measurements().stream()
                .anyMatch(reading ->
                        reading.pointId().equals(point.id()) && reading.what() == Measurement.Measured.RESISTOR);
        Optional<Cause> cause = facts.of(PointDiagnosis.FACT, point.id())
                .map(diagnosis -> diagnosis.explanations().getFirst().cause());
        return bare || cause.isEmpty() || cause.get() == Cause.WRONG_RESISTOR || cause.get() == Cause.RESISTOR_BRIDGED;
    }

    private static Optional<Finding> finding(Parts job, Point point) {
        FoundLoop found = FoundLoop.of(job, point.id());
        double planned = point.loop().scheme().hasEndOfLine() ? point.loop().endOfLineOhms() : 0;
        if (found.noResistor() && planned > 0) {
            return Optional.of(finding(
                    point,
                    "No resistor in the loop",
                    Text.of("The closed loop reads almost nothing; the plan wants %s.", Figures.ohms(planned)),
                    Text.of("Fit %s at the last device.", Figures.ohms(planned))));
        }
        return found.resistorOhms()
                .filter(ohms -> Math.abs(ohms - planned) > SAME_WITHIN * Math.max(planned, 1))
                .map(ohms -> finding(
                        point,
                        Text.of("A %s resistor is fitted", Figures.ohms(ohms)),
                        planned == 0
                                ? "The plan is a loop without one."
                                : Text.of("The plan and the panel want %s.", Figures.ohms(planned)),
                        "Replace it, or plan with the value that is there."));
    }

    private static Finding finding(Point point, String says, String why, String remedy) {
        return RULE.finds(new Target.OfPoint(point.id()), says, why, remedy);
    }
}
