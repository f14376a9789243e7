package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Detectors that stay in alarm until their supply is taken away, on a panel no output of which does that.
public final class DetectorReset implements JobCheck {
    /// No output resets detectors that stay in alarm until their supply is taken away.
    public static final Rule RULE = new Rule(
            "detector-reset-missing",
            Stop.SET_UP,
            Grade.WRONG,
            "No output resets detectors that stay in alarm until their supply is taken away.",
            "After one alarm they are blind until somebody opens a box and lifts a core.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<Point> latched = facts.points().stream()
                .filter(point -> point.has(kind -> kind.resetBySupply()))
                .toList();
        return latched.isEmpty() || outputs(facts, OutputUse.RESET).findFirst().isPresent()
                ? Stream.empty()
                : Stream.of(finding(facts, latched));
    }

    /// The outputs of the board that are to follow something, by number.
    private static Stream<Integer> outputs(Parts job, OutputUse use) {
        Intent intent = new Intent(job);
        return IntStream.rangeClosed(1, SettingNumbers.outputs(job).size())
                .boxed()
                .filter(output -> intent.of(Decision.OUTPUT_USE, output)
                        .map(SettingValue::text)
                        .filter(use.name()::equals)
                        .isPresent());
    }

    private static Finding finding(Parts job, List<Point> latched) {
        String numbers = latched.stream().map(point -> point.id().text()).collect(Collectors.joining(", "));
        Optional<Integer> free = outputs(job, OutputUse.NOTHING).findFirst();
        Finding finding = RULE.finds(
                        new Target.OfJob(),
                        Text.of("No output resets %s", numbers),
                        "They stay in alarm until their supply is taken away; a second alarm is not seen before that.",
                        free.map(output -> remedy(job, latched, output))
                                .orElse(
                                        "No output of this panel is free for it: take their supply over a key that breaks it, within reach of whoever resets, or another panel. Fire comes under its own code."))
                .of("");
        return free.map(output -> finding.mendedBy(resets(output))).orElse(finding);
    }

    private static Edit resets(int output) {
        return new Edit(
                "use of output " + output,
                job -> job.withSetup(job.setup()
                        .withDecided(old -> old.stream()
                                .filter(its -> its.decision() != Decision.OUTPUT_USE || its.number() != output)
                                .toList())
                        .with(new PanelProgramming.Decided(Decision.OUTPUT_USE, output, OutputUse.RESET.name(), ""))));
    }

    private static String remedy(Parts job, List<Point> latched, int output) {
        Terminal terminal = job.panel().profile().board().terminals().stream()
                .filter(its -> its.use() == TerminalUse.OUTPUT)
                .toList()
                .get(output - 1);
        double milliamps = latched.stream()
                .flatMap(point -> point.kinds().stream())
                .filter(kind -> kind.resetBySupply())
                .mapToDouble(kind -> kind.powering().orElseThrow().alarmMilliamps())
                .sum();
        boolean carries = terminal.milliamps() >= milliamps;
        if (terminal.switchesPlus() && carries) {
            return Text.of(
                    "Let output %s follow a reset of detectors, and bring the plus of their cables to it: they take %.0f mA, and it gives %.0f mA. Fire comes under its own code.",
                    terminal.name(), milliamps, terminal.milliamps());
        }
        String over = terminal.milliamps() > 0 && terminal.milliamps() < milliamps
                ? Text.of(
                        "over a relay that %s works: they take %.0f mA, and it gives %.0f mA",
                        terminal.name(), milliamps, terminal.milliamps())
                : Text.of(
                        "over %s, where it may switch %.0f mA, else over a relay that it works",
                        terminal.name(), milliamps);
        return Text.of(
                "Let output %s follow a reset of detectors, and bring their supply %s. Fire comes under its own code.",
                terminal.name(), over);
    }
}
