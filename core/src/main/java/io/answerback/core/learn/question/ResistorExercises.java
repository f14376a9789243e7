package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.loop.resistor.BandColour;
import io.answerback.core.loop.resistor.ColourCode;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/// Reading bands (grades 1 and 3), giving bands (grades 2 and 4), and picking a resistor out of a bag (grade
/// 5).
final class ResistorExercises {
    private static final double LEAST_OHMS = 100;
    private static final double MOST_OHMS = 100_000;
    private static final int BAG = 5;
    private static final double EXACT = 1e-6;
    private static final String SLIP =
            "A resistor of another value moves the loop out of its band: the zone stands in alarm or tamper.";

    private ResistorExercises() {}

    static Exercise make(int grade, long seed, Random random) {
        boolean four = grade <= 2;
        List<Double> values = (four ? PreferredValues.E24 : PreferredValues.E96).between(LEAST_OHMS, MOST_OHMS);
        double ohms = values.get(random.nextInt(values.size()));
        double tolerance = four ? 5 : 1;
        String bands = bands(ohms, tolerance);
        Picture picture = new Picture.Bands(colours(ohms, tolerance));
        return switch (grade) {
            case 1, 3 ->
                new Exercise(
                                ExerciseKind.RESISTOR,
                                grade,
                                seed,
                                "Which value has this resistor?",
                                List.of("Bands, from the end they are nearest to: " + bands),
                                List.of(),
                                Solution.ohms(
                                        ohms,
                                        EXACT,
                                        Figures.resistor(ohms),
                                        Text.of("%s is %s, ±%.0f %%.", bands, Figures.resistor(ohms), tolerance),
                                        SLIP))
                        .withPicture(picture);
            case 2, 4 ->
                new Exercise(
                        ExerciseKind.RESISTOR,
                        grade,
                        seed,
                        Text.of("Which bands has a resistor of %s, ±%.0f %%?", Figures.resistor(ohms), tolerance),
                        List.of("Answer with colours and commas between them, the tolerance last."),
                        List.of(),
                        Solution.exactly(bands, Text.of("%s is %s.", Figures.resistor(ohms), bands), SLIP));
            default -> bag(grade, seed, ohms, tolerance, values, random);
        };
    }

    private static String bands(double ohms, double tolerance) {
        return words(colours(ohms, tolerance));
    }

    private static String words(List<BandColour> bands) {
        return bands.stream().map(BandColour::word).collect(Collectors.joining(", "));
    }

    private static List<BandColour> colours(double ohms, double tolerance) {
        return tolerance > 2 ? ColourCode.fourBands(ohms, tolerance) : ColourCode.bands(ohms, tolerance);
    }

    private static Exercise bag(
            int grade, long seed, double ohms, double tolerance, List<Double> values, Random random) {
        List<List<BandColour>> bag = new ArrayList<>(List.of(colours(ohms, tolerance)));
        while (bag.size() < BAG) {
            List<BandColour> other = colours(values.get(random.nextInt(values.size())), tolerance);
            if (!bag.contains(other)) {
                bag.add(other);
            }
        }
        Collections.shuffle(bag, random);
        return new Exercise(
                        ExerciseKind.RESISTOR,
                        grade,
                        seed,
                        Text.of(
                                "The input needs %s. Which of these do you take out of the bag?",
                                Figures.resistor(ohms)),
                        List.of(),
                        bag.stream().map(ResistorExercises::words).toList(),
                        Solution.exactly(bands(ohms, tolerance), "The others have other values.", SLIP))
                .withPicture(new Picture.Bag(bag));
    }
}
