package io.answerback.core.exercise;

import io.answerback.core.common.Figures;
import io.answerback.core.common.Text;
import io.answerback.core.device.SchemeKind;
import io.answerback.core.device.SchemeKind.Part;
import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.loop.FarEnd;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.resistor.PreferredValues;
import io.answerback.core.scheme.DeviceState;
import io.answerback.core.scheme.FittedLoop;
import io.answerback.core.scheme.LoopFault;
import io.answerback.core.scheme.Range;
import io.answerback.core.site.LoopWiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// What a loop reads in a state, with values that change: higher grades have more resistors and more states.
final class LoopExercises {
    private static final double LEAST_OHMS = 1000;
    private static final double MOST_OHMS = 10_000;
    private static final double SHARE = 0.03;
    private static final String SLIP =
            "Who does not know what a loop should read takes a fault for a state, and leaves it in the wall.";

    private LoopExercises() {}

    /// The loops of a grade among those there are; all of them where none is so simple.
    private static List<FittedLoop> of(int grade, List<FittedLoop> loops) {
        List<FittedLoop> fitting = loops.stream()
                .filter(loop -> resistors(loop) <= (grade + 1) / 2 + 1)
                .toList();
        return fitting.isEmpty() ? loops : fitting;
    }

    private static int resistors(FittedLoop loop) {
        SchemeKind scheme = loop.wiring().scheme();
        int count = 0;
        for (Part part : Part.values()) {
            count += scheme.has(part) ? 1 : 0;
        }
        return count;
    }

    static Exercise make(int grade, long seed, List<FittedLoop> loops, Random random) {
        List<FittedLoop> those = of(grade, loops);
        FittedLoop loop = varied(those.get(random.nextInt(those.size())), random);
        List<DeviceState> states = states(loop, grade);
        DeviceState state = states.get(random.nextInt(states.size()));
        Range range = LoopNetwork.of(loop, state, LoopFault.NONE, FarEnd.DEVICE).range();
        double ohms = range.nominalOhms();
        String right = Double.isInfinite(ohms) ? "open" : Figures.ohms(ohms);
        return new Exercise(
                ExerciseKind.LOOP,
                grade,
                seed,
                Text.of("What does a meter read at the input, the cores lifted, in the state \"%s\"?", state.id()),
                given(loop),
                List.of(),
                Solution.ohms(
                        ohms,
                        SHARE,
                        right,
                        Text.of("In the state \"%s\" this loop reads %s.", state.id(), right),
                        SLIP));
    }

    private static FittedLoop varied(FittedLoop loop, Random random) {
        List<Double> values = PreferredValues.E12.between(LEAST_OHMS, MOST_OHMS);
        LoopWiring wiring = loop.wiring()
                .withEndOfLineOhms(values.get(random.nextInt(values.size())))
                .withAlarmOhms(values.get(random.nextInt(values.size())))
                .withSecondOhms(values.get(random.nextInt(values.size())));
        return loop.withWiring(wiring);
    }

    private static List<DeviceState> states(FittedLoop loop, int grade) {
        List<DeviceState> all = MeasurementSetup.of(loop).stream()
                .flatMap(setup -> setup.device().stream())
                .distinct()
                .toList();
        return grade == 1 ? all.subList(0, Math.min(2, all.size())) : all;
    }

    private static List<String> given(FittedLoop loop) {
        LoopWiring wiring = loop.wiring();
        List<String> given = new ArrayList<>();
        given.add("Scheme: " + wiring.scheme().words());
        if (wiring.scheme().has(Part.END_OF_LINE)) {
            given.add("End-of-line resistor " + Figures.resistor(wiring.endOfLineOhms()));
        }
        if (wiring.scheme().has(Part.ALARM)) {
            given.add("Resistor of the alarm contact " + Figures.resistor(wiring.alarmOhms()));
        }
        if (wiring.scheme().has(Part.SECOND)) {
            given.add("Resistor of the second contact " + Figures.resistor(wiring.secondOhms()));
        }
        given.add(Text.of(
                "Cable %.0f m of %s",
                loop.cable().metres(), loop.cable().conductor().name()));
        return given;
    }
}
