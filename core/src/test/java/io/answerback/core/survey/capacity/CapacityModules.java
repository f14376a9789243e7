package io.answerback.core.survey.capacity;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleKind.ReservedInput;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Provide;

/// Modules to choose from, and doors that need inputs.
abstract class CapacityModules {
    static final ModuleKind BOARD = module("board", ModuleSort.BOARD, 2, 1, 0, 0, "");

    static ModuleKind module(
            String id,
            ModuleSort sort,
            int inputs,
            int most,
            int addresses,
            int boxes,
            String band,
            ReservedInput... kept) {
        return SmallParts.kind(
                id,
                id,
                sort,
                inputs,
                most,
                addresses,
                10 * inputs,
                boxes,
                false,
                band,
                List.of(kept),
                Optional.empty());
    }

    static CapacityOptions ways(Job job) {
        return CapacityOptions.of(job, Inventory.of(job));
    }

    @Provide
    Arbitrary<ModuleKind> modules() {
        return Combinators.combine(
                        Arbitraries.integers().between(1, 6),
                        Arbitraries.integers().between(1, 2),
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.integers().between(0, 1),
                        Arbitraries.of("", "band P", "band Q"),
                        Arbitraries.integers().between(0, 2))
                .as((inputs, most, addresses, boxes, band, kept) -> module(
                        "m",
                        ModuleSort.BUS_EXPANDER,
                        inputs,
                        most,
                        addresses,
                        boxes,
                        band,
                        kept == 0
                                ? new ReservedInput[0]
                                : new ReservedInput[] {new ReservedInput(1, KindFamily.FIRE, kept == 2)}));
    }

    @Provide
    Arbitrary<PointKind> kinds() {
        return Arbitraries.of(SmallKinds.DOOR, SmallKinds.MOVEMENT, SmallKinds.SMOKE, SmallKinds.TWO_WIRE_SMOKE);
    }
}
