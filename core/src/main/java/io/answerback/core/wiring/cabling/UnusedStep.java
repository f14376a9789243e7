package io.answerback.core.wiring.cabling;

import io.answerback.core.model.id.InputId;
import java.util.Optional;

/// An unused input to be fitted with what its scheme needs.
///
/// @param inputId the input
/// @param order what to do
/// @param done whether it is fitted
public record UnusedStep(InputId inputId, String order, boolean done) implements RunStep {
    @Override
    public String mind() {
        return "No point uses it: without this the panel sees a fault there for as long as its zone is on.";
    }

    @Override
    public boolean caution() {
        return false;
    }

    @Override
    public Optional<String> colour() {
        return Optional.empty();
    }
}
