package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.practice.CoreConvention;
import io.answerback.core.model.practice.CoreUse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/// Gives the cores of one cable their uses by the firm's convention.
///
/// @param uses every core of the cable with what it is for, in the order they are counted
/// @param lacking the needs no core was left for
record CoreColours(Map<String, CoreNeed> uses, List<CoreNeed> lacking) {
    private static final CoreNeed SPARE = CoreNeed.shared(CoreUse.SPARE);

    /// The needs are met in their order. Where there are fewer cores than needs, the last needs get none,
    /// whatever their colours. The others each take the first of their own colours that is left, and those that
    /// find none of their own take what is left after all others.
    ///
    /// @param found cores of which it is known what they are used for; they are used for that and nothing else
    static CoreColours of(CableType type, List<CoreNeed> needs, Map<String, CoreUse> found, CoreConvention convention) {
        Map<String, CoreNeed> uses = new LinkedHashMap<>();
        type.colours().forEach(colour -> uses.put(colour, SPARE));
        List<CoreNeed> open = new ArrayList<>(needs);
        found.forEach((colour, use) -> uses.computeIfPresent(colour, (core, spare) -> taken(open, use)));
        Predicate<String> left = colour -> uses.get(colour) == SPARE && !found.containsKey(colour);
        int met =
                (int) Math.min(open.size(), type.colours().stream().filter(left).count());
        List<CoreNeed> lacking = new ArrayList<>(open.subList(met, open.size()));
        List<CoreNeed> without = new ArrayList<>();
        for (CoreNeed need : open.subList(0, met)) {
            Optional<String> own =
                    convention.wanted(need.use()).stream().filter(left).findFirst();
            own.ifPresentOrElse(colour -> uses.put(colour, need), () -> without.add(need));
        }
        for (CoreNeed need : without) {
            Optional<String> any = type.colours().stream()
                    .filter(left)
                    .min(Comparator.comparing(colour -> forTamper(convention, colour)));
            any.ifPresentOrElse(colour -> uses.put(colour, need), () -> lacking.add(need));
        }
        return new CoreColours(uses, lacking);
    }

    /// Colours the firm keeps for covers are taken last, so that a cover added later finds its own.
    private static boolean forTamper(CoreConvention convention, String colour) {
        return convention.wanted(CoreUse.TAMPER).contains(colour)
                || convention.wanted(CoreUse.TAMPER_RETURN).contains(colour);
    }

    private static CoreNeed taken(List<CoreNeed> open, CoreUse use) {
        Optional<CoreNeed> need = open.stream().filter(one -> one.use() == use).findFirst();
        need.ifPresent(open::remove);
        return need.orElse(CoreNeed.shared(use));
    }

    /// The core for a need; empty when none was left for it.
    Optional<String> colour(CoreNeed need) {
        for (Map.Entry<String, CoreNeed> entry : uses.entrySet()) {
            if (entry.getValue().equals(need)) {
                return Optional.of(entry.getKey());
            }
        }
        return Optional.empty();
    }

    /// The core for a use all devices share; empty when none was left for it.
    Optional<String> colour(CoreUse use) {
        return colour(CoreNeed.shared(use));
    }

    /// Whether the tamper ring should go through the cable.
    boolean forRing() {
        return colour(CoreUse.TAMPER).isPresent() || lacking.stream().anyMatch(need -> need.use() == CoreUse.TAMPER);
    }
}
