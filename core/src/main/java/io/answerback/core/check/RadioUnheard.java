package io.answerback.core.check;

import io.answerback.core.radio.RadioPlaces;
import io.answerback.core.site.Point;
import java.util.stream.Stream;

/// A wireless point for which nobody listens, or for which no wireless zone is left.
final class RadioUnheard implements JobRule {
    static final String RULE = "wireless-unheard";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        boolean listens = RadioPlaces.hearer(facts.job()).isPresent();
        int zones = facts.job().panel().profile().capacity().radioZones();
        return facts.inventory().unheard().stream().map(point -> finding(point, listens, zones));
    }

    private static Finding finding(Point point, boolean listens, int zones) {
        return new Finding(
                RULE + ":" + point.id(),
                Stop.BUS,
                Grade.WRONG,
                point.id(),
                "",
                listens ? "The panel has no wireless zone left for it" : "It sends by radio, and nobody listens",
                listens
                        ? "The panel has %d wireless zones; converters use one for each of their inputs."
                                .formatted(zones)
                        : "This panel's board has no radio, and no receiver is fitted.",
                listens
                        ? "Take a wired device, or free a zone of a converter."
                        : "Fit a radio receiver the panel's profile knows, or take a wired device.");
    }
}
