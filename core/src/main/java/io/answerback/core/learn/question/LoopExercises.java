package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.learn.faultfinding.FaultExercises;
import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.FarEnd;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.LoopWiring;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/// Loops: what a meter reads in a state (grades 1 and 2), what the panel makes of it (3), which states it
/// takes for one another (4), and what is no longer seen with the resistor at the panel (5).
final class LoopExercises {
    private static final double LEAST_OHMS = 1000;
    private static final double MOST_OHMS = 10_000;
    private static final double SHARE = 0.03;
    private static final double JOINT_OHMS = 100_000;
    private static final int TRIES = 60;
    private static final String NOTHING = "nothing";
    private static final String SLIP =
            "If you do not know what a loop should read, you take a fault for a state and leave it in the wall.";

    private LoopExercises() {}

    /// A loop with what the panel makes of it.
    private record Place(FittedLoop loop, BandChart chart, String point) {
        String reads(DeviceState state, LoopFault fault) {
            return chart.reads(ohms(state, fault)).map(Meaning::word).orElse("undefined");
        }

        double ohms(DeviceState state, LoopFault fault) {
            return LoopNetwork.of(loop, state, fault, FarEnd.DEVICE).range().nominalOhms();
        }

        List<DeviceState> states() {
            return MeasurementSetup.of(loop).stream()
                    .flatMap(setup -> setup.device().stream())
                    .distinct()
                    .toList();
        }

        /// What the panel makes of each state, and of each fault of the cable at rest.
        Map<String, String> all() {
            Map<String, String> all = new LinkedHashMap<>();
            states().forEach(state -> all.put(words(state), reads(state, LoopFault.NONE)));
            faults().forEach((words, fault) -> all.put(words, reads(DeviceState.AT_REST, fault)));
            return all;
        }

        static Map<String, LoopFault> faults() {
            Map<String, LoopFault> faults = new LinkedHashMap<>();
            faults.put("a broken core", LoopFault.of(FaultKind.CUT));
            faults.put("the cores shorted at the device", LoopFault.shortAt(10_000));
            faults.put("a joint of 100 kΩ", new LoopFault(FaultKind.JOINT, JOINT_OHMS));
            return faults;
        }
    }

    static Exercise make(int grade, long seed, List<WiredPoint> points, Random random) {
        Ask ask = new Ask(ExerciseKind.LOOP, grade, seed);
        for (int i = 0; i < TRIES; i++) {
            Optional<Exercise> made = place(points, grade, random).flatMap(place -> of(ask, place, random));
            if (made.isPresent()) {
                return made.get();
            }
        }
        throw new IllegalArgumentException("the sites have no loop with several states; give others");
    }

    private static Optional<Place> place(List<WiredPoint> points, int grade, Random random) {
        WiredPoint point = Exercises.one(points, random, "loop");
        List<SchemeBands> schemes = point.model().schemes();
        SchemeBands bands = schemes.get(random.nextInt(schemes.size()));
        return point.fitted()
                .filter(fitted -> !point.point().kind().twoWire())
                .filter(fitted -> FaultExercises.fits(bands.scheme(), grade))
                .map(fitted -> fitted.withWiring(fitted.wiring().expectedBy(bands)))
                .map(fitted -> new Place(
                        grade <= 2 ? varied(fitted, random) : fitted,
                        BandChart.of(bands, point.model()),
                        point.point().name()));
    }

    private static FittedLoop varied(FittedLoop loop, Random random) {
        List<Double> values = PreferredValues.E12.between(LEAST_OHMS, MOST_OHMS);
        return loop.withWiring(loop.wiring()
                .withEndOfLineOhms(values.get(random.nextInt(values.size())))
                .withAlarmOhms(values.get(random.nextInt(values.size())))
                .withSecondOhms(values.get(random.nextInt(values.size()))));
    }

    private static Optional<Exercise> of(Ask ask, Place place, Random random) {
        return switch (ask.grade()) {
            case 1, 2 -> Optional.of(reading(ask, place, random));
            case 3 -> Optional.of(meaning(ask, place, random));
            case 4 -> alike(ask, place, random);
            default -> atPanel(ask, place, random);
        };
    }

    private static String words(DeviceState state) {
        return "the state \"" + state.id().replace('-', ' ') + "\"";
    }

    private static List<String> given(Place place) {
        LoopWiring wiring = place.loop().wiring();
        List<String> given = new ArrayList<>(FaultExercises.parts(wiring));
        given.add(Text.of(
                "%s on it; a closed contact has %s Ω",
                Text.counted(place.loop().contacts(), "device"), Figures.plain(wiring.contactOhms())));
        Conductor conductor = place.loop().cable().conductor();
        given.add(Text.of(
                "Cable %.0f m of %s, %s Ω a kilometre of core",
                place.loop().cable().metres(), conductor.name(), Figures.plain(conductor.ohmsPerKilometre())));
        return given;
    }

