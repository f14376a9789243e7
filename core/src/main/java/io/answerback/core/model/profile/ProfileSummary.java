package io.answerback.core.model.profile;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/// What a panel is, in a few lines, for somebody who has to choose one.
///
/// @param size its inputs and zones in a few words, such as "8 inputs, up to 16 zones"
/// @param zones how many zones there can be, wired and wireless, and areas
/// @param loops the loop schemes its inputs read
/// @param growth what further inputs come on, and how keypads are connected
/// @param reports how events leave it
public record ProfileSummary(String size, String zones, String loops, String growth, String reports) {
    private static final Set<ModuleSort> MORE_INPUTS =
            EnumSet.of(ModuleSort.PLUG_IN, ModuleSort.BUS_EXPANDER, ModuleSort.CONVERTER);

    /// The summary of a profile. What the profile does not say is said to be unknown.
    public static ProfileSummary of(PanelProfile profile) {
        Capacity capacity = profile.capacity();
        return new ProfileSummary(
                Text.of("%d inputs, up to %d zones", profile.board().inputs(), capacity.zones()),
                zones(profile, capacity),
                "Loops: " + loops(profile),
                growth(profile),
                reports(profile));
    }

    /// The lines to read before it is chosen.
    public List<String> lines() {
        return List.of(zones, loops, growth, reports);
    }

    private static String zones(PanelProfile profile, Capacity capacity) {
        String wireless = capacity.radioZones() == 0
                ? "none wireless"
                : Text.of(
                        "up to %d of them wireless%s",
                        capacity.radioZones(), profile.radioBand().isEmpty() ? "" : " (" + profile.radioBand() + ")");
        return Text.of(
                "%d inputs on the board; up to %d zones, %s; %s.",
                profile.board().inputs(),
                capacity.zones(),
                wireless,
                capacity.areas() == 1 ? "1 area" : capacity.areas() + " areas");
    }

    private static String loops(PanelProfile profile) {
        return profile.modules().stream()
                        .filter(module -> module.inputs() > 0)
                        .flatMap(module -> profile.inputs(module).schemes().stream())
                        .map(SchemeBands::scheme)
                        .distinct()
                        .map(SchemeKind::words)
                        .collect(Collectors.joining("; "))
                + ".";
    }

    private static String growth(PanelProfile profile) {
        List<String> more = new ArrayList<>();
        for (ModuleSort sort : MORE_INPUTS) {
            if (profile.modules().stream().anyMatch(module -> module.sort() == sort)) {
                more.add(sort.words());
            }
        }
        String inputs = more.isEmpty() ? "No further inputs." : "More inputs: " + String.join(", ", more) + ".";
        return inputs + " " + profile.bus().map(bus -> keypads(profile, bus)).orElse("Its bus is unknown.");
    }

    private static String keypads(PanelProfile profile, BusRule bus) {
        String addresses =
                Text.of("Keypad bus with %d addresses", profile.capacity().addresses());
        return bus.mostMetres() == 0 ? addresses + "." : Text.of("%s, %.0f m of cable.", addresses, bus.mostMetres());
    }

    private static String reports(PanelProfile profile) {
        List<String> communicators = profile.modules().stream()
                .filter(module -> module.sort() == ModuleSort.COMMUNICATOR)
                .map(ModuleKind::name)
                .toList();
        return communicators.isEmpty()
                ? "Reports: the profile names no communicator; one of its own kind is wired beside it."
                : "Reports: " + String.join("; ", communicators) + ".";
    }
}
