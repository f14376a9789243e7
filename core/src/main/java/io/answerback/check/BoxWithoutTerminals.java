package io.answerback.check;

import java.util.stream.Stream;

/// A box whose terminals the profile does not name, so that no core can be given a place.
final class BoxWithoutTerminals implements JobRule {
    static final String RULE = "box-without-terminals";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box -> box.strip().isEmpty())
                .map(box -> new Finding(
                        RULE + ":" + box.module(),
                        Stop.CABLE,
                        Grade.NOTE,
                        "",
                        box.module(),
                        "The terminals of %s are not known".formatted(box.module()),
                        "The profile names none, so its cores have uses and colours but no places.",
                        "Copy them from its manual into the profile."));
    }
}
