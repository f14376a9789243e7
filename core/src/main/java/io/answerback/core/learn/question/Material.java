package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.signal.event.EventTable;
import java.util.List;

/// What exercises are made of.
///
/// @param sites sites with their points, boxes, supplies and panels; at least one
/// @param priors how often each cause of a fault is met
/// @param events the codes of events and their words
/// @param cables the cables there are to choose from
public record Material(List<Assessment> sites, Priors priors, EventTable events, List<CableType> cables) {
    /// @throws IllegalArgumentException when there is no site
    public Material {
        if (sites.isEmpty()) {
            throw new IllegalArgumentException("exercises are made of sites; give at least one");
        }
        sites = List.copyOf(sites);
        cables = List.copyOf(cables);
    }
}
