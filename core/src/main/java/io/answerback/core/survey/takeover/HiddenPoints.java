package io.answerback.core.survey.takeover;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SeriesContact;
import io.answerback.core.survey.capacity.Inventory;
import java.util.List;

/// What several contacts on one zone hide, and what splitting them would take.
///
/// @param point the point that stands for them all
/// @param moreInputs how many inputs splitting takes beyond the one it has
/// @param freeInputs how many free inputs there are for them now
public record HiddenPoints(Point point, int moreInputs, int freeInputs) {
    /// Every point that stands for several contacts, in the order of the list.
    ///
    /// @param inventory what there is on this job
    public static List<HiddenPoints> of(Parts job, Inventory inventory) {
        int free =
                (int) Math.max(0, inventory.freeOrdinary() - inventory.placed().size());
        return job.points().stream()
                .filter(point -> !point.inSeries().isEmpty())
                .map(point -> new HiddenPoints(point, point.inSeries().size() - 1, free))
                .toList();
    }

    /// What the operator can read now: one line for all of them.
    public String operatorReadsNow() {
        return Text.of("%s: one of %d", point.name(), point.inSeries().size());
    }

    /// What the operator could read once they are split.
    public List<String> operatorCouldRead() {
        return point.inSeries().stream().map(SeriesContact::name).toList();
    }

    /// How many inputs are missing for it.
    public int shortOf() {
        return Math.max(0, moreInputs - freeInputs);
    }
}
