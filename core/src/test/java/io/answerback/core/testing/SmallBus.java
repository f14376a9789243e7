package io.answerback.core.testing;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The small job with a bus: two expanders at 1 to 3 that bring 8 zones each from 5 on, and two keypads at 8 to
/// 11 whose input is zone 31 and those after.
public final class SmallBus {
    /// How the panel counts: board 1 to 4, expanders 5 to 28, keypads 31 to 34.
    public static final BusRule RULE = SmallParts.busRule(
            List.of(
                    new BusRange(List.of("board"), 0, 0, 1, 4),
                    new BusRange(List.of("bus-8"), 1, 3, 5, 8),
                    new BusRange(List.of("keypad"), 8, 11, 31, 1)),
            100,
            60,
            false);

    private SmallBus() {}

    /// The job, its modules without addresses.
    public static Job job() {
        Job job = SmallJob.job();
        PanelProfile profile = job.panel().profile();
        List<ModuleKind> kinds = profile.modules().stream()
                .map(kind -> kind.id().equals("keypad") ? keypad(kind) : kind)
                .toList();
        PanelProfile counted = SmallParts.profile(
                        profile.id(),
                        profile.name(),
                        5,
                        4700,
                        30,
                        profile.schemes(),
                        SmallParts.capacity(40, 4, 20, 0, 11),
                        "",
                        kinds)
                .withBus(RULE);
        List<PanelModule> modules = new ArrayList<>(job.modules());
        List<Input> inputs = new ArrayList<>(job.inputs());
        for (int i = 1; i <= 2; i++) {
            modules.add(PanelModule.called("Expander " + i, "bus-8", List.of()));
            for (int place = 1; place <= 8; place++) {
                inputs.add(input("Expander " + i, place, 5 + (i - 1) * 8 + place - 1));
            }
        }
        for (int i = 1; i <= 2; i++) {
            modules.add(PanelModule.called("Keypad " + i, "keypad", List.of(1)));
            inputs.add(input("Keypad " + i, 1, 30 + i));
        }
        return job.withPanel(new Panel("Panel", counted)).withModules(modules).withInputs(inputs);
    }

    private static Input input(String module, int place, int zone) {
        return Input.of(
                new InputId(module + "." + place),
                new ModuleId(module),
                place,
                zone,
                Optional.empty(),
                UnusedTermination.RESISTOR);
    }

    private static ModuleKind keypad(ModuleKind kind) {
        return SmallParts.kind(
                kind.id(), kind.name(), kind.sort(), 1, 4, 1, 30, 0, false, "", List.of(), Optional.empty());
    }
}
