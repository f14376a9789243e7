package io.answerback.core.assess.remedy;

import io.answerback.core.assess.Trials;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Edit;
import io.answerback.core.supply.DeviceVolts;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;

/// How far the cable to a device may be stretched for the device to work until the battery is empty, all else
/// being as it is.
///
/// @param longestMetres the longest it may be, in metres
/// @param mostOhmsPerKilometre the most each of its cores may have, in ohms per kilometre at 20 °C
public record CableLimits(double longestMetres, double mostOhmsPerKilometre) {
    private static final double MOST_METRES = 2000;
    private static final double MOST_OHMS_PER_KILOMETRE = 1000;
    private static final double LEAST_OHMS_PER_KILOMETRE = 0.1;
    private static final int HALVINGS = 20;

    /// The limits of the cable to a part; empty when no cable feeds it, or even none would be too long.
    ///
    /// @param trials on the job
    /// @param part the point or module
    public static Optional<CableLimits> of(Trials trials, FedId part) {
        Optional<Cable> last = trials.now(facts -> FeedingWay.to(facts, part)).map(FeedingWay::last);
        return last.filter(cable -> holds(trials, Edits.cableMetres(cable.id(), 0), part))
                .map(cable -> of(trials, cable, part));
    }

    private static CableLimits of(Trials trials, Cable cable, FedId part) {
        return new CableLimits(
                most(trials, part, MOST_METRES, metres -> Edits.cableMetres(cable.id(), metres)),
                most(trials, part, MOST_OHMS_PER_KILOMETRE, ohms -> ofConductor(cable, ohms)));
    }

    private static Edit ofConductor(Cable cable, double ohmsPerKilometre) {
        Conductor conductor = new Conductor("tried", Math.max(LEAST_OHMS_PER_KILOMETRE, ohmsPerKilometre));
        Function<Cable, Cable> change = its -> its.id().equals(cable.id()) ? its.withConductor(conductor) : its;
        return new Edit(
                "conductor",
                job -> job.withCables(job.cables().stream().map(change).toList()));
    }

    private static double most(Trials trials, FedId part, double bound, DoubleFunction<Edit> edit) {
        double low = 0;
        double high = bound;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (holds(trials, edit.apply(middle), part)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static boolean holds(Trials trials, Edit edit, FedId part) {
        return trials.after(edit, facts -> FedVolts.at(facts, part))
                .filter(DeviceVolts::ok)
                .isPresent();
    }
}
