package io.answerback.core.wiring.cabling;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.site.Parts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Screened cables whose screens are joined to one, through the joint boxes between them. A screen drains what it
/// picks up where it goes to earth once. Earthed nowhere it drains nothing; earthed twice it carries the current
/// that flows between the two earths (IEC 61000-5-2 on low-frequency screens: one end).
///
/// @param cables at least one, by label
public record ScreenRun(List<Cable> cables) {
    public ScreenRun {
        cables = List.copyOf(cables);
    }

    /// The runs of a job, in the order of their first cables. Two screened cables that come to one joint box are
    /// one run.
    public static List<ScreenRun> of(Parts job) {
        List<Cable> screened = job.cables().stream()
                .filter(cable -> cable.installation().screened())
                .toList();
        Map<BoxId, List<Cable>> atJoint = new HashMap<>();
        List<List<Cable>> all = new ArrayList<>();
        for (Cable cable : screened) {
            List<Cable> run = new ArrayList<>(List.of(cable));
            all.add(run);
            for (BoxId joint : joints(cable)) {
                List<Cable> other = atJoint.get(joint);
                if (other != null && other != run) {
                    run = joined(run, other, all, atJoint);
                }
                atJoint.put(joint, run);
            }
        }
        return all.stream().map(ScreenRun::new).toList();
    }

    private static List<Cable> joined(
            List<Cable> run, List<Cable> other, List<List<Cable>> all, Map<BoxId, List<Cable>> atJoint) {
        other.addAll(run);
        all.removeIf(its -> its == run);
        atJoint.replaceAll((joint, its) -> its == run ? other : its);
        return other;
    }

    private static List<BoxId> joints(Cable cable) {
        List<BoxId> joints = new ArrayList<>();
        cable.ends().from().filter(JointId.class::isInstance).ifPresent(joints::add);
        cable.ends().joint().ifPresent(joints::add);
        return joints;
    }

    /// The first cable of which it is not decided; empty where all are.
    public Optional<Cable> undecided() {
        return cables.stream()
                .filter(cable -> cable.installation().screen().isEmpty())
                .findFirst();
    }

    /// How many times the screen goes to earth, as far as that is decided.
    public int earths() {
        return cables.stream()
                .map(Cable::installation)
                .map(CableInstallation::screen)
                .flatMap(Optional::stream)
                .mapToInt(ScreenEarth::earths)
                .sum();
    }

    /// Whether it is decided and drains: to earth once.
    public boolean sound() {
        return undecided().isEmpty() && earths() == 1;
    }
}
