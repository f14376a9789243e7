package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Stream;

/// A wireless point for which nobody listens, or for which no wireless zone is left.
public final class RadioUnheard implements JobCheck {
    /// Nothing listens for a wireless point, or no wireless zone is left for it.
    public static final Rule RULE = new Rule(
            "wireless-unheard",
            Stop.BUS,
            Grade.WRONG,
            "Nothing listens for a wireless point, or no wireless zone is left for it.",
            "Nothing it sends is ever heard.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        boolean listens = RadioPlaces.hearer(facts).isPresent();
        int zones = facts.panel().profile().capacity().radioZones();
        return facts.of(Inventory.FACT).unheard().stream().map(point -> finding(point, listens, zones));
    }

    private static Finding finding(Point point, boolean listens, int zones) {
        return RULE.finds(
                new Target.OfPoint(point.id()),
                listens ? "The panel has no wireless zone left for it" : "It sends by radio, and nobody listens",
                listens
                        ? Text.of(
                                "The panel has %d wireless zones; converters use one for each of their inputs.", zones)
                        : "This panel's board has no radio, and no receiver is fitted.",
                listens
                        ? "Take a wired device, or free a zone of a converter."
                        : "Fit a radio receiver the panel's profile knows, or take a wired device.");
    }
}
