package io.answerback.core.loop.zone;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// Inputs that bring zones with higher numbers than the panel has.
public final class ZoneBeyondPanel implements JobCheck {
    /// An input brings a zone with a higher number than the panel has.
    public static final Rule RULE = new Rule(
            "zone-beyond-panel",
            Stop.BUS,
            Grade.WRONG,
            "An input brings a zone with a higher number than the panel has.",
            "Nothing on that input is ever reported.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        int most = job.panel().profile().capacity().zones();
        return job.inputs().stream()
                .filter(input -> input.zone() > most)
                .sorted(Comparator.comparingInt(Input::zone))
                .map(
                        input -> RULE.finds(
                                new Target.OfInput(input.id(), input.pointId()),
                                Text.of(
                                        "%s brings zone %d, and the panel has %d",
                                        job.nameOf(input), input.zone(), most),
                                Text.of(
                                        "%s has no such zone: nothing on that input is ever reported.",
                                        job.panel().profile().name()),
                                "Take a module off whose inputs are not needed, give it another address, or take a larger panel."));
    }
}
