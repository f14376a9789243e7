package io.answerback.core.wiring.cabling;

import java.util.Optional;

/// One thing to do in a run.
public sealed interface RunStep permits WiringStep, FixStep, UnusedStep {
    /// What to do, as an order.
    String order();

    /// What has to be known before.
    String mind();

    /// Whether a mistake here can do harm.
    boolean caution();

    /// Whether it is done.
    boolean done();

    /// The colour of the core it is about; empty when it is about the whole cable.
    Optional<String> colour();
}
