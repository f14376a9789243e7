package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.practice.CoreUse;
import java.util.List;
import java.util.Optional;

/// What is fed through cables asks this of them.
public interface Cabling {
    /// Whether a cable of the job is to carry a core for a use, its type decided or not.
    boolean carries(Cable cable, CoreUse use);

    /// The cables that are to carry a core for a use, in the order of the job.
    List<Cable> carrying(CoreUse use);

    /// The module or joint box the near end of a cable of the job comes to; empty when it comes to none
    /// yet.
    Optional<BoxId> beginning(Cable cable);

    /// What is at the near end of a cable of the job; empty where that comes to nothing.
    Optional<BoxPlan> nearEnd(Cable cable);
}
