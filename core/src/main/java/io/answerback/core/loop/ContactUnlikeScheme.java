package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A device whose contact does at rest what its loop takes for an alarm, or that takes its supply from a loop
/// which gives none.
public final class ContactUnlikeScheme implements PointCheck {
    /// A contact does at rest what its loop takes for an alarm, or a device takes its supply from a loop that
    /// gives none.
    public static final Rule RULE = new Rule(
            "contact-unlike-scheme",
            Stop.LOOP,
            Grade.WRONG,
            "A contact does at rest what its loop takes for an alarm, or a device takes its supply from a loop that gives none.",
            "The point alarms for ever, or never.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> !wired.wireless())
                .map(WiredPoint::point)
                .flatMap(ContactUnlikeScheme::finding);
    }

    /// Of a point's own device, or of the first of several on its loop that does not fit.
    private static Stream<Finding> finding(Point point) {
        if (point.inSeries().isEmpty()) {
            return finding(point, point.kind(), "Its").stream();
        }
        return point.inSeries().stream()
                .flatMap(contact -> finding(point, contact.kind(), contact.name() + ": its").stream())
                .limit(1);
    }

    private static Optional<Finding> finding(Point point, PointKind kind, String whose) {
        SchemeKind scheme = point.loop().scheme();
        boolean twoWireLoop = scheme == SchemeKind.TWO_WIRE_SMOKE;
        if (kind.twoWire() != twoWireLoop) {
            return Optional.of(finding(
                    point,
                    twoWireLoop ? "Not a two-wire detector" : "A two-wire detector on a " + scheme.words(),
                    twoWireLoop
                            ? "This loop reads the current detectors take from it; a contact is read as a fault."
                            : "It takes its supply from its loop, and this one gives none.",
                    twoWireLoop ? "Choose the scheme of a contact." : "Choose the two-wire detector loop."));
        }
        ContactForm wanted = scheme.closesWhenActive() ? ContactForm.NORMALLY_OPEN : ContactForm.NORMALLY_CLOSED;
        ContactForm has = kind.contact();
        return twoWireLoop || has == ContactForm.EITHER || has == wanted
                ? Optional.empty()
                : Optional.of(finding(
                        point,
                        whose + " contact is " + has.words(),
                        Text.of(
                                "%s wants one that is %s: at rest it would read as active.",
                                scheme.capitalWithArticle(), wanted.words()),
                        "Take the relay's other contact, or choose a scheme for this one."));
    }

    private static Finding finding(Point point, String says, String why, String remedy) {
        return RULE.finds(new Target.OfPoint(point.id()), says, why, remedy);
    }
}