    /// Beside the parts, what the panel makes of resistances.
    private static List<String> givenWithBands(Place place) {
        List<String> given = new ArrayList<>(given(place));
        given.add("The panel reads "
                + Text.listed(
                        place.chart().bands().stream().map(LoopExercises::words).toList())
                + "; undefined between them");
        return given;
    }

    private static String words(Band band) {
        String from = band.low() <= BandChart.SCALE_LOW_OHMS ? "" : "from " + Figures.ohms(band.low()) + " ";
        String to = band.high() >= BandChart.SCALE_HIGH_OHMS ? "up" : "to " + Figures.ohms(band.high());
        return band.meaning().word() + " " + from + to;
    }

    private static Exercise shown(Exercise exercise, Place place) {
        return exercise.withPicture(new Picture.Loop(place.loop(), "the input", place.point(), false));
    }

    private static Exercise reading(Ask ask, Place place, Random random) {
        List<DeviceState> all = place.states();
        List<DeviceState> states = ask.grade() == 1 ? all.subList(0, Math.min(2, all.size())) : all;
        DeviceState state = states.get(random.nextInt(states.size()));
        double ohms = place.ohms(state, LoopFault.NONE);
        String right = Double.isInfinite(ohms) ? "open" : Figures.ohms(ohms);
        Solution solution =
                Solution.ohms(ohms, SHARE, right, Text.of("In %s this loop reads %s.", words(state), right), SLIP);
        return shown(
                ask.of(
                        Text.of("What does a meter read at the input, the cores lifted, in %s?", words(state)),
                        given(place),
                        List.of(),
                        solution),
                place);
    }

    private static Exercise meaning(Ask ask, Place place, Random random) {
        List<Map.Entry<String, String>> all = List.copyOf(place.all().entrySet());
        Map.Entry<String, String> asked = all.get(random.nextInt(all.size()));
        List<String> choices = Stream.concat(Stream.of(Meaning.values()).map(Meaning::word), Stream.of("undefined"))
                .toList();
        return shown(
                ask.of(
                        Text.of("What does the panel make of %s?", asked.getKey()),
                        givenWithBands(place),
                        choices,
                        Solution.exactly(
                                asked.getValue(),
                                Text.of("It makes \"%s\" of %s.", asked.getValue(), asked.getKey()),
                                SLIP)),
                place);
    }

    private static Optional<Exercise> alike(Ask ask, Place place, Random random) {
        Map<String, String> all = place.all();
        List<String> names = List.copyOf(all.keySet());
        String asked = names.get(random.nextInt(names.size()));
        List<String> same = names.stream()
                .filter(name -> !name.equals(asked) && all.get(name).equals(all.get(asked)))
                .toList();
        List<String> choices = Stream.concat(names.stream().filter(name -> !name.equals(asked)), Stream.of(NOTHING))
                .toList();
        List<String> right = same.isEmpty() ? List.of(NOTHING) : same;
        String why = Text.of("To the panel %s is \"%s\"; so is: %s.", asked, all.get(asked), Text.listed(right));
        return Optional.of(shown(
                ask.of(
                        Text.of("What looks to the panel just like %s? One is enough.", asked),
                        givenWithBands(place),
                        choices,
                        oneOf(right, why)),
                place));
    }

    private static Solution oneOf(List<String> right, String why) {
        return answer -> {
            boolean same = right.stream().anyMatch(answer::equalsIgnoreCase);
            return new Judgement(same, right.getFirst(), same ? why : why + " " + SLIP);
        };
    }

    private static Optional<Exercise> atPanel(Ask ask, Place place, Random random) {
        if (!place.loop().scheme().hasEndOfLine()) {
            return Optional.empty();
        }
        Place panel = new Place(
                place.loop().withWiring(place.loop().wiring().withPlace(ResistorPlace.IN_PANEL)),
                place.chart(),
                place.point());
        List<String> names = new ArrayList<>(place.all().keySet());
        names.remove(words(DeviceState.AT_REST));
        Map<String, String> before = place.all();
        Map<String, String> after = panel.all();
        List<String> lost = names.stream()
                .filter(name -> after.get(name).equals(Meaning.NORMAL.word())
                        && !before.get(name).equals(Meaning.NORMAL.word()))
                .toList();
        List<String> right = lost.isEmpty() ? List.of(NOTHING) : lost;
        names.add(NOTHING);
        String why = Text.of("With the resistor at the panel this looks normal: %s.", Text.listed(right));
        return Optional.of(shown(
                ask.of(
                        "The end-of-line resistor sits in the panel. What does the panel take for normal that it would have seen with the resistor at the device? One is enough.",
                        givenWithBands(place),
                        names,
                        oneOf(right, why)),
                panel));
    }
}
