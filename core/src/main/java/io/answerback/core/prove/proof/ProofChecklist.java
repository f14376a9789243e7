package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in proofs.
public final class ProofChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL =
            List.of(new LineNeverProven(), new ProofStale(), new RestoreNeverSeen(), new ProgrammedSinceProven());

    private ProofChecklist() {}
}
