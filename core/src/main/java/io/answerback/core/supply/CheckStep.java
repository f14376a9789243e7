package io.answerback.core.supply;

import io.answerback.core.model.power.Tick;
import java.util.Optional;

/// One step of a check-run, such as power-down or the fitting of a module.
///
/// @param id its name in the job, such as "up:Panel:battery"
/// @param order what to do
/// @param mind what has to be known before
/// @param shows what should be seen once it is done; empty for nothing
/// @param caution whether a mistake here can hurt somebody or destroy something
/// @param tick when it was done; empty while it is open
public record CheckStep(String id, String order, String mind, String shows, boolean caution, Optional<Tick> tick) {
    /// Whether it is done.
    public boolean done() {
        return tick.isPresent();
    }
}
