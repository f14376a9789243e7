package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.files.LoopByHand.Guess;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Faults made at random on loops of every scheme are measured as the diagnosis asks. An independent search over
/// every cause and every value says which of them the readings allow. Where that is one alone, the diagnosis has
/// it first.
class RandomFaultsTest {
    private static final int FAULTS = 200;
    private static final int MOST_READINGS = 6;
    private static final double TOLERANCE = 0.01;
    private static final double CONTACT_OHMS = 0.2;
    private static final double SIGMAS = 3;
    private static final int GRID = 600;

    /// A loop with a fault that was made, and what a meter shows of it.
    private static final class Made {
        private final Random random;
        private final SchemeKind scheme;
        private final FittedLoop planned;
        private final double end;
        private final double alarm;
        private final double second;
        private final double pair;
        private final List<DeviceState> states;
        private final LoopByHand real;
        private final Guess truth;

        Made(Random random, SchemeKind scheme) {
            this.random = random;
            this.scheme = scheme;
            double[] kit = {1000, 2200, 4700, 5600, 10_000};
            int one = random.nextInt(kit.length);
            this.end = kit[one];
            this.alarm = kit[(one + 1 + random.nextInt(kit.length - 1)) % kit.length];
            this.second = 15_000;
            double metres = 10 + random.nextInt(140);
            this.pair = 2 * metres * 0.092;
            boolean powered = random.nextBoolean() && scheme != SchemeKind.TWO_WIRE_SMOKE && !scheme.twoZones();
            Cable cable =
                    new Cable(new CableId("C-01"), new PointId("01"), metres, new Conductor("0.22 mm²", 92), 20, 20);
            this.planned = new FittedLoop(
                    new LoopWiring(
                            scheme,
                            end,
                            alarm,
                            second,
                            TOLERANCE * 100,
                            CONTACT_OHMS,
                            ResistorPlace.LAST_DEVICE,
                            false),
                    1,
                    powered ? SupplyLoss.CONTACT_CHANGES : SupplyLoss.NO_SUPPLY,
                    cable);
            this.states = planned.scheme().deviceStates(planned).stream()
                    .filter(state -> state != DeviceState.UNPOWERED)
                    .toList();
            this.real = new LoopByHand(scheme, made(end), made(alarm), made(second), pair, CONTACT_OHMS / 2);
            this.truth = fault();
        }

        private double made(double marked) {
            return marked * (1 + TOLERANCE * (2 * random.nextDouble() - 1));
        }

        private Guess fault() {
            List<Cause> possible = causes();
            Cause cause = possible.get(random.nextInt(possible.size()));
            boolean near = FaultyLoop.onEitherSide(cause) && random.nextBoolean();
            return new Guess(cause, value(cause), near);
        }

        private List<Cause> causes() {
            FaultyLoop loop = new FaultyLoop(planned);
            return EnumSet.complementOf(EnumSet.of(Cause.UNEXPLAINED)).stream()
                    .filter(loop::possible)
                    .toList();
        }

        private double value(Cause cause) {
            return switch (cause) {
                case JOINT -> between(60, 20_000);
                case CUT_THROUGH_DAMP -> between(150_000, 10e6);
                case LEAK, LEAK_TO_ZERO_VOLTS -> between(500, 80_000);
                case SHORT -> random.nextDouble();
                case WRONG_RESISTOR, WRONG_ALARM_RESISTOR -> wrong(cause == Cause.WRONG_RESISTOR ? end : alarm);
                case OTHER_STATE ->
                    states.get(1 + random.nextInt(states.size() - 1)).ordinal();
                case CONTACT_STICKS -> (random.nextBoolean() ? DeviceState.AT_REST : DeviceState.ACTIVE).ordinal();
                default -> 0;
            };
        }

        private double between(double least, double most) {
            return least * Math.pow(most / least, random.nextDouble());
        }

        private double wrong(double planned) {
            List<Double> made = PreferredValues.E24.between(100, 100_000).stream()
                    .filter(value -> Math.abs(value - planned) > 0.05 * planned)
                    .toList();
            return made.get(random.nextInt(made.size()));
        }

        Reading read(MeasurementSetup setup) {
            double shown = real.ohms(truth, setup);
            double error =
                    Double.isInfinite(shown) ? 0 : Reading.ohms(setup, shown).errorOhms();
            return Reading.ohms(setup, Math.max(0, shown + error * (2 * random.nextDouble() - 1)));
        }

        /// The causes of which one value at least gives every reading.
        Set<Cause> allowed(List<Reading> readings) {
            Set<Cause> allowed = EnumSet.noneOf(Cause.class);
            for (Cause cause : causes()) {
                if (guesses(cause).stream().anyMatch(guess -> gives(guess, readings))) {
                    allowed.add(cause);
                }
            }
            return allowed;
        }

