package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SounderUnit.Level;
import io.answerback.core.model.profile.TerminalUse;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An output for sounders, strobes or speakers that is asked for more than it gives, all the time or while they
/// start.
public final class SoundOutputOverloaded implements JobCheck {
    /// An output for sounders, strobes or speakers is asked for more than it gives.
    public static final Rule RULE = new Rule(
            "sound-output-overloaded",
            Stop.POWER,
            Grade.WRONG,
            "An output for sounders, strobes or speakers is asked for more than it gives.",
            "Its fuse opens at the first alarm.");

    /// Sounders that start together take more than their output gives.
    public static final Rule INRUSH = new Rule(
            "sounder-inrush",
            Stop.POWER,
            Grade.TIGHT,
            "Sounders that start together take more than their output gives.",
            "A fuse that is quick, as an electronic one is, opens when they start.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, INRUSH);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Sounders sounders = facts.of(Supplies.FACT).sounders();
        return Stream.concat(
                sounders.outputs().stream().filter(SoundOutput::overloaded).map(output -> finding(sounders, output)),
                sounders.outputs().stream().filter(SoundOutput::trippedByInrush).map(SoundOutputOverloaded::inrush));
    }

    private static Finding inrush(SoundOutput output) {
        return INRUSH.finds(
                        new Target.OfBox(output.module()),
                        Text.of("%s may trip when its sounders start", output.title()),
                        Text.of(
                                "They take %.0f mA for a moment and %.0f mA after it; it gives %.0f mA.",
                                output.inrushMilliamps(), output.milliamps(), output.limitMilliamps()),
                        "Try it with all of them on battery. Where it trips, let it switch a relay that feeds them from the supply.")
                .of(output.title());
    }

    private static Finding finding(Sounders sounders, SoundOutput output) {
        return RULE.finds(
                        new Target.OfBox(output.module()),
                        Text.of("%s is asked for more than it gives", output.title()),
                        Text.of(
                                "%d on it take %.0f mA together; it gives %.0f mA.",
                                output.loads().size(), output.milliamps(), output.limitMilliamps()),
                        softer(sounders, output)
                                .orElse("Take one off it, or let it switch a relay that feeds them from the supply."))
                .of(output.title());
    }

    /// The sounder whose softest link would bring an output for sounders within its limit; a link changes nothing
    /// of what a strobe or a speaker takes.
    private static Optional<String> softer(Sounders sounders, SoundOutput output) {
        if (output.use() != TerminalUse.SOUNDER) {
            return Optional.empty();
        }
        double over = output.milliamps() - output.limitMilliamps();
        return output.loads().stream()
                .flatMap(load -> sounders.sounder(load.part()).stream())
                .filter(sounder -> sounder.unit().driven())
                .filter(sounder ->
                        sounder.level().milliamps() - softest(sounder).milliamps() >= over)
                .map(sounder -> Text.of(
                        "Set the link of %s to %s: %.0f mA in place of %.0f mA, and not as loud.",
                        sounder.title(),
                        softest(sounder).name(),
                        softest(sounder).milliamps(),
                        sounder.level().milliamps()))
                .findFirst();
    }

    private static Level softest(SounderState sounder) {
        return sounder.unit().levels().stream()
                .min(Comparator.comparingDouble(Level::milliamps))
                .orElseThrow();
    }
}
