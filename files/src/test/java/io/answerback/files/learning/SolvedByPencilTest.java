package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// Exercises solved with a pencil: from the words that are given and the published rules only, without the
/// core.
class SolvedByPencilTest {
    private static final List<String> COLOURS =
            List.of("black", "brown", "red", "orange", "yellow", "green", "blue", "violet", "grey", "white");
    private static final Map<String, Character> TONES = tones();

    private static Map<String, Character> tones() {
        Map<String, Character> tones = new TreeMap<>();
        String[] rows = {"697", "770", "852", "941"};
        String[] columns = {"1209", "1336", "1477"};
        String[] keys = {"123", "456", "789", "B0C"};
        for (int row = 0; row < rows.length; row++) {
            for (int column = 0; column < columns.length; column++) {
                tones.put(rows[row] + " + " + columns[column], keys[row].charAt(column));
            }
            tones.put(rows[row] + " + 1633", "DEFA".charAt(row));
        }
        return tones;
    }

    private static double figure(Exercise exercise, String line, int at) {
        return Pencil.figures(exercise.given().stream()
                        .filter(given -> given.contains(line))
                        .findFirst()
                        .orElseThrow())
                .get(at);
    }

    /// IEC 60062: two or three digits, then the power of ten by which they are multiplied.
    @Test
    void bandsAreReadByTheStandard() {
        for (int grade : List.of(1, 3)) {
            Pencil.all(ExerciseKind.RESISTOR, grade, exercise -> {
                String[] bands =
                        exercise.given().getFirst().replaceAll(".*: ", "").split(", ");
                int digits = bands.length - 2;
                double value = 0;
                for (int i = 0; i < digits; i++) {
                    value = 10 * value + COLOURS.indexOf(bands[i]);
                }
                return String.format(Locale.ROOT, "%.2f", value * Math.pow(10, power(bands[digits])));
            });
        }
    }

    private static int power(String band) {
        return switch (band) {
            case "gold" -> -1;
            case "silver" -> -2;
            default -> COLOURS.indexOf(band);
        };
    }

    /// What a meter reads: the resistors in series with the contacts of the scheme, and both cores of the
    /// cable.
    private static double reads(Exercise exercise, String state) {
        double far = farEnd(exercise, state);
        double cores = 2 * figure(exercise, "Cable", 0) / 1000 * last(exercise, "Cable");
        return state.equals("a broken core") ? Double.POSITIVE_INFINITY : far + cores;
    }

    private static double last(Exercise exercise, String line) {
        return Pencil.figures(exercise.given().stream()
                        .filter(given -> given.startsWith(line))
                        .findFirst()
                        .orElseThrow())
                .getLast();
    }

    private static double farEnd(Exercise exercise, String state) {
        double end = Pencil.resistor(exercise, "End-of-line");
        double alarm = Pencil.resistor(exercise, "Resistor of the alarm");
        double second = Pencil.resistor(exercise, "Resistor of the second");
        double open = Double.POSITIVE_INFINITY;
        double devices = figure(exercise, "closed contact", 0);
        double contact = figure(exercise, "closed contact", 1);
        String scheme = exercise.given().getFirst();
        if (state.equals("the cores shorted at the device")) {
            return 0;
        }
        if (state.equals("a joint of 100 kΩ")) {
            return 100_000 + farEnd(exercise, "at rest");
        }
        boolean active = !state.equals("at rest");
        boolean first = state.equals("active") || state.startsWith("both") || state.startsWith("active and");
        boolean other = state.startsWith("second") || state.startsWith("both") || state.endsWith("masked");
        return switch (scheme.substring("Scheme: ".length())) {
            case "closed loop" -> active ? open : devices * contact;
            case "normally-open loop" -> active ? contact : open;
            case "single end-of-line" -> active ? open : end;
            case "end-of-line, contact across it" -> active ? 1 / (1 / contact + 1 / end) : end;
            case "two zones, resistors in two branches" -> 1 / ((first ? 0 : 1 / alarm) + (other ? 0 : 1 / second));
            default -> state.equals("cover off") ? open : end + (first ? alarm : 0) + (other ? second : 0);
        };
    }

    /// The states and faults are named in the question and in the choices, the bands of the panel among what
    /// is given.
    private static String panelReads(Exercise exercise, String name) {
        String state = name.replaceAll("the state \"(.*)\"", "$1");
        double ohms = reads(exercise, state);
        String bands = exercise.given().getLast().replace("\u2009", "").replaceAll("The panel reads |;.*", "");
        for (String band : bands.split(", ")) {
            List<Double> edges = Pencil.figures(band);
            boolean above = !band.contains("from") || ohms >= edges.getFirst();
            boolean below = band.endsWith("up") || ohms <= edges.getLast();
            if (above && below) {
                return band.replaceAll(" (from|to|up).*", "");
            }
        }
        return "undefined";
    }

    private static String asked(Exercise exercise, String before) {
        return exercise.asked().replaceAll(".*" + before + " (.*?)[.?].*", "$1");
    }

