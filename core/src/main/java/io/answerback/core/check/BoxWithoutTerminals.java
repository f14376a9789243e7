package io.answerback.core.check;

import io.answerback.core.cores.Place;
import java.util.stream.Stream;

/// A box whose terminals the profile does not name, so that no core can be given a place.
final class BoxWithoutTerminals implements JobRule {
    static final String RULE = "box-without-terminals";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box ->
                        box.place().kind() == Place.Kind.BOX && box.strip().isEmpty())
                .map(box -> new Finding(
                        RULE + ":" + box.name(),
                        Stop.CABLE,
                        Grade.NOTE,
                        "",
                        box.name(),
                        "The terminals of %s are not known".formatted(box.name()),
                        "The profile names none, so its cores have uses and colours but no places.",
                        "Copy them from its manual into the profile."));
    }
}
