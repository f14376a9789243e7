package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// Work at a box and a check of a whole site, solved from what is printed in the lid, on the plan and on the
/// meter.
class SolvedOnSiteTest {
    private static final Pattern TERMINAL = Pattern.compile("(.+) \\((.+)\\)");

    /// What the lid says each terminal is for, by the words of the terminal.
    private static Map<String, String> lid(Exercise exercise) {
        Map<String, String> lid = new TreeMap<>();
        for (String one : Pencil.given(exercise, "Terminals: ").split("; ")) {
            Matcher matcher = TERMINAL.matcher(one);
            assertThat(matcher.matches()).as(one).isTrue();
            lid.put(matcher.group(1), matcher.group(2));
        }
        return lid;
    }

    /// What each core is for, by its colour, in the order of the cable.
    private static Map<String, String> cores(Exercise exercise) {
        return exercise.given().stream()
                .takeWhile(line -> !line.equals("As landed:"))
                .filter(line -> line.matches("[a-z/ -]+: .*"))
                .collect(Collectors.toMap(
                        line -> line.replaceAll(": .*", ""), line -> line.replaceAll("^.*?: ", ""), (a, b) -> a));
    }

    /// The terminal for a core; empty for one that goes to none.
    private static Optional<String> terminal(Exercise exercise, String use) {
        return lid(exercise).entrySet().stream()
                .filter(one -> serves(one.getValue(), use))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static boolean serves(String purpose, String use) {
        if (use.endsWith("from the output that resets detectors")) {
            return purpose.equals("output 1");
        }
        if (use.contains(", on input ")) {
            int input = Pencil.figures(use).getLast().intValue();
            return use.startsWith("loop return")
                    ? purpose.equals("loop return of every input")
                            || purpose.startsWith("loop return")
                                    && Pencil.figures(purpose).contains((double) input)
                    : purpose.equals("loop of input " + input);
        }
        return purpose.equals(use) || use.equals("event " + purpose);
    }

    @Test
    void coresGoWhereTheLidSays() {
        for (int grade : List.of(1, 5)) {
            Pencil.all(ExerciseKind.WIRING, grade, exercise -> {
                Map<String, String> cores = cores(exercise);
                if (grade == 1) {
                    return terminal(exercise, cores.get(exercise.asked().replaceAll(".*core (.*) go\\?", "$1")))
                            .orElse("?");
                }
                return cores.entrySet().stream()
                        .flatMap(core ->
                                terminal(exercise, core.getValue()).stream().map(where -> core.getKey() + "=" + where))
                        .collect(Collectors.joining("; "));
            });
        }
    }

    @Test
    void coresThatAreNotWhereTheyBelongAreTheOnes() {
        for (int grade : List.of(2, 4)) {
            Pencil.all(ExerciseKind.WIRING, grade, exercise -> {
                Map<String, String> cores = cores(exercise);
                List<String> wrong = new ArrayList<>();
                exercise.given().stream()
                        .dropWhile(line -> !line.equals("As landed:"))
                        .skip(1)
                        .forEach(line -> {
                            String[] landed = line.split(" in ", 2);
                            if (!terminal(exercise, cores.get(landed[0]))
                                    .orElse("?")
                                    .equals(landed[1])) {
                                wrong.add(landed[0]);
                            }
                        });
                return String.join(", ", wrong);
            });
        }
    }

    /// Every check is made of every point; what the meter, the station and the keypad say leaves one slip.
    @Test
    void threeThingsAreFoundByCheckingEverything() {
        for (int grade = 1; grade <= 5; grade++) {
            Pencil.all(
                    ExerciseKind.COMMISSIONING,
                    grade,
                    exercise -> exercise.given().stream()
                            .skip(1)
                            .map(line -> line.replaceAll(": .*", ""))
                            .flatMap(point -> slip(exercise, point).map(slip -> point + ": " + slip).stream())
                            .collect(Collectors.joining("; ")));
        }
    }

    private static String shows(Exercise exercise, String step) {
        return exercise.work().orElseThrow().shows(List.of(), step);
    }

    private static Optional<String> slip(Exercise exercise, String point) {
        String id = point.replaceAll(" .*", "");
        Matcher entry = Pattern.compile("typed: (.*), area (\\S+) \\(planned: (.*), area (\\S+)\\)")
                .matcher(shows(exercise, "entry-" + id));
        Matcher read = Pattern.compile("at rest (.*) \\(should be (.*)\\), active (.*) \\(should be (.*)\\)")
                .matcher(shows(exercise, "read-" + id));
        assertThat(entry.matches() && read.matches()).isTrue();
        if (entry.group(1).equals("not used")) {
            return Optional.of("zone left unused");
        } else if (!entry.group(1).equals(entry.group(3))) {
            return Optional.of("wrong type of zone");
        } else if (!entry.group(2).equals(entry.group(4))) {
            return Optional.of("wrong area");
        } else if (read.group(1).equals(read.group(2)) && read.group(3).equals(read.group(4))) {
            return Optional.empty();
        } else if (read.group(1).equals("open") && read.group(3).equals("open")) {
            return Optional.of("loose core");
        }
        return Optional.of(read.group(1).equals(read.group(3)) ? "contact that sticks" : "wrong end-of-line resistor");
    }
}
