package io.answerback.core.check;

import java.util.stream.Stream;

/// A setting of the panel's profile that contradicts itself: it is left out, and the rest is used.
final class SettingBroken implements JobRule {
    static final String RULE = "setting-broken";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.setup().sheet().broken().entrySet().stream()
                .map(broken -> new Finding(
                        RULE + ":" + broken.getKey(),
                        Stop.SET_UP,
                        Grade.TIGHT,
                        "",
                        broken.getKey(),
                        "A setting of the panel's profile cannot be used",
                        broken.getValue() + ".",
                        "Mend it in the profile from the maker's manual; every other setting is used."));
    }
}
