package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.SiteGrades;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable fault that the panel takes for a point at rest. What the scheme itself cannot see is a note; a
/// resistor that sits in the panel gives away what the scheme could see, and is tight. A cut or a short that
/// would silence a hold-up, fire or gas point is wrong, and so is any from grade 3 on.
public final class FaultLooksNormal implements PointCheck {
    /// A cut or a short of the cable reads as a point at rest.
    public static final Rule RULE = new Rule(
            "looks-normal",
            Stop.LOOP,
            Grade.WRONG,
            "A cut or a short of the cable reads as a point at rest.",
            "A fault of the cable is noticed by nobody until the point is needed.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> !ofCable(wired).isEmpty())
                .map(wired -> finding(facts, wired));
    }

    /// How a loop was fitted is told by measuring it once; what becomes of its cable later is not.
    private static List<FaultKind> ofCable(WiredPoint wired) {
        return wired.loop().stream()
                .flatMap(loop -> loop.hidden().stream())
                .map(reading -> reading.loopCase().fault().kind())
                .filter(kind -> !kind.ofFitting())
                .distinct()
                .toList();
    }

    private static Finding finding(Parts job, WiredPoint wired) {
        String faults = ofCable(wired).stream().map(FaultLooksNormal::words).collect(Collectors.joining(" and "));
        boolean inPanel = wired.point().loop().place() == ResistorPlace.IN_PANEL;
        boolean unseen = !SupervisedSchemes.unseen(wired.loop().orElseThrow()).isEmpty();
        boolean vital = wired.vital() && unseen;
        Finding found = RULE.finds(
                vital ? Grade.WRONG : inPanel ? Grade.TIGHT : Grade.NOTE,
                new Target.OfPoint(wired.point().id()),
                "With " + faults + " it looks normal",
                why(wired, inPanel, vital),
                remedy(job, wired, inPanel, vital || strict(job, unseen)));
        return unseen ? found.onSiteOf(job.practice().grade()) : found;
    }

    /// Whether the grade of the site wants another scheme, whatever the point.
    private static boolean strict(Parts job, boolean unseen) {
        return unseen
                && SiteGrades.raised(RULE, Grade.NOTE, job.practice().grade()).isPresent();
    }

    private static String why(WiredPoint wired, boolean inPanel, boolean vital) {
        String why = inPanel
                ? "The resistor sits in the panel, so it supervises no cable."
                : "A " + wired.point().loop().scheme().words() + " cannot tell this fault from a point at rest.";
        return vital ? why + " One fault of its cable would silence it, and nobody would know." : why;
    }

    private static String remedy(Parts job, WiredPoint wired, boolean inPanel, boolean otherScheme) {
        if (inPanel) {
            return "Move the resistor to the last device.";
        }
        return otherScheme ? otherScheme(job, wired) : "Open the point once a year with the cable measured.";
    }

    private static String otherScheme(Parts job, WiredPoint wired) {
        List<SchemeKind> schemes = SupervisedSchemes.of(
                wired.fitted().orElseThrow(),
                wired.point().kind().contact(),
                wired.model(),
                CheckedFaults.of(job.practice()));
        return schemes.isEmpty()
                ? "Its input reads no scheme that would see it: put it on an input that reads an end-of-line resistor."
                : Text.of(
                        "Wire it as %s, which sees a cut and a short.",
                        schemes.stream().map(SchemeKind::words).collect(Collectors.joining(" or ")));
    }

    static String words(FaultKind fault) {
        return switch (fault) {
            case CUT -> "a cut";
            case SHORT -> "a short";
            case LEAK -> "a damp joint";
            case LEAK_TO_ZERO_VOLTS -> "a leak to 0 V";
            case JOINT -> "a bad joint";
            case NO_RESISTOR -> "its resistor left out";
            case RESISTOR_IN_PANEL -> "its resistor in the panel";
            case DOUBLED -> "its resistor fitted twice";
            case WRONG_RESISTOR -> "a wrong resistor";
            case WRONG_ALARM_RESISTOR -> "a wrong alarm resistor";
            case ALARM_RESISTOR_MISSING -> "its alarm resistor left out";
            case SWAPPED -> "its two resistors swapped";
            case WRONG_FORM -> "a contact of the wrong form";
            case TWO_LOOPS -> "a second loop across it";
            case SOUND -> throw new IllegalArgumentException("a sound loop has no fault");
        };
    }
}
