package io.answerback.core.remedy;

import io.answerback.core.finding.Finding;
import io.answerback.core.site.Edit;
import java.util.List;

/// Something that would raise the volts at a device, tried on the job.
///
/// @param words what to do
/// @param edit does it
/// @param atEndVolts the volts there at the end of discharge once it is done
/// @param reaches whether that is as much as the device needs
/// @param brings what is found wrong or tight once it is done and was not before, worst first; not looked for
///     where the volts do not reach
public record Remedy(String words, Edit edit, double atEndVolts, boolean reaches, List<Finding> brings) {
    public Remedy {
        brings = List.copyOf(brings);
    }

    /// Whether it is enough: the volts reach, and it brings nothing new that is wrong or tight.
    public boolean ok() {
        return reaches && brings.isEmpty();
    }
}
