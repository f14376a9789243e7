package io.answerback.cores;

import io.answerback.job.CoreUse;
import io.answerback.job.Point;
import io.answerback.job.Practice;
import io.answerback.job.Question;
import io.answerback.job.School;
import java.util.ArrayList;
import java.util.List;

/// What a device needs of its cable.
public final class CoreNeeds {
    private CoreNeeds() {}

    /// The cores a point needs, those it can least do without first: its loop, its supply, its tamper pair.
    ///
    /// @param point the point, with the parts of the loop its contact lies in
    public static List<CoreUse> of(Point point, Practice practice) {
        List<CoreUse> needs = new ArrayList<>(List.of(CoreUse.LOOP, CoreUse.LOOP_RETURN));
        if (powered(point)) {
            needs.add(CoreUse.SUPPLY);
            needs.add(CoreUse.SUPPLY_RETURN);
        }
        if (ringMember(point, practice)) {
            needs.add(CoreUse.TAMPER);
            needs.add(CoreUse.TAMPER_RETURN);
        }
        return needs;
    }

    /// Whether a point's device takes a supply of its own, beside its loop.
    public static boolean powered(Point point) {
        return point.kind().powering().isPresent() && !point.kind().twoWire();
    }

    /// Whether the tamper ring goes through a point's cover: the house has one ring, the device has a cover contact,
    /// and its loop does not watch it.
    public static boolean ringMember(Point point, Practice practice) {
        return practice.school(Question.TAMPER) == School.ONE_RING && coverToWatch(point);
    }

    /// Whether a point's device has a cover contact that its loop does not watch.
    public static boolean coverToWatch(Point point) {
        return point.kind().outputs().tamper() && !point.loop().scheme().watchesCover();
    }
}
