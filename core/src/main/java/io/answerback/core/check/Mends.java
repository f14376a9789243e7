package io.answerback.core.check;

import io.answerback.core.edit.Edit;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.PointEdits;
import java.util.Optional;

/// What can be noted as done about a finding in one step, where nothing else has to be decided.
public final class Mends {
    private Mends() {}

    /// The edit that notes it as done; empty when the engineer has to decide something first.
    public static Optional<Edit> of(Finding finding) {
        if (finding.id().startsWith(UnusedInputUnterminated.RULE)) {
            return Optional.of(Edits.terminateUnused(finding.part()));
        }
        return finding.id().startsWith(ZoneUnlikeSurvey.RULE)
                ? Optional.of(PointEdits.programAsSurveyed(finding.point()))
                : Optional.empty();
    }
}
