package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FittedLoop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What can explain some readings, by Bayes' rule. A cause with a free value is tried at many values of it,
/// each with its part of the cause's prior, so that a cause that fits only by luck counts for less.
///
/// @param explanations every possible cause, the likeliest first
/// @param next what to measure next; empty when nothing would tell more
/// @param settled whether one cause holds over 90 %, and no measurement that is left would tell it from the
///     second
/// @param byPriorOnly whether the first two fit the readings equally well, so that only how often they are met
///     tells them apart
/// @param contradiction two readings that no single cause gives together, though each has one; empty for none
public record Diagnosis(
        List<Explanation> explanations,
        Optional<NextMeasurement> next,
        boolean settled,
        boolean byPriorOnly,
        Optional<Contradiction> contradiction) {
    /// Above this the likeliest cause is taken for the cause.
    public static final double SETTLED = 0.9;
    /// Below this a cause is not shown, and need not be told apart from others.
    public static final double LEAST_SHOWN = 0.005;

    private static final double ALIKE = 1.1;
    /// Whoever has put the device into two states has looked at it: how much of its prior is left to its being in
    /// another state all the same.
    private static final double LOOKED_AT = 0.2;

    private static final double LEAST_BITS = 0.02;
    private static final double MIDDLE_SHARE = 0.05;

    /// Two readings that contradict each other.
    ///
    /// @param one the earlier of them
    /// @param other the later
    public record Contradiction(Reading one, Reading other) {}

    public Diagnosis {
        explanations = List.copyOf(explanations);
    }

    /// Explains readings at one point's loop.
    ///
    /// @param readings at least one
    /// @throws IllegalArgumentException when there is no reading
    public static Diagnosis of(FittedLoop planned, Priors priors, List<Reading> readings) {
        if (readings.isEmpty()) {
            throw new IllegalArgumentException("nothing was measured yet; give a reading");
        }
        FaultyLoop loop = new FaultyLoop(planned);
        List<Particle> particles = weighed(loop, priors, readings);
        List<Explanation> explanations = explanations(particles);
        Explanation first = explanations.getFirst();
        Optional<Explanation> second =
                explanations.stream().skip(1).findFirst().filter(its -> its.probability() >= LEAST_SHOWN);
        List<MeasurementSetup> left = left(loop, readings);
        boolean toTell = second.filter(
                        other -> left.stream().anyMatch(setup -> Separation.by(setup, loop, first, other)))
                .isPresent();
        boolean settled = first.probability() > SETTLED && first.cause() != Cause.UNEXPLAINED && !toTell;
        return new Diagnosis(
                explanations,
                settled ? Optional.empty() : next(loop, particles, left, first, second),
                settled,
                second.filter(other -> alike(first, other, priors, readings)).isPresent(),
                first.cause() == Cause.UNEXPLAINED ? contradiction(planned, priors, readings) : Optional.empty());
    }

    private static List<MeasurementSetup> left(FaultyLoop loop, List<Reading> readings) {
        return MeasurementSetup.of(loop.loop()).stream()
                .filter(setup -> readings.stream().noneMatch(reading -> reading.setup() == setup))
                .toList();
    }

    /// Whether the readings speak as much for one as for the other.
    private static boolean alike(Explanation one, Explanation other, Priors priors, List<Reading> readings) {
        double ratio = one.probability()
                / prior(one.cause(), priors, readings)
                / (other.probability() / prior(other.cause(), priors, readings));
        return ratio < ALIKE && ratio > 1 / ALIKE;
    }

    /// The first two readings each of which has an explanation, and both together none.
    private static Optional<Contradiction> contradiction(FittedLoop planned, Priors priors, List<Reading> readings) {
        List<Reading> alone = readings.stream()
                .filter(reading -> explained(planned, priors, List.of(reading)))
                .toList();
        for (int i = 0; i < alone.size(); i++) {
            for (int j = i + 1; j < alone.size(); j++) {
                if (!explained(planned, priors, List.of(alone.get(i), alone.get(j)))) {
                    return Optional.of(new Contradiction(alone.get(i), alone.get(j)));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean explained(FittedLoop planned, Priors priors, List<Reading> readings) {
        List<Particle> particles = weighed(new FaultyLoop(planned), priors, readings);
        return explanations(particles).getFirst().cause() != Cause.UNEXPLAINED;
    }

    private static List<Particle> weighed(FaultyLoop loop, Priors priors, List<Reading> readings) {
        boolean parted = readings.stream().anyMatch(reading -> reading.setup() == MeasurementSetup.FROM_MID_JOINT);
        List<Particle> all = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            if (loop.possible(cause)) {
                List<Boolean> sides = parted && FaultyLoop.onEitherSide(cause) ? List.of(false, true) : List.of(false);
                double prior = prior(cause, priors, readings) / sides.size();
                for (boolean near : sides) {
                    for (FreeValues.Free free : FreeValues.of(cause, loop, priors.kitOhms(), readings)) {
                        all.add(weighed(loop, new Particle(cause, free.value(), near, prior * free.share()), readings));
                    }
                }
            }
        }
        double total = all.stream().mapToDouble(Particle::weight).sum();
        return all.stream()
                .map(particle ->
                        new Particle(particle.cause(), particle.value(), particle.near(), particle.weight() / total))
                .toList();
    }

    private static double prior(Cause cause, Priors priors, List<Reading> readings) {
        boolean lookedAt = cause == Cause.OTHER_STATE && askedFor(readings).size() > 1;
        return priors.of(cause) * (lookedAt ? LOOKED_AT : 1);
    }

    /// The states the device was put into for some readings.
    static Set<DeviceState> askedFor(List<Reading> readings) {
        return readings.stream()
                .flatMap(reading -> reading.setup().device().stream())
                .collect(Collectors.toSet());
    }

    private static Particle weighed(FaultyLoop loop, Particle prior, List<Reading> readings) {
        double weight = prior.weight();
        for (Reading reading : readings) {
            weight *= prior.cause() == Cause.UNEXPLAINED
                    ? Likelihood.UNEXPLAINED
                    : Likelihood.of(reading, loop.of(prior.cause(), prior.value(), prior.near(), reading.setup()));
        }
        return new Particle(prior.cause(), prior.value(), prior.near(), weight);
    }

    private static List<Explanation> explanations(List<Particle> particles) {
        Map<Cause, List<Particle>> byCause = new EnumMap<>(Cause.class);
        particles.forEach(particle -> byCause.computeIfAbsent(particle.cause(), cause -> new ArrayList<>())
                .add(particle));
        return byCause.entrySet().stream()
                .map(entry -> new Explanation(
                        entry.getKey(),
                        entry.getValue().stream().mapToDouble(Particle::weight).sum(),
                        stretch(entry.getKey(), entry.getValue()),
                        near(entry.getValue())))
                .sorted(Comparator.comparingDouble(Explanation::probability).reversed())
                .toList();
    }

    private static Optional<Explanation.Stretch> stretch(Cause cause, List<Particle> unsorted) {
        if (cause.free() == Cause.Free.NONE) {
            return Optional.empty();
        }
        List<Particle> particles = unsorted.stream()
                .sorted(Comparator.comparingDouble(Particle::value))
                .toList();
        double sum = particles.stream().mapToDouble(Particle::weight).sum();
        double likeliest = particles.stream()
                .max(Comparator.comparingDouble(Particle::weight))
                .orElseThrow()
                .value();
        return Optional.of(new Explanation.Stretch(
                quantile(particles, MIDDLE_SHARE * sum), likeliest, quantile(particles, (1 - MIDDLE_SHARE) * sum)));
    }

    private static Optional<Boolean> near(List<Particle> particles) {
        if (particles.stream().noneMatch(Particle::near)) {
            return Optional.empty();
        }
        double sum = particles.stream().mapToDouble(Particle::weight).sum();
        double near = particles.stream()
                .filter(Particle::near)
                .mapToDouble(Particle::weight)
                .sum();
        return Optional.of(near > sum / 2);
    }

    private static double quantile(List<Particle> rising, double wanted) {
        double sum = 0;
        for (Particle particle : rising) {
            sum += particle.weight();
            if (sum >= wanted) {
                return particle.value();
            }
        }
        return rising.getLast().value();
    }

    /// Every setup that was not measured yet is tried: the readings it could give sort the causes, and the
    /// doubt that would be left is weighed by how likely each reading is.
    private static Optional<NextMeasurement> next(
            FaultyLoop loop,
            List<Particle> particles,
            List<MeasurementSetup> left,
            Explanation first,
            Optional<Explanation> second) {
        double doubt = Particle.entropy(particles);
        return left.stream()
                .map(setup -> new NextMeasurement(setup, doubt - doubtAfter(loop, particles, setup)))
                .filter(measurement -> measurement.bits() > LEAST_BITS
                        || second.filter(other -> Separation.by(measurement.setup(), loop, first, other))
                                .isPresent())
                .max(Comparator.comparingDouble(NextMeasurement::bitsPerMinute));
    }

    private static double doubtAfter(FaultyLoop loop, List<Particle> particles, MeasurementSetup setup) {
        Map<Long, List<Particle>> bins = new HashMap<>();
        for (Particle particle : particles) {
            if (particle.weight() > 1e-9 && particle.cause() != Cause.UNEXPLAINED) {
                for (Particle side : sides(particle, setup)) {
                    double ohms = loop.of(side.cause(), side.value(), side.near(), setup)
                            .ohms(Extreme.NOMINAL);
                    bins.computeIfAbsent(Particle.bin(ohms), key -> new ArrayList<>())
                            .add(side);
                }
            }
        }
        return bins.values().stream()
                .mapToDouble(bin -> bin.stream().mapToDouble(Particle::weight).sum() * Particle.entropy(bin))
                .sum();
    }

    /// Nobody knows yet on which side of a joint half way a cause lies.
    private static List<Particle> sides(Particle particle, MeasurementSetup setup) {
        if (setup != MeasurementSetup.FROM_MID_JOINT || !FaultyLoop.onEitherSide(particle.cause())) {
            return List.of(particle);
        }
        double half = particle.weight() / 2;
        return List.of(
                new Particle(particle.cause(), particle.value(), false, half),
                new Particle(particle.cause(), particle.value(), true, half));
    }
}