    @Test
    void aMeterReadsWhatSchemeResistorsAndCableMake() {
        for (int grade : List.of(1, 2)) {
            Pencil.all(ExerciseKind.LOOP, grade, exercise -> {
                double ohms = reads(exercise, exercise.asked().replaceAll(".*\"(.*)\".*", "$1"));
                return Double.isInfinite(ohms) ? "open" : String.format(Locale.ROOT, "%.1f", ohms);
            });
        }
    }

    @Test
    void whatThePanelMakesOfALoopFollowsFromItsBands() {
        Pencil.all(ExerciseKind.LOOP, 3, exercise -> panelReads(exercise, asked(exercise, "make of")));
        Pencil.all(ExerciseKind.LOOP, 4, exercise -> {
            String like = panelReads(exercise, asked(exercise, "just like"));
            return exercise.choices().stream()
                    .filter(choice -> !choice.equals("nothing")
                            && panelReads(exercise, choice).equals(like))
                    .findFirst()
                    .orElse("nothing");
        });
    }

    /// SIA DC-05: the digits add up to a multiple of 15, a 0 counting 10.
    @Test
    void theCheckDigitIsCountedByHand() {
        Pencil.all(ExerciseKind.LINE, 3, exercise -> {
            String body = exercise.given().getFirst().replaceAll(".*: ", "");
            int sum = body.chars()
                    .map(digit -> digit == '0' ? 10 : Character.digit(digit, 16))
                    .sum();
            int check = (15 - sum % 15) % 15;
            return check == 0
                    ? "F"
                    : check == 10 ? "0" : Integer.toHexString(check).toUpperCase(Locale.ROOT);
        });
    }

    /// ITU-T Q.23: a tone of the low group and one of the high group make a digit.
    @Test
    void tonesAreReadByTheStandard() {
        Pencil.all(ExerciseKind.LINE, 4, exercise -> pairs(exercise));
        Pencil.all(ExerciseKind.LINE, 5, exercise -> pairs(exercise).substring(12, 15));
    }

    private static String pairs(Exercise exercise) {
        String line = exercise.given().stream()
                .filter(given -> given.startsWith("Pairs"))
                .findFirst()
                .orElseThrow();
        return List.of(line.replaceAll(".*: ", "").split(", ")).stream()
                .map(pair -> String.valueOf(TONES.get(pair)))
                .collect(Collectors.joining());
    }

    /// What is wanted, in the form that the manual gives: so many digits, or one of the entries that are
    /// listed.
    @Test
    void entriesFollowFromWhatThePanelTakes() {
        int solved = 0;
        for (int grade = 1; grade <= 2; grade++) {
            for (int seed = 0; seed < Pencil.MANY; seed++) {
                Exercise exercise = Pencil.EXERCISES.make(ExerciseKind.PROGRAMMING, grade, seed);
                Optional<String> answer = typed(exercise);
                if (answer.isPresent()) {
                    solved++;
                    assertThat(Pencil.right(exercise, answer.get()))
                            .as(
                                    "grade %d, seed %d: %s %s -> %s",
                                    grade, seed, exercise.asked(), exercise.given(), answer)
                            .isTrue();
                }
            }
        }
        assertThat(solved).isGreaterThan(Pencil.MANY);
    }

    private static Optional<String> typed(Exercise exercise) {
        String taken = exercise.given().stream()
                .filter(line -> line.startsWith("There it takes "))
                .findFirst()
                .orElse("");
        String wanted = exercise.asked().replaceAll("^.*: ([^:]*)\"\\?$", "$1");
        Matcher count = Pattern.compile(
                        "takes (?:(\\d+) digits, )?\\d+ to \\d+, counted in (?:steps of ([\\d.]+) )?(\\w+)")
                .matcher(taken);
        if (count.find() && !Pencil.figures(wanted).isEmpty()) {
            double step = count.group(2) == null ? 1 : Double.parseDouble(count.group(2));
            double asked = Pencil.figures(wanted).getFirst() * seconds(wanted.replaceAll("^[\\d.]+ ", ""));
            long steps = Math.round(asked / step / seconds(count.group(3)));
            int digits = count.group(1) == null ? 1 : Integer.parseInt(count.group(1));
            return Optional.of("%0".concat(digits + "d").formatted(steps));
        }
        Matcher option = Pattern.compile("(?:takes |, )(\\S+) for " + Pattern.quote(wanted) + "(?:,|$)")
                .matcher(taken);
        return option.find() ? Optional.of(option.group(1)) : Optional.empty();
    }

    private static double seconds(String unit) {
        return switch (unit) {
            case "ms" -> 0.001;
            case "min" -> 60;
            case "h" -> 3600;
            case "days" -> 86_400;
            default -> 1;
        };
    }

    @Test
    void whatAnEntryMeansIsNotSaidByTheEntryItself() {
        for (int seed = 0; seed < 4 * Pencil.MANY; seed++) {
            Exercise exercise = Pencil.EXERCISES.make(ExerciseKind.PROGRAMMING, 3, seed);
            String entry = exercise.asked().replaceAll("^\"(.*)\" is typed.*$", "$1");
            String meaning = exercise.judge("").solution();
            assertThat(meaning).as("seed %d: %s", seed, exercise.asked()).doesNotContain(entry);
        }
    }

