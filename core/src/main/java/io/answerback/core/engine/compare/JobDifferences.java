package io.answerback.core.engine.compare;

import io.answerback.core.engine.compare.JobDifference.Kind;
import io.answerback.core.engine.wording.DecisionWords;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/// Compares two states of one job by its parts: points, cables, modules, zones and settings by name, all else
/// by subject.
public final class JobDifferences {
    private final Job first;
    private final Job second;
    private final List<JobDifference> found = new ArrayList<>();

    private JobDifferences(Job first, Job second) {
        this.first = first;
        this.second = second;
    }

    /// The parts in which two states differ, in the order of work; none when they are equal.
    public static List<JobDifference> between(Job first, Job second) {
        JobDifferences differences = new JobDifferences(first, second);
        differences.compare();
        return List.copyOf(differences.found);
    }

    private void compare() {
        one("The site", Job::site);
        one("The house rules", Job::practice);
        one("The panel and its profile", Job::panel);
        parts(Job::modules, PanelModule::id, its -> "Module " + its.name());
        parts(Job::areas, Area::number, its -> Text.of("Area %02d %s", its.number(), its.name()));
        parts(Job::points, Point::id, its -> Text.of("Point %s %s", its.id(), its.name()));
        parts(Job::cables, Cable::id, its -> "Cable " + its.id());
        parts(Job::inputs, Input::id, its -> "Input " + its.id());
        parts(Job::zones, Zone::number, its -> Text.of("Zone %02d", its.number()));
        one("The communicator", Job::communicator);
        parts(Job::receivers, Receiver::id, its -> "Receiver " + its.name());
        parts(Job::proofs, Proof::pointId, its -> "Proof of point " + its.pointId());
        one("The readings of loops", Job::measurements);
        one("The power: batteries, loads and readings", Job::power);
        one("The bus", Job::bus);
        one("The radio", Job::radio);
        setup();
    }

    private void setup() {
        Terms terms = Terms.of(first.practice());
        Function<Job, List<PanelProgramming.Decided>> decided =
                job -> job.setup().decided();
        parts(decided, its -> its.decision() + " " + its.number(), its -> title(its, terms));
        one("The users", job -> job.setup().users());
        one("What was typed into the panel", job -> job.setup().typed());
        one("What was read out of the panel", job -> job.setup().found());
        one("What is known of codes", job -> job.setup().codes());
        one("The ways in that were walked", job -> job.setup().walks());
        one("What was shown, and the test at the station", Job::acceptance);
        one("Visits, and what was handed over", Job::service);
    }

    private static String title(PanelProgramming.Decided decided, Terms terms) {
        Decision decision = decided.decision();
        String title = Text.of("Setting \"%s\"", DecisionWords.title(decision, terms));
        return decided.number() == 0
                ? title
                : Text.of("%s of %s %02d", title, decision.scope().counted(), decided.number());
    }

    private void one(String name, Function<Job, ?> part) {
        if (!part.apply(first).equals(part.apply(second))) {
            found.add(new JobDifference(name, Kind.DIFFERENT));
        }
    }

    private <T> void parts(Function<Job, List<T>> list, Function<T, ?> key, Function<T, String> name) {
        Map<Object, T> here = byKey(list.apply(first), key);
        Map<Object, T> there = byKey(list.apply(second), key);
        here.forEach((id, part) -> {
            T other = there.get(id);
            if (!part.equals(other)) {
                found.add(new JobDifference(name.apply(part), other == null ? Kind.ONLY_FIRST : Kind.DIFFERENT));
            }
        });
        there.forEach((id, part) -> {
            if (!here.containsKey(id)) {
                found.add(new JobDifference(name.apply(part), Kind.ONLY_SECOND));
            }
        });
    }

    private static <T> Map<Object, T> byKey(List<T> parts, Function<T, ?> key) {
        Map<Object, T> byKey = new LinkedHashMap<>();
        parts.forEach(part -> byKey.put(key.apply(part), part));
        return byKey;
    }
}
