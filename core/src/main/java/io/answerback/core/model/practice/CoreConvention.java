package io.answerback.core.model.practice;

import io.answerback.core.model.common.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// Which colour a firm uses for what, the same at both ends. Where a cable has none of the colours that are
/// wanted, the first that is left is taken.
///
/// @param colours the colours for each use, the best first
public record CoreConvention(Map<CoreUse, List<String>> colours) {
    /// @throws IllegalArgumentException when a colour has no name, or spare cores are given colours, for a spare is
    /// what is left
    public CoreConvention {
        Map<CoreUse, List<String>> copy = new EnumMap<>(CoreUse.class);
        Require.given(colours, "colours of the cores")
                .forEach((use, wanted) -> copy.put(
                        use,
                        wanted.stream()
                                .map(colour -> Require.text(colour, "colour of a core"))
                                .toList()));
        if (copy.containsKey(CoreUse.SPARE)) {
            throw new IllegalArgumentException("spare cores have no colours of their own; leave SPARE out");
        }
        colours = Collections.unmodifiableMap(copy);
    }

    /// A convention to begin with, where a firm has not said its own.
    public static CoreConvention usual() {
        return new CoreConvention(Map.of(
                CoreUse.SUPPLY, List.of("red"),
                CoreUse.SUPPLY_RETURN, List.of("black"),
                CoreUse.LOOP, List.of("yellow", "red"),
                CoreUse.LOOP_RETURN, List.of("green", "black"),
                CoreUse.TAMPER, List.of("blue", "yellow"),
                CoreUse.TAMPER_RETURN, List.of("white", "green"),
                CoreUse.BUS_ONE, List.of("yellow"),
                CoreUse.BUS_TWO, List.of("green"),
                CoreUse.SOUNDER, List.of("yellow"),
                CoreUse.STROBE, List.of("green")));
    }

    /// The same with other colours for a use, the best first; none leaves the use to what is left.
    public CoreConvention with(CoreUse use, List<String> wanted) {
        Map<CoreUse, List<String>> other = new EnumMap<>(CoreUse.class);
        other.putAll(colours);
        other.put(use, wanted);
        return new CoreConvention(other);
    }

    /// The colours wanted for a use, the best first.
    public List<String> wanted(CoreUse use) {
        return colours.getOrDefault(use, List.of());
    }
}
