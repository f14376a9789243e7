package io.answerback.core.prove.chain;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Link;
import java.util.List;

/// All seven links of one point, in the order a signal runs.
///
/// @param pointId the zone point or system point
/// @param name its name
/// @param links one of each link
public record Chain(PointId pointId, String name, List<LinkState> links) {
    /// @throws IllegalArgumentException when the links are not the seven, in order
    public Chain {
        links = List.copyOf(links);
        if (!links.stream().map(LinkState::link).toList().equals(List.of(Link.values()))) {
            throw new IllegalArgumentException("a chain has each of the seven links once, in order");
        }
    }

    /// The state of one link.
    public LinkState of(Link link) {
        return links.get(link.ordinal());
    }
}
