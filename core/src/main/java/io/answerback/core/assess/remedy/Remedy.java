package io.answerback.core.assess.remedy;

import io.answerback.core.engine.finding.DoneAgain;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.site.Edit;
import java.util.List;

/// Something that would raise the volts at a device, tried on the job.
///
/// @param words what to do
/// @param edit does it
/// @param atEndVolts the volts there at the end of discharge once it is done
/// @param reaches whether that is as much as the device needs
/// @param found what is found wrong or tight once it is done and was not before, worst first; not looked for where
///     the volts do not reach
public record Remedy(String words, Edit edit, double atEndVolts, boolean reaches, List<Finding> found) {
    public Remedy {
        found = List.copyOf(found);
    }

    /// What it does harm to: what is found once it is done, but for work that has to be done again.
    public List<Finding> brings() {
        return found.stream().filter(finding -> !DoneAgain.is(finding)).toList();
    }

    /// What has to be done in the building once it is decided, and is found until it is: cores to move, loops to
    /// measure again, lines to prove again.
    public List<Finding> again() {
        return found.stream().filter(DoneAgain::is).toList();
    }

    /// Whether it is enough: the volts reach, and it does no harm.
    public boolean ok() {
        return reaches && brings().isEmpty();
    }
}
