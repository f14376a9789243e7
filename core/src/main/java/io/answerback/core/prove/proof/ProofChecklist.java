package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on proofs.
public final class ProofChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL =
            List.of(new LineNeverProven(), new ProofStale(), new RestoreNeverSeen(), new ProgrammedSinceProven());

    private ProofChecklist() {}
}
