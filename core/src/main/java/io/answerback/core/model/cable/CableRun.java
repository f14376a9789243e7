package io.answerback.core.model.cable;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Conductor;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/// The cables a point's loop runs through, one after the other, from the device to its box.
///
/// @param cables at least one, that at the device first
public record CableRun(List<Cable> cables) {
    /// @throws IllegalArgumentException when there is no cable
    public CableRun {
        cables = List.copyOf(cables);
        if (cables.isEmpty()) {
            throw new IllegalArgumentException("a run has at least one cable");
        }
    }

    /// One cable with the resistance of the whole: its length is the sum, its conductor the mean weighed by
    /// length, and it gets as cold and as hot as any of them. A loop whose cores are doubled has half the
    /// resistance there. A run of one cable that is not doubled is that cable itself.
    public Cable equivalent() {
        Cable first = cables.getFirst();
        if (cables.size() == 1 && !doubled(first)) {
            return first;
        }
        boolean known = cables.stream().allMatch(Cable::lengthKnown);
        double metres = known ? cables.stream().mapToDouble(Cable::metres).sum() : 0;
        double ohms = cables.stream()
                .mapToDouble(cable -> cable.metres() * perKilometre(cable))
                .sum();
        String id = cables.stream().map(cable -> cable.id().text()).collect(Collectors.joining(" + "));
        return new Cable(
                new CableId(id),
                first.ends(),
                metres,
                new Conductor(conductors(), metres == 0 ? perKilometre(first) : ohms / metres),
                cables.stream().mapToDouble(Cable::coldestCelsius).min().orElseThrow(),
                cables.stream().mapToDouble(Cable::hottestCelsius).max().orElseThrow(),
                first.installation());
    }

    private String conductors() {
        List<String> names = new ArrayList<>();
        for (Cable cable : cables) {
            String name = cable.conductor().name() + (doubled(cable) ? " doubled" : "");
            if (!names.contains(name)) {
                names.add(name);
            }
        }
        return String.join(", ", names);
    }

    private static double perKilometre(Cable cable) {
        return cable.conductor().ohmsPerKilometre() / (doubled(cable) ? 2 : 1);
    }

    private static boolean doubled(Cable cable) {
        return cable.installation().doubled().contains(CoreUse.LOOP);
    }
}