        private List<Guess> guesses(Cause cause) {
            List<Guess> guesses = new ArrayList<>();
            for (double value : values(cause)) {
                guesses.add(new Guess(cause, value, false));
                if (FaultyLoop.onEitherSide(cause)) {
                    guesses.add(new Guess(cause, value, true));
                }
            }
            return guesses;
        }

        private List<Double> values(Cause cause) {
            return switch (cause) {
                case JOINT -> log(30, 100_000);
                case CUT_THROUGH_DAMP -> log(100_000, 20e6);
                case LEAK, LEAK_TO_ZERO_VOLTS -> log(30, 200_000);
                case SHORT -> even();
                case WRONG_RESISTOR, WRONG_ALARM_RESISTOR ->
                    PreferredValues.E24.between(100, 100_000).stream()
                            .filter(value -> value != (cause == Cause.WRONG_RESISTOR ? end : alarm))
                            .toList();
                case OTHER_STATE ->
                    states.stream().map(state -> (double) state.ordinal()).toList();
                case CONTACT_STICKS ->
                    List.of((double) DeviceState.AT_REST.ordinal(), (double) DeviceState.ACTIVE.ordinal());
                default -> List.of(0.0);
            };
        }

        private static List<Double> log(double least, double most) {
            List<Double> values = new ArrayList<>();
            for (int i = 0; i <= GRID; i++) {
                values.add(least * Math.pow(most / least, (double) i / GRID));
            }
            return values;
        }

        private static List<Double> even() {
            List<Double> values = new ArrayList<>();
            for (int i = 0; i <= GRID; i++) {
                values.add((double) i / GRID);
            }
            return values;
        }

        private boolean gives(Guess guess, List<Reading> readings) {
            LoopByHand low = marked(1 - TOLERANCE, 0);
            LoopByHand high = marked(1 + TOLERANCE, CONTACT_OHMS);
            Guess least = toleranced(guess, 1 - TOLERANCE);
            Guess most = toleranced(guess, 1 + TOLERANCE);
            return readings.stream()
                    .allMatch(reading ->
                            within(reading, low.ohms(least, reading.setup()), high.ohms(most, reading.setup())));
        }

        private static Guess toleranced(Guess guess, double factor) {
            return switch (guess.cause()) {
                case WRONG_RESISTOR, WRONG_ALARM_RESISTOR ->
                    new Guess(guess.cause(), guess.value() * factor, guess.near());
                default -> guess;
            };
        }

        private LoopByHand marked(double factor, double contact) {
            return new LoopByHand(scheme, end * factor, alarm * factor, second * factor, pair, contact);
        }

        private static boolean within(Reading reading, double low, double high) {
            if (Double.isInfinite(reading.ohms()) || Double.isInfinite(low)) {
                return Double.isInfinite(reading.ohms()) && Double.isInfinite(high);
            }
            double slack = SIGMAS * reading.errorOhms();
            return reading.ohms() >= low - slack && reading.ohms() <= high + slack;
        }
    }

    private static List<Reading> measured(Made made) {
        List<Reading> readings =
                new ArrayList<>(List.of(made.read(MeasurementSetup.AT_REST), made.read(MeasurementSetup.ACTIVE)));
        Diagnosis diagnosis = diagnose(made, readings);
        while (diagnosis.next().isPresent() && readings.size() < MOST_READINGS) {
            readings.add(made.read(diagnosis.next().get().setup()));
            diagnosis = diagnose(made, readings);
        }
        return readings;
    }

    private static Diagnosis diagnose(Made made, List<Reading> readings) {
        return Diagnosis.of(
                made.planned, DataFiles.priors().withKit(Set.of(1000.0, 2200.0, 4700.0, 5600.0, 10_000.0)), readings);
    }

    @Test
    void theOnlyCauseThatTheReadingsAllowIsFirst() {
        Random random = new Random(20);
        int told = 0;
        int first = 0;
        List<String> missed = new ArrayList<>();
        List<String> ruledOut = new ArrayList<>();
        for (int number = 0; number < FAULTS; number++) {
            Made made = new Made(random, SchemeKind.values()[number % SchemeKind.values().length]);
            List<Reading> readings = measured(made);
            Set<Cause> allowed = made.allowed(readings);
            Cause named = diagnose(made, readings).explanations().getFirst().cause();
            String what = "%s %s: %s of %s, %s".formatted(made.scheme, made.truth, named, allowed, readings);
            if (!allowed.contains(named)) {
                ruledOut.add(what);
            }
            if (allowed.equals(Set.of(made.truth.cause()))) {
                told++;
                first += named == made.truth.cause() ? 1 : 0;
                if (named != made.truth.cause()) {
                    missed.add(what);
                }
            }
        }
        assertThat(ruledOut).as("causes named that the readings rule out").isEmpty();
        assertThat(told).isGreaterThan(FAULTS / 2);
        assertThat((double) first / told).as(String.join("\n", missed)).isGreaterThan(0.9);
    }
}
