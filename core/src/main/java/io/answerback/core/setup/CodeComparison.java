package io.answerback.core.setup;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/// Compares codes and forgets them.
public final class CodeComparison {
    private CodeComparison() {}

    /// Whether each code differs from all the others. The digits that are handed in are overwritten.
    ///
    /// @param codes the digits of each code, by any name
    public static Map<String, Boolean> of(Map<String, char[]> codes) {
        Map<String, Boolean> differs = new LinkedHashMap<>();
        codes.forEach((name, digits) -> differs.put(
                name,
                codes.entrySet().stream()
                        .noneMatch(other -> !other.getKey().equals(name) && Arrays.equals(other.getValue(), digits))));
        codes.values().forEach(digits -> Arrays.fill(digits, '0'));
        return differs;
    }
}
