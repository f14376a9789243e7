package io.answerback.core.work.materials;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.JointId;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// Cable by type with waste and whole reels, labels, and connectors in joint boxes. The share of waste and the length
/// of a reel are working values of the trade.
record CableMaterials(Facts facts) {
    private static final double WASTE_SHARE = 0.10;
    private static final double REEL_METRES = 100;
    private static final double ROUNDING = 1e-6;
    private static final String NOT_DECIDED = "of a type nobody has decided";
    private static final int LABELS = 2;

    List<Material> materials() {
        List<Material> all = new ArrayList<>();
        Map<String, List<Cable>> byType = new TreeMap<>();
        facts.cables()
                .forEach(cable -> byType.computeIfAbsent(type(cable), name -> new ArrayList<>())
                        .add(cable));
        byType.forEach((type, cables) -> all.add(cable(type, cables)));
        labels(all);
        connectors(all);
        return all;
    }

    private static String type(Cable cable) {
        return cable.installation().type().map(CableType::name).orElse(NOT_DECIDED);
    }

    static boolean run(Cable cable) {
        return cable.installation().progress() != Progress.PLANNED;
    }

    static boolean terminated(Cable cable) {
        return cable.installation().progress().compareTo(Progress.TERMINATED) >= 0;
    }

    private static Material cable(String type, List<Cable> cables) {
        double needed = metres(cables);
        double there = metres(cables.stream().filter(CableMaterials::run).toList());
        double take = Math.ceil((needed - there) * (1 + WASTE_SHARE) - ROUNDING);
        int reels = (int) Math.ceil(take / REEL_METRES);
        return new Material(
                "cable:" + type,
                MaterialGroup.CABLE,
                "Cable " + type,
                needed,
                there,
                take,
                "m",
                reels == 0 ? "" : Text.of("%d reel%s of %.0f m", reels, reels == 1 ? "" : "s", REEL_METRES),
                Text.of("%d cables, and a tenth for waste", cables.size()));
    }

    private static double metres(List<Cable> cables) {
        return cables.stream().mapToDouble(Cable::metres).sum();
    }

    private void labels(List<Material> all) {
        List<Cable> cables = facts.cables();
        int on = (int) (cables.stream()
                        .filter(cable -> cable.installation().labelledHere())
                        .count()
                + cables.stream()
                        .filter(cable -> cable.installation().labelledThere())
                        .count());
        if (!cables.isEmpty()) {
            all.add(Material.pieces(
                    "labels", MaterialGroup.SMALL_PARTS, "Cable labels", LABELS * cables.size(), on, 0, "two a cable"));
        }
    }

    private static int joined(BoxPlan box) {
        return (int) box.cables().stream()
                .flatMap(cable -> cable.cores().stream())
                .filter(core -> core.termination() instanceof CoreTermination.Joined)
                .count();
    }

    /// One for each joint: a joint has a core on either side. What goes under a terminal of the box needs none.
    private void connectors(List<Material> all) {
        int needed = 0;
        int there = 0;
        for (BoxPlan box : facts.of(CorePlan.FACT).boxes()) {
            if (box.place() instanceof JointId joint) {
                int joints = (joined(box) + 1) / 2;
                boolean done = facts.cablesFrom(Optional.of(joint)).stream().allMatch(CableMaterials::terminated);
                needed += joints;
                there += done ? joints : 0;
            }
        }
        if (needed > 0) {
            all.add(Material.pieces(
                    "connectors", MaterialGroup.SMALL_PARTS, "Connectors", needed, there, 2, "one a joint"));
        }
    }
}
