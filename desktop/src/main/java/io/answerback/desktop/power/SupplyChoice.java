package io.answerback.desktop.power;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;

/// Which supply a sheet is about, where there are several.
final class SupplyChoice {
    private final Runnable changed;
    private Optional<ModuleId> module = Optional.empty();

    SupplyChoice(Runnable changed) {
        this.changed = changed;
    }

    Optional<SupplyState> of(WindowState state) {
        List<SupplyState> states = supplies(state).states();
        return states.stream()
                .filter(supply -> module.filter(supply.module()::equals).isPresent())
                .findFirst()
                .or(() -> states.stream().findFirst());
    }

    static Supplies supplies(WindowState state) {
        return state.assessment().get(Supplies.FACT);
    }

    Choice part(WindowState state) {
        return Choice.of("Supply", supplies(state).states(), of(state).orElse(null), SupplyState::title, chosen -> {
            module = Optional.of(chosen.module());
            changed.run();
        });
    }
}
