package io.answerback.core.check;

import io.answerback.core.profile.ZoneType;
import java.util.stream.Stream;

/// A zone that is programmed though no input on site brings it: it reads open, and the area cannot be set.
final class ZoneNobodyBrings implements JobRule {
    static final String RULE = "zone-nobody-brings";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.bus().zones().lines().stream()
                .filter(line -> line.source().isEmpty())
                .filter(line -> line.programmed()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .isPresent())
                .map(line -> new Finding(
                        RULE + ":" + line.zone(),
                        Stop.BUS,
                        Grade.WRONG,
                        "",
                        "",
                        "Zone %02d is programmed and nothing brings it".formatted(line.zone()),
                        "The panel looks for an input that is not there: the zone stays open and its area cannot be made to watch.",
                        "Switch the zone off, or fit the module that brings it."));
    }
}
