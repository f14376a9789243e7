package io.answerback.supply;

import io.answerback.edit.Edit;

/// Something that would mend the volts at a device, tried on the job.
///
/// @param words what to do
/// @param edit does it
/// @param atEndVolts the volts there with the battery empty once it is done
/// @param ok whether that is enough
public record Remedy(String words, Edit edit, double atEndVolts, boolean ok) {}
