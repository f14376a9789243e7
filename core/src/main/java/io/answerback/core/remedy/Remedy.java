package io.answerback.core.remedy;

import io.answerback.core.site.Edit;
import java.util.List;

/// Something that would mend the volts at a device, tried on the job.
///
/// @param words what to do
/// @param edit does it
/// @param atEndVolts the volts there at the end of discharge once it is done
/// @param ok whether that is enough, and no other device is short for it
/// @param leavesShort the devices that have too little then and have enough now
public record Remedy(String words, Edit edit, double atEndVolts, boolean ok, List<String> leavesShort) {
    public Remedy {
        leavesShort = List.copyOf(leavesShort);
    }
}
