package io.answerback.core.testing;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.KindWords;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.CapacityEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The small job on a panel whose board hears by radio: wireless zones 41 to 48, from −98 dBm on, 60 minutes of
/// patience. Points 11 to 13 are wireless.
public final class SmallRadio {
    /// What the panel hears; it numbers devices in the order in which they are enrolled.
    public static final RadioRule RULE =
            new RadioRule(true, 41, -98, 60, true, List.of("converter"), List.of("Press enrol", "Trip the device"));

    /// A converter of four inputs.
    public static final ModuleKind CONVERTER = SmallParts.kind(
            "converter",
            "Converter, 4 inputs",
            ModuleSort.CONVERTER,
            4,
            4,
            0,
            0,
            1,
            true,
            "band P",
            List.of(),
            Optional.empty());

    /// A contact that sends by radio.
    public static final PointKind CONTACT = new PointKind(
            "wireless-window",
            "wireless window contact",
            KindFamily.WINDOW,
            new KindWords("contact", "window", "shut", "open", "Open it", "Shut it"),
            ContactForm.NORMALLY_CLOSED,
            new PointKind.Outputs(true, false, false),
            false,
            false,
            Optional.empty(),
            true);

    private SmallRadio() {}

    /// The job, its wireless points without zones.
    public static Job job() {
        Job job = SmallJob.job();
        List<Point> points = new ArrayList<>(job.points());
        for (String id : List.of("11", "12", "13")) {
            points.add(SmallJob.point(id, "Window " + id, CONTACT, SmallJob.surveyed(ZoneType.IMMEDIATE, 1)));
        }
        return on(job.withPoints(points), RULE);
    }

    /// A job on a panel that hears so.
    public static Job on(Job job, RadioRule rule) {
        PanelProfile plain = job.panel().profile();
        PanelProfile hears = SmallParts.profile(
                        plain.id(),
                        plain.name(),
                        5,
                        4700,
                        30,
                        plain.schemes(),
                        SmallParts.capacity(48, 4, 20, 8, 11),
                        "band P",
                        Stream.concat(plain.modules().stream(), Stream.of(CONVERTER))
                                .toList())
                .withRadio(rule);
        return job.withPanel(new Panel("Panel", hears));
    }

    /// The job with a zone for each of its points: 11 on 41, 12 on 42, 13 on 43.
    public static Job placed() {
        return CapacityEdits.giveInputs().on(job());
    }

    /// The input of a point, by id.
    public static String input(Job job, String pointId) {
        return job.inputOf(new PointId(pointId)).orElseThrow().id().text();
    }
}
