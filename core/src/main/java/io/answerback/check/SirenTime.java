package io.answerback.check;

import io.answerback.job.Practice;
import io.answerback.job.RuleFigure;
import io.answerback.supply.SounderState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Sounders that sound longer than the rule allows, longer than the supply's battery is counted on to carry an alarm,
/// or longer than the battery inside them lasts.
final class SirenTime implements JobRule {
    static final String RULE = "siren-time";
    static final String OWN_BATTERY = "sounder-battery-short";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        List<SounderState> sounders = facts.supplies().sounders().sounders();
        Optional<Double> minutes = facts.job().power().sounding().minutes();
        if (sounders.isEmpty()) {
            return Stream.empty();
        }
        if (minutes.isEmpty()) {
            return Stream.of(undecided(facts.job().practice()));
        }
        double asked = minutes.get();
        return Stream.concat(
                against(facts.job().practice(), asked),
                sounders.stream().filter(sounder -> !sounder.lasts(asked)).map(sounder -> runsOut(sounder, asked)));
    }

    private static Finding undecided(Practice practice) {
        return of(
                RULE,
                Grade.NOTE,
                "Nobody has decided how long the sounders sound",
                "The rule allows %.0f min; many panels leave the maker with more."
                        .formatted(practice.figure(RuleFigure.SIREN_MINUTES)),
                "Say it on the sounders' sheet.");
    }

    private static Stream<Finding> against(Practice practice, double asked) {
        double rule = practice.figure(RuleFigure.SIREN_MINUTES);
        double counted = practice.figure(RuleFigure.ALARM_MINUTES);
        if (asked > rule) {
            return Stream.of(of(
                    RULE,
                    Grade.WRONG,
                    "The sounders sound %.0f min; the rule allows %.0f min".formatted(asked, rule),
                    "Neighbours are disturbed for longer than the noise rules this firm works to allow.",
                    "Set %.0f min or less. Check your edition and local code.".formatted(rule)));
        }
        return asked > counted
                ? Stream.of(of(
                        RULE,
                        Grade.TIGHT,
                        "The sounders sound %.0f min; the battery is counted on for %.0f min".formatted(asked, counted),
                        "The alarm takes more out of the battery than its size allows for.",
                        "Set %.0f min, or raise the alarm time in the rules of this job.".formatted(counted)))
                : Stream.empty();
    }

    private static Finding runsOut(SounderState sounder, double asked) {
        return new Finding(
                OWN_BATTERY + ":" + sounder.part(),
                Stop.POWER,
                Grade.WRONG,
                "",
                sounder.part(),
                "The battery inside %s falls silent early".formatted(sounder.part()),
                "Cold, old and with a quarter kept back it sounds %.0f min on %s; %.0f min are asked for."
                        .formatted(
                                sounder.ownMinutes().orElse(0.0),
                                sounder.level().name(),
                                asked),
                "Set its link to a softer level, or fit the larger battery its maker has for it.");
    }

    private static Finding of(String rule, Grade grade, String says, String why, String remedy) {
        return new Finding(rule, Stop.POWER, grade, "", "", says, why, remedy);
    }
}
