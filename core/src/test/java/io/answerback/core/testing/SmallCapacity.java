package io.answerback.core.testing;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.NewJob;
import java.util.ArrayList;
import java.util.List;

/// Made-up jobs of points without inputs, on a panel of any modules, for what fits where.
public final class SmallCapacity {
    private SmallCapacity() {}

    /// A panel of 40 zones, 16 of them wireless on band P, with 4 bus addresses.
    public static PanelProfile profile(List<ModuleKind> modules) {
        return SmallParts.profile(
                "capacity",
                "Capacity panel",
                5,
                4700,
                30,
                List.of(SmallBands.DOUBLE),
                SmallParts.capacity(40, 4, 20, 16, 4),
                "band P",
                modules);
    }

    /// A job with one point of each of these kinds, numbered from 01, all in area 1 and none wired.
    public static Job job(List<ModuleKind> modules, PointKind... kinds) {
        List<Point> points = new ArrayList<>();
        for (PointKind kind : kinds) {
            String id = "%02d".formatted(points.size() + 1);
            points.add(SmallJob.point(id, kind.name() + " " + id, kind, SmallJob.surveyed(ZoneType.IMMEDIATE, 1)));
        }
        return NewJob.of("Test Yard", "", SmallRules.rules(), PracticeOption.SET_UNSET, profile(modules))
                .withAreas(List.of(new Area(1, "Front", "1234")))
                .withPoints(points);
    }
}
