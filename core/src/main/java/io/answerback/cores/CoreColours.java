package io.answerback.cores;

import io.answerback.job.CableType;
import io.answerback.job.CoreConvention;
import io.answerback.job.CoreUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Gives the cores of one cable their uses by the firm's convention.
///
/// @param uses every core of the cable with its use, in the order they are counted
/// @param lacking the needs no core was left for
record CoreColours(Map<String, CoreUse> uses, List<CoreUse> lacking) {
    /// The needs are met in their order: each takes the first of its own colours that is left, and those that
    /// find none of their own take what is left after all others.
    static CoreColours of(CableType type, List<CoreUse> needs, CoreConvention convention) {
        Map<String, CoreUse> uses = new LinkedHashMap<>();
        type.colours().forEach(colour -> uses.put(colour, CoreUse.SPARE));
        List<CoreUse> without = new ArrayList<>();
        for (CoreUse need : needs) {
            Optional<String> own = convention.wanted(need).stream()
                    .filter(colour -> uses.get(colour) == CoreUse.SPARE)
                    .findFirst();
            own.ifPresentOrElse(colour -> uses.put(colour, need), () -> without.add(need));
        }
        List<CoreUse> lacking = new ArrayList<>();
        for (CoreUse need : without) {
            Optional<String> left = type.colours().stream()
                    .filter(colour -> uses.get(colour) == CoreUse.SPARE)
                    .findFirst();
            left.ifPresentOrElse(colour -> uses.put(colour, need), () -> lacking.add(need));
        }
        return new CoreColours(uses, lacking);
    }

    /// The core for a use; empty when none was left for it.
    Optional<String> colour(CoreUse use) {
        return uses.entrySet().stream()
                .filter(entry -> entry.getValue() == use)
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
