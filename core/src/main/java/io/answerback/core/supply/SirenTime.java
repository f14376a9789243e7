package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Parts;
import io.answerback.core.setup.SetupState;
import java.util.List;
import java.util.stream.Stream;

/// No sounder at all, and sounders that do not sound, that stop before their time, that sound longer than the
/// rule allows, longer than the supply's battery is counted on to carry an alarm, or longer than the battery
/// inside them lasts.
public final class SirenTime implements JobCheck {
    /// The sounders do not sound, or sound longer than a rule, the standby supply or local law allows.
    public static final Rule RULE = new Rule(
            "siren-time",
            Stop.POWER,
            Grade.WRONG,
            "The sounders do not sound, or sound longer than a rule, the standby supply or local law allows.",
            "Too short is not heard; too long disturbs, and empties the battery.");

    /// The job has neither a sounder nor a speaker.
    public static final Rule NONE = new Rule(
            "no-sounder",
            Stop.POWER,
            Grade.NOTE,
            "The job has neither a sounder nor a speaker.",
            "An alarm is heard by the station alone.");

    /// The battery inside a sounder does not last as long as it is to sound.
    public static final Rule OWN_BATTERY = new Rule(
            "sounder-battery-short",
            Stop.POWER,
            Grade.WRONG,
            "The battery inside a sounder does not last as long as it is to sound.",
            "It falls silent when its cable is cut.");

    /// A sounder falls silent by itself before the time that is asked for.
    public static final Rule STOPS_EARLY = new Rule(
            "sounder-stops-early",
            Stop.POWER,
            Grade.TIGHT,
            "A sounder falls silent by itself before the time that is asked for.",
            "The panel goes on asking, and nothing is heard.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, NONE, OWN_BATTERY, STOPS_EARLY);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        if (!fitted(job)) {
            return job.points().isEmpty() ? Stream.empty() : Stream.of(none(job));
        }
        double asked = facts.of(SetupState.FACT).sounderMinutes();
        List<SounderState> sounders = facts.of(Supplies.FACT).sounders().sounders();
        return Stream.of(
                        against(job.practice(), asked),
                        sounders.stream()
                                .filter(sounder -> !sounder.lasts(asked))
                                .map(sounder -> runsOut(sounder, asked)),
                        sounders.stream()
                                .filter(sounder -> sounder.stopsBefore(asked))
                                .map(sounder -> stopsEarly(sounder, asked)))
                .flatMap(its -> its);
    }

    private static boolean fitted(Parts job) {
        return job.modules().stream()
                .flatMap(module -> job.kindOf(module).stream())
                .anyMatch(kind -> kind.sort() == ModuleSort.SOUNDER || kind.sort() == ModuleSort.SPEAKER);
    }

    private static Finding none(Parts job) {
        return NONE.finds(
                        new Target.OfJob(),
                        "Nothing sounds an alarm on site",
                        "The job has neither a sounder nor a speaker, so an alarm is heard by the station alone.",
                        "Put one on the list of modules; where the site is to be silent, local rules and the client decide.")
                .of("");
    }

    private static Stream<Finding> against(Practice practice, double asked) {
        double rule = practice.figure(RuleFigure.SIREN_MINUTES);
        double counted = practice.figure(RuleFigure.ALARM_MINUTES);
        if (asked <= 0) {
            return Stream.of(of(
                    RULE,
                    Grade.WRONG,
                    "The sounders sound for 0 min",
                    "They are fitted and never heard.",
                    Text.of("Decide a time, at most %.0f min by the rule. Check your edition and local code.", rule)));
        }
        if (asked > rule) {
            return Stream.of(of(
                    RULE,
                    Grade.WRONG,
                    Text.of("The sounders sound %.0f min; the rule allows %.0f min", asked, rule),
                    "Neighbours are disturbed for longer than the noise rules this firm works to allow.",
                    Text.of("Set %.0f min or less. Check your edition and local code.", rule)));
        }
        return asked > counted
                ? Stream.of(of(
                        RULE,
                        Grade.TIGHT,
                        Text.of("The sounders sound %.0f min; the battery is counted on for %.0f min", asked, counted),
                        "The alarm takes more out of the battery than its size allows for.",
                        Text.of("Set %.0f min, or raise the alarm time in the rules of this job.", counted)))
                : Stream.empty();
    }

    private static Finding runsOut(SounderState sounder, double asked) {
        return OWN_BATTERY.finds(
                new Target.OfBox(sounder.part()),
                Text.of("The battery inside %s is too small for its sounding time", sounder.title()),
                Text.of(
                        "Cold, old and with a design margin of 1.25 it sounds %.0f min on %s; %.0f min are asked for.",
                        sounder.ownMinutes().orElse(0.0), sounder.level().name(), asked),
                "Choose a low-output setting of its link, or fit the larger battery its maker has for it.");
    }

    private static Finding stopsEarly(SounderState sounder, double asked) {
        return STOPS_EARLY.finds(
                new Target.OfBox(sounder.part()),
                Text.of(
                        "%s falls silent after %.0f min",
                        sounder.title(), sounder.unit().mostMinutes()),
                Text.of("Its own timer ends it; %.0f min are asked for.", asked),
                "Set its timer as long as the panel's where it can be set, or ask for no more than it gives. Check your edition and local code.");
    }

    private static Finding of(Rule rule, Grade grade, String says, String why, String remedy) {
        return rule.finds(grade, new Target.OfJob(), says, why, remedy);
    }
}