    /// Two are in one menu and one in another: the two side by side, either way, before the third or behind it.
    @Test
    void everyOrderWithTheLeastWalkingIsRight() {
        Exercise exercise = Pencil.EXERCISES.make(ExerciseKind.PROGRAMMING, 4, 8415);
        assertThat(exercise.given()).filteredOn(line -> line.contains("Lines")).hasSize(2);
        for (String order : List.of("A, C, B", "C, A, B", "B, A, C", "b,c,a")) {
            assertThat(Pencil.right(exercise, order)).as(order).isTrue();
        }
        assertThat(Pencil.right(exercise, "A, B, C")).isFalse();
        assertThat(Pencil.right(exercise, "A, C")).isFalse();
    }

    @Test
    void aSupplyFeedsOnePanel() {
        for (int seed = 0; seed < Pencil.MANY; seed++) {
            assertThat(Pencil.EXERCISES.make(ExerciseKind.POWER, 1, seed).given())
                    .noneMatch(line -> line.matches("[2-9] × Panel:.*"));
        }
    }

    /// Whoever wants to reckon a remedy finds the supply, each cable on the way and the conductors there are.
    @Test
    void aRemedyCanBeReckoned() {
        Exercise exercise = Pencil.EXERCISES.make(ExerciseKind.POWER, 5, 12);
        assertThat(exercise.given())
                .anyMatch(line -> line.startsWith("At the end of discharge"))
                .anyMatch(line -> line.contains("there and back"))
                .anyMatch(line -> line.startsWith("Conductors: "));
    }

    @Test
    void currentsAreAddedUp() {
        Pencil.all(ExerciseKind.POWER, 1, exercise -> {
            double sum = 0;
            for (String line : exercise.given()) {
                Matcher matcher =
                        Pattern.compile("^(\\d+) × .*: ([\\d.]+) mA at rest").matcher(line);
                assertThat(matcher.find()).as(line).isTrue();
                sum += Integer.parseInt(matcher.group(1)) * Double.parseDouble(matcher.group(2));
            }
            return Double.toString(sum);
        });
    }

    /// The formula that is given, for the alarm first and for the rest then.
    @Test
    void theHoursOfABatteryFollowFromTheFormula() {
        Pencil.all(ExerciseKind.POWER, 3, exercise -> {
            double counted = figure(exercise, "battery is rated", 0) * figure(exercise, "is counted on", 0) / 100;
            double alarm =
                    figure(exercise, "In alarm", 1) / 60 / hours(counted, figure(exercise, "In alarm", 0) / 1000);
            return Double.toString((1 - alarm) * hours(counted, figure(exercise, "At rest", 0) / 1000));
        });
    }

    private static double hours(double ampHours, double amps) {
        return Math.min(20 * Math.pow(ampHours / (20 * amps), 1.15), ampHours / amps);
    }

    @Test
    void whatHasLeastLeftDropsOutFirst() {
        Pencil.all(
                ExerciseKind.POWER,
                4,
                exercise -> exercise.given().stream()
                        .min(Comparator.comparingDouble(SolvedByPencilTest::left))
                        .map(line -> exercise.choices().stream()
                                .filter(choice -> line.startsWith(choice + " on "))
                                .findFirst()
                                .orElseThrow())
                        .orElseThrow());
    }

    private static double left(String line) {
        Matcher matcher = Pattern.compile("([\\d.]+) V at the end of discharge, needs at least ([\\d.]+) V")
                .matcher(line);
        assertThat(matcher.find()).as(line).isTrue();
        return Double.parseDouble(matcher.group(1)) - Double.parseDouble(matcher.group(2));
    }

    @Test
    void theCableThatIsNamedNowhereInTheRingIsLeftOutAndAScreenIsEarthedOnce() {
        Pencil.all(
                ExerciseKind.WIRING,
                3,
                exercise -> exercise.choices().stream()
                        .filter(
                                exercise.asked().startsWith("The screen")
                                        ? SolvedByPencilTest::earthedOnce
                                        : cable -> exercise.given().stream()
                                                .skip(2)
                                                .noneMatch(line -> line.contains(cable)))
                        .findFirst()
                        .orElseThrow());
    }

    private static boolean earthedOnce(String way) {
        return Arrays.stream(way.split(", "))
                        .mapToInt(end -> end.startsWith("at no end") ? 0 : end.startsWith("at both") ? 2 : 1)
                        .sum()
                == 1;
    }

    @Test
    void whatIsOnTheWallIsCrossedOffWhatWasLearned() {
        Pencil.all(ExerciseKind.BUS, 3, exercise -> {
            List<Double> learned =
                    new ArrayList<>(Pencil.figures(exercise.given().getLast()));
            exercise.given().stream()
                    .filter(line -> line.contains(", address "))
                    .forEach(line -> learned.removeAll(Pencil.figures(line.replaceAll(".*, address ", ""))));
            return Integer.toString(learned.getFirst().intValue());
        });
    }
}
