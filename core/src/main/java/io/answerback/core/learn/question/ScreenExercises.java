package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.common.Text;
import io.answerback.core.wiring.cabling.ScreenRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;

/// A run of screened cable through a joint box: which way of earthing its screen drains.
final class ScreenExercises {
    private static final int CHOICES = 5;

    private ScreenExercises() {}

    /// The two cables of a run, the first from the box to the joint box, the second from there to a device.
    private record Way(ScreenEarth first, ScreenEarth second) {
        String words() {
            return Text.of("%s of the first cable, %s of the second", first.words(), second.words());
        }

        /// Judged as a job with such cables is.
        boolean drains(Cable cable, CableType screened) {
            return new ScreenRun(Stream.of(first, second)
                            .map(screen -> cable.withInstallation(
                                    cable.installation().withType(screened).withScreen(screen)))
                            .toList())
                    .sound();
        }
    }

    static Exercise make(Ask ask, List<Assessment> sites, List<CableType> types, Random random) {
        Cable cable = Exercises.one(
                sites.stream().flatMap(site -> site.job().cables().stream()).toList(), random, "cable");
        CableType screened =
                Exercises.one(types.stream().filter(CableType::screened).toList(), random, "screened cable");
        List<Way> right = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        for (ScreenEarth first : ScreenEarth.values()) {
            for (ScreenEarth second : ScreenEarth.values()) {
                Way way = new Way(first, second);
                if (way.drains(cable, screened)) {
                    right.add(way);
                } else {
                    wrong.add(way.words());
                }
            }
        }
        String answer = Exercises.one(right, random, "way to earth a screen").words();
        return ask.of(
                "The screen is joined through in the joint box. Where does it go to earth?",
                List.of(
                        Text.of("First cable: %s, from the panel to the joint box", screened.name()),
                        Text.of("Second cable: %s, from there to the device", screened.name())),
                Choices.of(wrong, answer, CHOICES, random),
                Solution.exactly(
                        answer,
                        "Once along the whole run: then it drains, and no current flows through it from earth to earth.",
                        "Earthed twice it carries the current between the earths and hums; earthed nowhere it drains nothing."));
    }
}
