package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.setup.Entries;
import io.answerback.core.setup.SetupEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What would let people in without an alarm: each is tried on the job before it is offered.
public final class EntryRemedies {
    private static final double STEP_SECONDS = 5;

    private EntryRemedies() {}

    /// A change that helps.
    ///
    /// @param says what it does
    /// @param why what speaks against it, or by how much it helps
    /// @param edit the change
    /// @param enough whether the walk succeeds with it alone
    public record Remedy(String says, String why, Edit edit, boolean enough) {}

    /// The remedies for a walk of a job that fails; none for one that does not.
    public static List<Remedy> of(Job job, EntryWalk walk) {
        List<Remedy> all = new ArrayList<>();
        if (walk.ok() || !walk.unready().isEmpty()) {
            return all;
        }
        walk.passings().stream()
                .filter(EntryWalk.Passing::alarms)
                .forEach(passing -> all.add(tried(
                        job,
                        walk,
                        Text.of(
                                "Make %s %s an entry route",
                                passing.point().id(), passing.point().name()),
                        passing.area() == walk.area()
                                ? "It waits while the entry time runs, and alarms at once otherwise."
                                : Text.of(
                                        "It is in area %02d, and would have to be in area %02d to wait.",
                                        passing.area(), walk.area()),
                        PointEdits.surveyed(
                                "entry route for " + passing.point().id(),
                                Set.of(passing.point().id()),
                                surveyed -> surveyed.withType(ZoneType.ENTRY_ROUTE)))));
        if (walk.shortBySeconds() > 0) {
            all.add(longer(job, walk));
            nearer(job, walk).ifPresent(all::add);
        }
        return all;
    }

    /// In steps the panel can be set to, and in fives where its profile does not say.
    private static Remedy longer(Job job, EntryWalk walk) {
        double rule = job.practice().figure(RuleFigure.ENTRY_SECONDS);
        double inFives = Math.ceil(walk.walk().seconds() / STEP_SECONDS) * STEP_SECONDS;
        double given = job.panel().profile().setup().settings().stream()
                .filter(setting -> setting.decision() == Decision.ENTRY_TIME)
                .findFirst()
                .flatMap(setting -> Entries.atLeast(
                        setting, inFives <= rule ? inFives : walk.walk().seconds()))
                .orElse(inFives);
        return tried(
                job,
                walk,
                Text.of("Give %.0f s in area %02d", given, walk.area()),
                given <= rule
                        ? Text.of("The rules allow %.0f s.", rule)
                        : Text.of("The rules allow %.0f s: it would need a reason.", rule),
                SetupEdits.decide(Decision.ENTRY_TIME, walk.area(), String.valueOf(given)));
    }

    /// A keypad at the last detector from which the code is typed in time; from the last detector to the code
    /// it takes as long as it did.
    private static Optional<Remedy> nearer(Job job, EntryWalk walk) {
        double fromLastToCode = walk.walk().seconds()
                - walk.passings().stream()
                        .mapToDouble(EntryWalk.Passing::seconds)
                        .max()
                        .orElse(0);
        return walk.passings().stream()
                .filter(passing -> passing.seconds() + fromLastToCode <= walk.entrySeconds())
                .reduce((one, other) -> other)
                .map(passing -> moved(job, walk, passing, fromLastToCode));
    }

    private static Remedy moved(Job job, EntryWalk walk, EntryWalk.Passing to, double fromLastToCode) {
        TimedWalk shorter = new TimedWalk(
                walk.walk().from(),
                walk.walk().keypad(),
                walk.walk().paces().stream()
                        .filter(pace -> pace.seconds() <= to.seconds())
                        .toList(),
                to.seconds() + fromLastToCode);
        return tried(
                job,
                walk,
                Text.of("Move the keypad to where %s is passed", to.point().name()),
                Text.of(
                        "The code would be typed %.0f s after the door; walk it again once it is moved.",
                        shorter.seconds()),
                SetupEdits.walk(shorter));
    }

    private static Remedy tried(Job job, EntryWalk walk, String says, String why, Edit edit) {
        boolean enough = EntryWalk.of(edit.on(job)).stream()
                .filter(its -> its.walk().from().equals(walk.walk().from()))
                .allMatch(EntryWalk::ok);
        return new Remedy(says, why, edit, enough);
    }
}
