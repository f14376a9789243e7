package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import java.util.List;
import java.util.stream.Stream;

/// A setting of the panel's profile that contradicts itself: it is left out, and the rest is used.
public final class SettingBroken implements JobCheck {
    /// A setting of the panel's profile contradicts itself.
    public static final Rule RULE = new Rule(
            "setting-broken",
            Stop.SET_UP,
            Grade.TIGHT,
            "A setting of the panel's profile contradicts itself.",
            "It is left out of the run sheet.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(SetupState.FACT).sheet().broken().entrySet().stream()
                .map(broken -> RULE.finds(
                        new Target.OfSetting(broken.getKey()),
                        "A setting of the panel's profile cannot be used",
                        broken.getValue() + ".",
                        "Correct it in the profile from the maker's manual; every other setting is used."));
    }
}
