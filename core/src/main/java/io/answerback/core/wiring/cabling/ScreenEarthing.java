package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.site.Edit;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Screens that go to earth nowhere, more than once, or of which it is not decided where.
public final class ScreenEarthing implements JobCheck {
    /// It is not decided where the screen of a cable goes to earth.
    public static final Rule UNDECIDED = new Rule(
            "screen-undecided",
            Stop.CABLE,
            Grade.NOTE,
            "It is not decided where the screen of a cable goes to earth.",
            "Each end is then decided by whoever terminates it, and the screen is earthed twice or not at all.");

    /// The screen of a run goes to earth nowhere.
    public static final Rule NOWHERE = new Rule(
            "screen-not-earthed",
            Stop.CABLE,
            Grade.TIGHT,
            "The screen of a run goes to earth nowhere.",
            "It drains nothing: what it picks up goes on to the cores.");

    /// The screen of a run goes to earth more than once.
    public static final Rule TWICE = new Rule(
            "screen-earthed-twice",
            Stop.CABLE,
            Grade.TIGHT,
            "The screen of a run goes to earth more than once.",
            "It carries the current between the earths, which hums on every core and can burn the screen in a fault.");

    @Override
    public List<Rule> rules() {
        return List.of(UNDECIDED, NOWHERE, TWICE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return ScreenRun.of(facts).stream()
                .filter(run -> !run.sound())
                .map(run -> finding(run).mendedBy(onceAtTheBox(run)));
    }

    private static Finding finding(ScreenRun run) {
        Cable first = run.cables().getFirst();
        if (run.undecided().isPresent() && run.earths() < 2) {
            return UNDECIDED.finds(
                    Target.of(run.undecided().get()),
                    Text.of("Where the screen of %s goes to earth is not decided", labels(run)),
                    "One end of a run goes to earth, and one only.",
                    "Earth it at the box it begins at, and cut it back and insulate it at the device.");
        }
        return run.earths() == 0
                ? NOWHERE.finds(
                        Target.of(first),
                        Text.of("The screen of %s goes to earth nowhere", labels(run)),
                        "It drains nothing: what it picks up goes on to the cores.",
                        "Earth it at the box it begins at.")
                : TWICE.finds(
                        Target.of(first),
                        Text.of("The screen of %s goes to earth %d times", labels(run), run.earths()),
                        "Between two earths a current flows, and it flows through the screen: it hums on every core.",
                        "Keep the earth at the box it begins at; cut the screen back and insulate it elsewhere, and join it through in joint boxes.");
    }

    private static String labels(ScreenRun run) {
        return Text.listed(run.cables().stream().map(Cable::id).toList());
    }

    /// To earth at the near end of the first of its cables that begins at a module, and at no other end.
    private static Edit onceAtTheBox(ScreenRun run) {
        Set<CableId> ids = run.cables().stream().map(Cable::id).collect(Collectors.toSet());
        CableId earthed = run.cables().stream()
                .filter(cable -> !(cable.ends().from().orElse(null) instanceof JointId))
                .findFirst()
                .orElse(run.cables().getFirst())
                .id();
        return new Edit(
                "screen of " + labels(run),
                job -> job.withCables(job.cables().stream()
                        .map(cable -> ids.contains(cable.id())
                                ? cable.withInstallation(cable.installation()
                                        .withScreen(
                                                cable.id().equals(earthed) ? ScreenEarth.NEAR : ScreenEarth.NEITHER))
                                : cable)
                        .toList()));
    }
}
