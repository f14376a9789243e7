package io.answerback.desktop.live;

import io.answerback.core.model.id.PointId;
import io.answerback.core.prove.chain.LinkState;
import java.util.List;

/// How far a signal has come along the chain of one point.
///
/// @param pointId whose chain
/// @param active whether the point is active now
/// @param links the links it has reached, as they are now, in order
/// @param travelling whether it is still on its way
public record Run(PointId pointId, boolean active, List<LinkState> links, boolean travelling) {
    public Run {
        links = List.copyOf(links);
    }
}
