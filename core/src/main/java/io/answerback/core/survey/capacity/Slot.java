package io.answerback.core.survey.capacity;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Input;
import java.util.Optional;

/// One input of the system with the module it is on.
///
/// @param input the input
/// @param kind the kind of its module; empty when the panel's profile does not know it
public record Slot(Input input, Optional<ModuleKind> kind) {
    /// What it is kept for; empty for an input that serves anything.
    public Optional<ModuleKind.ReservedInput> reserved() {
        return kind.flatMap(its -> its.reserved().stream()
                .filter(kept -> kept.number() == input.number())
                .findFirst());
    }

    /// Whether its zone is one of the panel's wireless zones.
    public boolean wireless() {
        return kind.filter(its -> its.byRadio(input.number()) || its.sort() == ModuleSort.CONVERTER)
                .isPresent();
    }

    /// Whether no point uses it.
    public boolean free() {
        return input.pointId().isEmpty();
    }

    /// Whether a kind of point may be wired to it.
    public boolean serves(PointKind point) {
        return kind.map(its -> its.serves(input.number(), point)).orElse(!point.twoWire());
    }
}
