package io.answerback.core.check;

import io.answerback.core.cores.UnusedInputs;
import io.answerback.core.device.SchemeKind;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// An input that is not used must still see what its scheme expects, or the panel reports it for ever.
final class UnusedInputUnterminated implements JobRule {
    static final String RULE = "unused-input:";
    static final String UNREAD = "unused-input-unread:";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return Stream.concat(
                UnusedInputs.of(job).filter(unused -> !unused.fitted()).map(UnusedInputUnterminated::finding),
                UnusedInputs.unread(job).map(input -> unread(job, input)));
    }

    private static Finding unread(Job job, Input input) {
        boolean on = job.zone(input.zone())
                .filter(zone -> zone.type() != ZoneType.NOT_USED)
                .isPresent();
        String reads = job.inputModel(Optional.of(input)).schemes().stream()
                .map(bands -> bands.scheme().words())
                .collect(Collectors.joining(", "));
        String left = UnusedInputs.schemes(job, input).stream()
                .map(SchemeKind::withArticle)
                .collect(Collectors.joining(" or "));
        return new Finding(
                UNREAD + input.id(),
                Stop.LOOP,
                on ? Grade.WRONG : Grade.TIGHT,
                "",
                input.id(),
                "%s does not read the scheme it is left in".formatted(input.name()),
                "Unused, it is left as %s; it reads %s only, so what keeps it quiet is not known."
                        .formatted(left, reads),
                "Choose a loop scheme the panel reads on the House rules sheet, or switch zone %02d off."
                        .formatted(input.zone()));
    }

    private static Finding finding(UnusedInputs.Unused unused) {
        Input input = unused.input();
        return new Finding(
                RULE + input.id(),
                Stop.LOOP,
                unused.watched() ? Grade.WRONG : Grade.TIGHT,
                "",
                input.id(),
                "%s has %s across it"
                        .formatted(input.name(), input.unusedFitted().words()),
                unused.watched()
                        ? "Its zone %02d is on, so the panel reports it for ever.".formatted(input.zone())
                        : "It is quiet only while zone %02d stays off.".formatted(input.zone()),
                "As %s it needs %s while it is unused."
                        .formatted(
                                unused.bands().scheme().withArticle(),
                                unused.needs().words()));
    }
}
