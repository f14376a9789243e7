package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Stream;

/// A way in on which the site alarms before its users can unset it.
public final class WayInTooSlow implements JobCheck {
    /// The way in takes longer than the entry time.
    public static final Rule SLOW = new Rule(
            "way-in-too-slow",
            Stop.SET_UP,
            Grade.WRONG,
            "The way in takes longer than the entry time.",
            "Whoever comes in sets off the alarm.");

    /// A point on the way in alarms at once.
    public static final Rule ALARMS = new Rule(
            "way-in-alarms",
            Stop.SET_UP,
            Grade.WRONG,
            "A point on the way in alarms at once.",
            "Whoever comes in sets off the alarm.");

    /// A way in leads to no keypad or starts no entry time.
    public static final Rule UNREADY = new Rule(
            "way-in-unready",
            Stop.SET_UP,
            Grade.WRONG,
            "A way in leads to no keypad or starts no entry time.",
            "Whoever comes in cannot unset the area.");

    @Override
    public List<Rule> rules() {
        return List.of(SLOW, ALARMS, UNREADY);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return DistinctFindings.of(facts.of(EntryWalk.ALL).stream().flatMap(walk -> findings(facts, walk)));
    }

    private static Stream<Finding> findings(Parts job, EntryWalk walk) {
        String door = job.point(walk.walk().from())
                .map(Point::name)
                .orElse("point " + walk.walk().from());
        if (!walk.unready().isEmpty()) {
            return Stream.of(of(
                    UNREADY,
                    walk,
                    Text.of("%s is no way in as it is programmed", door),
                    Text.of("On the walk from it %s.", walk.unready()),
                    "Give its zone the behaviour entry/exit and an area."));
        }
        Stream<Finding> alarms = walk.passings().stream()
                .filter(EntryWalk.Passing::alarms)
                .map(passing -> ALARMS.finds(
                        new Target.OfPoint(passing.point().id()),
                        "Everybody who comes in sets it off",
                        Text.of(
                                "It is passed %.0f s after %s, and its zone is %s in area %02d; area %02d is entered.",
                                passing.seconds(), door, passing.type().words(), passing.area(), walk.area()),
                        "Make it an entry route of the area that is entered: it waits while the entry time runs."));
        Stream<Finding> slow = Stream.of(walk)
                .filter(its -> its.shortBySeconds() > 0)
                .map(its -> of(
                        SLOW,
                        its,
                        Text.of("The entry time is %.0f s too short", its.shortBySeconds()),
                        Text.of(
                                "From %s to the code at %s it takes %.0f s; area %02d gives %.0f s.",
                                door,
                                job.nameOf(its.walk().keypad()),
                                its.walk().seconds(),
                                its.area(),
                                its.entrySeconds()),
                        "Give more time, or bring the keypad nearer: the walk's sheet has tried both."));
        return Stream.concat(alarms, slow);
    }

    private static Finding of(Rule rule, EntryWalk walk, String says, String why, String remedy) {
        return rule.finds(Grade.WRONG, new Target.OfPoint(walk.walk().from()), says, why, remedy);
    }
}
