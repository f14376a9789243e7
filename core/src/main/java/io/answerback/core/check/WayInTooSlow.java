package io.answerback.core.check;

import io.answerback.core.setup.EntryWalk;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import java.util.stream.Stream;

/// A way in on which the site alarms before its users can unset it.
final class WayInTooSlow implements JobRule {
    static final String SLOW = "way-in-too-slow";
    static final String ALARMS = "way-in-alarms";
    static final String UNREADY = "way-in-unready";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.setup().walks().stream().flatMap(walk -> findings(facts.job(), walk));
    }

    private static Stream<Finding> findings(Job job, EntryWalk walk) {
        String door = job.point(walk.walk().from())
                .map(Point::name)
                .orElse("point " + walk.walk().from());
        if (!walk.unready().isEmpty()) {
            return Stream.of(of(
                    UNREADY,
                    walk,
                    "%s is no way in as it is programmed".formatted(door),
                    "On the walk from it %s.".formatted(walk.unready()),
                    "Give its zone the behaviour entry/exit and an area."));
        }
        Stream<Finding> alarms = walk.passings().stream()
                .filter(EntryWalk.Passing::alarms)
                .map(passing -> new Finding(
                        ALARMS + ":" + passing.point().id(),
                        Stop.SET_UP,
                        Grade.WRONG,
                        passing.point().id(),
                        "",
                        "Everybody who comes in sets it off",
                        "It is passed %.0f s after %s, and its zone is %s in area %02d; area %02d is entered."
                                .formatted(
                                        passing.seconds(), door, passing.type().words(), passing.area(), walk.area()),
                        "Make it an entry route of the area that is entered: it waits while the entry time runs."));
        Stream<Finding> slow = Stream.of(walk)
                .filter(its -> its.shortBySeconds() > 0)
                .map(its -> of(
                        SLOW,
                        its,
                        "The entry time is %.0f s too short".formatted(its.shortBySeconds()),
                        "From %s to the code at %s it takes %.0f s; area %02d gives %.0f s."
                                .formatted(
                                        door,
                                        its.walk().keypad(),
                                        its.walk().seconds(),
                                        its.area(),
                                        its.entrySeconds()),
                        "Give more time, or bring the keypad nearer: the walk's sheet has tried both."));
        return Stream.concat(alarms, slow);
    }

    private static Finding of(String rule, EntryWalk walk, String says, String why, String remedy) {
        return new Finding(
                rule + ":" + walk.walk().from(),
                Stop.SET_UP,
                Grade.WRONG,
                walk.walk().from(),
                "",
                says,
                why,
                remedy);
    }
}
