package io.answerback.core.assess.departure;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import java.util.Optional;

/// One place where a job does otherwise than the firm's rules.
///
/// @param id what its reason is kept under, such as "option:TAMPER" or "scheme:07"
/// @param pointId the point it belongs to; empty when it is the whole job
/// @param title what it is about, such as "Tamper"
/// @param firm what the firm does
/// @param here what is done here
/// @param reason why; empty while nobody said
public record Departure(String id, Optional<PointId> pointId, String title, String firm, String here, String reason) {
    /// The departure as one sentence without its reason.
    public String says() {
        return Text.of("%s: %s, %s %s", title, here, whose(), firm);
    }

    /// Who says otherwise: the firm's rules, or this job for one of its points.
    public String whose() {
        return pointId.isEmpty() ? "the rules say" : "this job says";
    }
}
