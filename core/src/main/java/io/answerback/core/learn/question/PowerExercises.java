package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.learn.question.DropExercises.Starved;
import io.answerback.core.model.common.Text;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.battery.BatteryWear;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.supply.battery.SupplyCurrent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;

/// Supplies: what they carry at rest (grade 1), which battery (2), how long it lasts (3), which device drops
/// out (4), and which remedy is enough (5).
final class PowerExercises {
    private static final double SHARE = 0.05;
    private static final int MOST_LINES = 8;
    private static final String SHORT_SLIP =
            "The battery is flat before the mains is back, and the site is unwatched while nobody knows.";

    private PowerExercises() {}

    /// A battery that is asked about.
    private record Asked(SupplyCurrent draw, double celsius, double hours) {
        double usable() {
            return BatteryWear.designed(celsius).usable(1);
        }

        double requiredAmpHours() {
            return draw.requiredAmpHours(hours) / usable();
        }

        List<String> given() {
            return List.of(
                    Text.of("At rest it carries %.0f mA", draw.standbyAmps() * 1000),
                    Text.of(
                            "In alarm it carries %.0f mA, for %.0f min",
                            draw.alarmAmps() * 1000, draw.alarmHours() * 60),
                    Text.of("It stands where it gets as cold as %.0f °C", celsius),
                    Text.of(
                            "Cold, old and with the design margin %.1f %% of its rated capacity C is counted on",
                            100 * usable()),
                    "Hours at a current I: 20 · (C / (20 · I))^1.15 and never more than C / I, C in Ah as counted on, I in A; each of the two takes its share of the battery");
        }
    }

    static Exercise make(int grade, long seed, List<Assessment> sites, Supplier<List<Starved>> starved, Random random) {
        Ask ask = new Ask(ExerciseKind.POWER, grade, seed);
        return switch (grade) {
            case 1 -> atRest(ask, Exercises.one(supplies(sites), random, "supply with loads"), random);
            case 2 -> battery(ask, asked(random));
            case 3 -> hours(ask, asked(random), random);
            case 4 -> DropExercises.dropsOut(ask, sites, random);
            default -> DropExercises.remedy(ask, starved.get(), random);
        };
    }

    private static List<SupplyState> supplies(List<Assessment> sites) {
        return sites.stream()
                .flatMap(site -> site.get(Supplies.FACT).states().stream())
                .filter(state -> state.lines().size() > 2)
                .toList();
    }

    private static Exercise atRest(Ask ask, SupplyState supply, Random random) {
        List<LoadLine> lines = new ArrayList<>(supply.lines());
        Collections.shuffle(lines, random);
        lines = lines.subList(0, Math.min(MOST_LINES, lines.size()));
        double sum = 0;
        List<String> given = new ArrayList<>();
        for (LoadLine line : lines) {
            int count = line.part().equals(supply.module()) ? 1 : 1 + random.nextInt(4);
            sum += count * line.milliamps(false);
            given.add(Text.of(
                    "%d × %s: %.1f mA at rest, %.1f mA in alarm each",
                    count, line.title(), line.milliamps(false), line.milliamps(true)));
        }
        return ask.of(
                "What does this supply carry at rest, in mA?",
                given,
                List.of(),
                FigureSolution.of(sum, SHARE, "mA", "The currents at rest add up to it.", SHORT_SLIP));
    }

    private static Asked asked(Random random) {
        double standby = (80 + random.nextInt(620)) / 1000.0;
        double alarm = standby + (200 + random.nextInt(1200)) / 1000.0;
        double[] hours = {4, 8, 12, 24, 36, 72};
        double[] celsius = {-10, 0, 5, 10, 20};
        return new Asked(
                new SupplyCurrent(standby, alarm, (5 + 5 * random.nextInt(6)) / 60.0),
                celsius[random.nextInt(celsius.length)],
                hours[random.nextInt(hours.length)]);
    }

    private static Exercise battery(Ask ask, Asked asked) {
        double required = asked.requiredAmpHours();
        List<String> given = new ArrayList<>(asked.given());
        given.add(Text.of("It has to last %.0f h and carry the alarm then", asked.hours()));
        String right = LeadAcid.STOCK_AMP_HOURS.stream()
                .filter(size -> size >= required)
                .findFirst()
                .map(PowerExercises::size)
                .orElse("none of these");
        List<String> choices = new ArrayList<>(
                LeadAcid.STOCK_AMP_HOURS.stream().map(PowerExercises::size).toList());
        choices.add("none of these");
        Solution solution = Solution.exactly(
                right, Text.of("It takes %.1f Ah; the next that is sold is %s.", required, right), SHORT_SLIP);
        return ask.of("Which is the smallest battery that is enough?", given, choices, solution)
                .withWork(new SafeWork(
                        "change the battery",
                        List.of(Safeguard.ON_TEST, Safeguard.ISOLATE, Safeguard.BATTERY_OFF),
                        solution));
    }

    private static String size(double ampHours) {
        return Text.of("%.1f Ah", ampHours);
    }

    private static Exercise hours(Ask ask, Asked asked, Random random) {
        List<Double> enough = LeadAcid.STOCK_AMP_HOURS.stream()
                .filter(size -> asked.draw().standbyHours(size * asked.usable()) > 1)
                .limit(4)
                .toList();
        double rated = enough.get(random.nextInt(enough.size()));
        double hours = asked.draw().standbyHours(rated * asked.usable());
        List<String> given = new ArrayList<>(asked.given());
        given.add("The battery is rated " + size(rated));
        return ask.of(
                "How many hours without mains does it last, the alarm at their end counted in?",
                given,
                List.of(),
                FigureSolution.of(
                        hours,
                        SHARE,
                        "h",
                        Text.of(
                                "The alarm takes %.0f %% of it, the rest lasts so long.",
                                100 * asked.draw().alarmShare(rated * asked.usable())),
                        SHORT_SLIP));
    }
}
