package io.answerback.core.prove.simulation;

import io.answerback.core.model.site.Link;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.signal.event.Signal;
import java.util.List;
import java.util.Optional;

/// What trying a point came to inside the building.
///
/// @param panel what the panel remembers now
/// @param links the links from point to event as they are now
/// @param signals what leaves, in order; empty when nothing does
/// @param stoppedAt the link where it ended when nothing leaves; empty when something does
/// @param why why nothing leaves, in plain words; empty when something does
public record Outcome(
        PanelState panel, List<LinkState> links, List<Signal> signals, Optional<Link> stoppedAt, String why) {
    public Outcome {
        links = List.copyOf(links);
        signals = List.copyOf(signals);
    }
}
