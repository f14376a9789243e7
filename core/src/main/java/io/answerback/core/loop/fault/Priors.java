package io.answerback.core.loop.fault;

import io.answerback.core.engine.memo.Fact;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/// How often each cause is met before anything was measured.
///
/// @param shares a share for every cause; they need not add up to one
/// @param kitOhms the values of resistors that are used on the job or that its panel expects, in ohms: a wrong
///     one is likely one of these
public record Priors(Map<Cause, Double> shares, Set<Double> kitOhms) {
    /// Those that findings go by, given from outside.
    public static final Fact<Priors> GIVEN = Fact.given("how often each cause of strange readings is met");

    /// Every cause as often as any other.
    public static final Priors EVEN =
            new Priors(Arrays.stream(Cause.values()).collect(Collectors.toMap(cause -> cause, cause -> 1.0)));

    /// @throws IllegalArgumentException when a cause has no share, or one that is not above 0
    public Priors {
        Map<Cause, Double> copy = new EnumMap<>(Cause.class);
        copy.putAll(shares);
        String missing = Arrays.stream(Cause.values())
                .filter(cause -> !(copy.getOrDefault(cause, 0.0) > 0))
                .map(Cause::id)
                .collect(Collectors.joining(", "));
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("no share above 0 is given for " + missing);
        }
        shares = Map.copyOf(copy);
        kitOhms = Set.copyOf(kitOhms);
    }

    /// Those of a job of which no resistor is known but those of the loop itself.
    public Priors(Map<Cause, Double> shares) {
        this(shares, Set.of());
    }

    /// The same on a job with these values of resistors, in ohms.
    public Priors withKit(Set<Double> ohms) {
        return new Priors(shares, ohms);
    }

    /// How often a cause is met.
    public double of(Cause cause) {
        return shares.get(cause);
    }
}
