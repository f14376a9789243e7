package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import java.util.Optional;

/// Something a core is needed for.
///
/// @param use what for
/// @param pointId whose loop it is; empty for what devices on one cable share
/// @param number of which output of the panel it is the core; 0 for every other use
public record CoreNeed(CoreUse use, Optional<PointId> pointId, int number) {
    /// A need of which there is one.
    CoreNeed(CoreUse use, Optional<PointId> pointId) {
        this(use, pointId, 0);
    }

    /// What a core is needed for that takes an output of the panel to a communicator.
    ///
    /// @param output the number of the output, from 1
    static CoreNeed event(int output) {
        return new CoreNeed(CoreUse.EVENT, Optional.empty(), output);
    }

    /// A need all devices on a cable share.
    static CoreNeed shared(CoreUse use) {
        return new CoreNeed(use, Optional.empty());
    }

    /// The need in plain words, with the point where it is one of several.
    ///
    /// @param several whether the cable carries loops of several points
    public String words(boolean several) {
        if (number > 0) {
            return use.words() + " " + number;
        }
        return several && pointId.isPresent() ? use.words() + " " + pointId.get() : use.words();
    }
}
