package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.panel.operation.OperationState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;

/// Some seconds of a panel's life: how an area stands afterwards (grades 1, 2 and 4), and which events it
/// sends (3 and 5). The answer is what the model of the panel does.
final class SettingExercises {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final int CHOICES = 5;
    private static final int TRIES = 40;
    private static final int USER = 1;
    private static final String HOW_IT_IS_SET_UP = "How it is set up:";
    private static final String WHAT_HAPPENS = "What happens:";
    private static final String SLIP =
            "If the user is told something else, you are called back the first night, or an alarm is taken for a false one.";

    private SettingExercises() {}

    /// A story with how it ends.
    private record Story(List<String> told, OperationState end, List<Logged> log) {}

    static Exercise make(int grade, long seed, List<Assessment> sites, Random random) {
        Ask ask = new Ask(ExerciseKind.SETTING, grade, seed);
        for (int i = 0; i < TRIES; i++) {
            Assessment site = Exercises.one(sites, random, "site");
            OperationRules rules = OperationRules.of(site.job());
            List<ZoneRule> zones = rules.zones().values().stream()
                    .filter(zone -> alone(rules, zone))
                    .toList();
            if (!zones.isEmpty()) {
                ZoneRule zone = zones.get(random.nextInt(zones.size()));
                Story story = told(rules, zone, grade, random);
                return grade == 3 || grade == 5 ? sent(ask, site, zone, story, random) : stands(ask, site, zone, story);
            }
        }
        throw new IllegalArgumentException("the sites have no zone in an area; give others");
    }

    /// Whether what it does depends on its own area only, and user 1 works that.
    private static boolean alone(OperationRules rules, ZoneRule zone) {
        OperationRules.AreaRule area = rules.areas().get(zone.area());
        boolean worked = rules.users().isEmpty()
                || rules.users().containsKey(USER)
                        && rules.users().get(USER).areas().contains(zone.area())
                        && rules.users().get(USER).hours().isEmpty();
        return zone.areas().size() == 1
                && worked
                && !area.account().isEmpty()
                && area.follows().isEmpty()
                && rules.areas().values().stream()
                        .noneMatch(other -> other.follows().contains(area.number()));
    }

    private static Story told(OperationRules rules, ZoneRule zone, int grade, Random random) {
        int area = zone.area();
        Operation operation = new Operation(rules);
        boolean set = random.nextInt(4) > 0;
        OperationState state = OperationState.standing(rules, Map.of(area, set ? AreaMode.SET : AreaMode.UNSET), false);
        List<String> told = new ArrayList<>();
        told.add(Text.of("Area %02d is %s, everything is at rest", area, set ? "set" : "unset"));
        List<Logged> log = new ArrayList<>();
        long at = 0;
        int events = 1 + grade / 2 + random.nextInt(2);
        for (int i = 0; i < events; i++) {
            at += (5 + random.nextInt(grade > 2 ? 60 : 15)) * SECOND;
            Happening happening = happening(rules, zone, grade, random);
            told.add("after " + CaseWords.time(at) + ": " + words(happening));
            Operation.Step step = operation.step(state, happening, at);
            state = step.state();
            log.addAll(step.log());
        }
        at += (1 + random.nextInt(19)) * SECOND + (random.nextInt(3) == 0 ? 2 * MINUTE : 0);
        told.add("Nothing else happens until " + CaseWords.time(at));
        Operation.Step last = operation.step(state, new Happening.TimePasses(), at);
        log.addAll(last.log());
        return new Story(told, last.state(), log);
    }

    private static Happening happening(OperationRules rules, ZoneRule zone, int grade, Random random) {
        int area = zone.area();
        List<Integer> neighbours = rules.zones().values().stream()
                .filter(its -> its.area() == area && alone(rules, its))
                .map(ZoneRule::number)
                .toList();
        int other = neighbours.get(random.nextInt(neighbours.size()));
        return switch (random.nextInt(grade > 2 ? 7 : 5)) {
            case 0, 1 -> new Happening.ZoneReads(zone.number(), Optional.of(Meaning.ALARM));
            case 2 -> new Happening.ZoneReads(zone.number(), Optional.of(Meaning.NORMAL));
            case 3 -> new Happening.UnsetAsked(area, HowSet.CODE, USER, false);
            case 4 -> new Happening.SetAsked(area, HowSet.CODE, USER, false, false);
            case 5 -> new Happening.ZoneReads(other, Optional.of(Meaning.ALARM));
            default -> new Happening.ZoneReads(zone.number(), Optional.of(Meaning.TAMPER));
        };
    }

