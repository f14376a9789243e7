package io.answerback.core.wiring.cabling;

import io.answerback.core.model.id.CableId;
import java.util.Optional;

/// A cable to be pulled in, or its labels to be put on while it is.
///
/// @param cableId the cable
/// @param room where its far end is
/// @param label whether it is about its labels
/// @param order what to do
/// @param mind what has to be known before
/// @param caution whether its way needs care
/// @param done whether it is done
public record FixStep(
        CableId cableId, String room, boolean label, String order, String mind, boolean caution, boolean done)
        implements RunStep {
    @Override
    public Optional<String> colour() {
        return Optional.empty();
    }
}
