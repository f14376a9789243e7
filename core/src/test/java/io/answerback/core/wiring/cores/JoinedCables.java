package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.util.List;

/// Cables through joint boxes.
abstract class JoinedCables {
    static final CableType EIGHT = SmallParts.cableType(
            "8",
            "8-core",
            SmallJob.THIN,
            List.of("red", "black", "yellow", "green", "blue", "white", "brown", "orange"),
            false,
            false);
}
