package io.answerback.core.wiring.cabling;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The cables of a job in the order they are best pulled in: first those between boxes, then room by room, each
/// labelled at both ends before the next.
public final class FirstFix {
    private static final String BOXES = "Between boxes";
    private static final String NO_AREA = "In no area";

    private FirstFix() {}

    /// The cables by room: those that go to boxes and joint boxes first, then area by area, those to points in
    /// no area last. Rooms without a cable are left out.
    public static Map<String, List<Cable>> rooms(Parts job) {
        Map<String, List<Cable>> rooms = new LinkedHashMap<>();
        rooms.put(BOXES, new ArrayList<>());
        job.areas().forEach(area -> rooms.put(title(area), new ArrayList<>()));
        rooms.put(NO_AREA, new ArrayList<>());
        job.cables().forEach(cable -> rooms.get(room(job, cable)).add(cable));
        rooms.values().removeIf(List::isEmpty);
        return rooms;
    }

    private static String room(Parts job, Cable cable) {
        List<PointId> points = cable.ends().points();
        if (points.isEmpty()) {
            return BOXES;
        }
        Optional<Point> first = job.point(points.getFirst());
        return first.flatMap(point -> point.surveyed().area())
                .flatMap(job::area)
                .map(FirstFix::title)
                .orElse(NO_AREA);
    }

    private static String title(Area area) {
        return Text.of("%02d %s", area.number(), area.name());
    }

    /// The run: two steps a cable.
    public static StepRun<FixStep> of(Parts job, CorePlan plan) {
        List<FixStep> steps = new ArrayList<>();
        rooms(job)
                .forEach((room, cables) -> cables.forEach(cable -> {
                    steps.add(pull(plan, cable, room));
                    steps.add(label(plan, cable, room));
                }));
        return new StepRun<>(steps);
    }

    private static FixStep pull(CorePlan plan, Cable cable, String room) {
        CableInstallation installation = cable.installation();
        List<String> mind = new ArrayList<>();
        mind.add(installation.type().map(CableType::name).orElse("Its type is not decided"));
        mind.add(cable.metres() == 0 ? "its length is not decided" : Figures.metres(cable.metres()));
        if (!installation.route().isEmpty()) {
            mind.add(installation.route());
        }
        String care = installation.outdoors() ? " Part of it is outdoors: a sheath for that, and a drip loop." : "";
        return new FixStep(
                cable.id(),
                room,
                false,
                Text.of("Run %s from %s to %s", cable.id(), box(plan, cable), plan.farEnd(cable)),
                Text.of(
                        "%s. Leave enough at both ends to reach every terminal, and keep it out of the way of mains.%s",
                        String.join(", ", mind), care),
                installation.outdoors() || installation.besideMains(),
                installation.progress() != Progress.PLANNED);
    }

    private static FixStep label(CorePlan plan, Cable cable, String room) {
        CableInstallation installation = cable.installation();
        return new FixStep(
                cable.id(),
                room,
                true,
                Text.of("Label %s at both ends", cable.id()),
                Text.of(
                        "Now, before the next one is pulled: \"%s\" in %s, and the same at the other end.",
                        plan.farEnd(cable), box(plan, cable)),
                false,
                installation.labelledHere() && installation.labelledThere());
    }

    private static String box(CorePlan plan, Cable cable) {
        return plan.at(cable, CableEnd.NEAR).map(BoxPlan::title).orElse("a box not decided yet");
    }
}