    private static String words(Happening happening) {
        return switch (happening) {
            case Happening.ZoneReads reads ->
                Text.of(
                        "zone %03d reads %s",
                        reads.zone(), reads.reads().map(Meaning::word).orElse("nothing certain"));
            case Happening.SetAsked asked -> Text.of("user %d sets area %02d with a code", asked.user(), asked.area());
            case Happening.UnsetAsked asked ->
                Text.of("user %d unsets area %02d with a code", asked.user(), asked.area());
            case Happening.LeftOut _,
                    Happening.Mains _,
                    Happening.Battery _,
                    Happening.BatteryTested _,
                    Happening.Path _,
                    Happening.Module _,
                    Happening.WrongCode _,
                    Happening.Silenced _,
                    Happening.Programming _,
                    Happening.WalkTest _,
                    Happening.PowerGone _,
                    Happening.PowerBack _,
                    Happening.Clock _,
                    Happening.Reset _,
                    Happening.TimePasses _ ->
                throw new IllegalArgumentException("not part of these stories: " + happening);
        };
    }

    private static List<String> given(Assessment site, ZoneRule zone, OperationRules rules, Story story) {
        List<String> given = new ArrayList<>();
        given.add("Panel: " + site.job().panel().profile().name());
        given.add(HOW_IT_IS_SET_UP);
        PanelWords words = new PanelWords(rules);
        given.add(words.zone(zone));
        rules.zones().values().stream()
                .filter(its -> its.number() != zone.number())
                .filter(its ->
                        story.told().stream().anyMatch(line -> line.contains(Text.of("zone %03d", its.number()))))
                .map(words::zone)
                .forEach(given::add);
        given.addAll(words.lines(zone.area()));
        given.add(WHAT_HAPPENS);
        given.addAll(story.told());
        return given;
    }

    private static Exercise stands(Ask ask, Assessment site, ZoneRule zone, Story story) {
        String right = story.end().area(zone.area()).mode().words();
        return ask.of(
                Text.of("How does area %02d stand then?", zone.area()),
                given(site, zone, OperationRules.of(site.job()), story),
                Arrays.stream(AreaMode.values()).map(AreaMode::words).toList(),
                Solution.exactly(right, "It stands so: " + right + ". " + did(story), SLIP));
    }

    private static String did(Story story) {
        return "What the panel did: "
                + story.log().stream()
                        .limit(8)
                        .map(line -> CaseWords.time(line.atMillis()) + " " + line.words())
                        .collect(Collectors.joining("; "))
                + ".";
    }

    private static String sends(Story story) {
        List<String> sent = story.log().stream()
                .flatMap(line -> line.signal().stream())
                .map(signal -> signal.qualifier().digit() + " " + signal.event())
                .toList();
        return sent.isEmpty() ? "nothing" : String.join(", ", sent);
    }

    private static Exercise sent(Ask ask, Assessment site, ZoneRule zone, Story story, Random random) {
        String right = sends(story);
        List<String> choices = new ArrayList<>(List.of(right));
        String event = zone.event().isEmpty() ? "130" : zone.event();
        for (String pattern :
                List.of("nothing", "1 %s", "1 %1$s, 3 %1$s", "1 137", "1 %s, 1 139", "1 401", "3 401", "1 %s, 1 401")) {
            String other = Text.of(pattern, event);
            if (choices.size() < CHOICES && !choices.contains(other)) {
                choices.add(other);
            }
        }
        Collections.shuffle(choices, random);
        return ask.of(
                "What has it sent until then? 1 is new or opening, 3 is restore or closing.",
                given(site, zone, OperationRules.of(site.job()), story),
                choices,
                Solution.exactly(right, did(story), SLIP));
    }
}
