package io.answerback.core.cores;

import io.answerback.core.id.PointId;
import io.answerback.core.practice.CoreUse;
import java.util.Optional;

/// Something a core is needed for.
///
/// @param use what for
/// @param pointId whose loop it is; empty for what devices on one cable share
public record CoreNeed(CoreUse use, Optional<PointId> pointId) {
    /// A need all devices on a cable share.
    static CoreNeed shared(CoreUse use) {
        return new CoreNeed(use, Optional.empty());
    }

    /// The need in plain words, with the point where it is one of several.
    ///
    /// @param several whether the cable carries loops of several points
    public String words(boolean several) {
        return several && pointId.isPresent() ? use.words() + " " + pointId.get() : use.words();
    }
}
