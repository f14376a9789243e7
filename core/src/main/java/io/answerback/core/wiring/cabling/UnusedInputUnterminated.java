package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// An input that is not used must still see what its scheme expects, or the panel reports it for ever.
public final class UnusedInputUnterminated implements JobCheck {
    /// An unused input is not terminated as its scheme expects.
    public static final Rule RULE = new Rule(
            "unused-input",
            Stop.LOOP,
            Grade.WRONG,
            "An unused input is not terminated as its scheme expects.",
            "The panel reports it for ever, or as soon as its zone is on.");

    /// An unused input is left in a scheme that it cannot read.
    public static final Rule UNREAD = new Rule(
            "unused-input-unread",
            Stop.LOOP,
            Grade.WRONG,
            "An unused input is left in a scheme that it cannot read.",
            "What keeps it quiet is not known.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, UNREAD);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return Stream.concat(
                UnusedInputs.of(facts).filter(unused -> !unused.fitted()).map(unused -> finding(facts, unused)),
                UnusedInputs.unread(facts).map(input -> unread(facts, input)));
    }

    private static Finding unread(Facts facts, Input input) {
        boolean on = facts.zone(input.zone())
                .filter(zone -> zone.type() != ZoneType.NOT_USED)
                .isPresent();
        String reads = facts.inputModel(Optional.of(input)).schemes().stream()
                .map(bands -> bands.scheme().words())
                .collect(Collectors.joining(", "));
        String left = UnusedInputs.schemes(facts, input).stream()
                .map(SchemeKind::withArticle)
                .collect(Collectors.joining(" or "));
        return UNREAD.finds(
                grade(facts, on),
                new Target.OfInput(input.id()),
                Text.of("%s cannot read how it is left", facts.nameOf(input)),
                Text.of(
                        "Unused, it is left as %s; it reads %s only, so what keeps it quiet is not known.",
                        left, reads),
                Text.of(
                        "Choose a loop scheme the panel reads on the House rules sheet, or switch zone %02d off.",
                        input.zone()));
    }

    private static Grade grade(Facts facts, boolean watched) {
        if (watched) {
            return Grade.WRONG;
        }
        return Begun.wiring(facts) ? Grade.TIGHT : Grade.NOTE;
    }

    private static Finding finding(Facts facts, UnusedInputs.Unused unused) {
        Input input = unused.input();
        return RULE.finds(
                        grade(facts, unused.watched()),
                        new Target.OfInput(input.id()),
                        Text.of(
                                "%s has %s across it",
                                facts.nameOf(input), input.unusedFitted().words()),
                        unused.watched()
                                ? Text.of("Its zone %02d is on, so the panel reports it for ever.", input.zone())
                                : Text.of("It is quiet only while zone %02d stays off.", input.zone()),
                        Text.of(
                                "As %s it needs %s while it is unused.",
                                unused.bands().scheme().withArticle(),
                                unused.needs().words()))
                .mendedBy(CableEdits.terminateUnused(input.id()));
    }
}
