package io.answerback.core.check;

import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import java.util.stream.Stream;

/// A module the panel does not know, or on another radio band.
final class ModuleUnfit implements JobRule {
    static final String RULE = "module-unfit";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        PanelProfile profile = job.panel().profile();
        return job.modules().stream()
                .flatMap(module -> profile.module(module.kindId())
                        .map(kind -> otherBand(module, kind, profile))
                        .orElseGet(() -> Stream.of(finding(
                                module,
                                module.name() + " is not one of this panel's modules",
                                profile.name() + " knows no module \"" + module.kindId() + "\".",
                                "Take it off, or add it to the panel's profile."))));
    }

    private static Stream<Finding> otherBand(PanelModule module, ModuleKind kind, PanelProfile profile) {
        return kind.inputs() == 0
                        || kind.radioBand().isEmpty()
                        || kind.radioBand().equals(profile.radioBand())
                ? Stream.empty()
                : Stream.of(finding(
                        module,
                        module.name() + " is on another radio band",
                        "It speaks %s; %s hears %s."
                                .formatted(
                                        kind.radioBand(),
                                        profile.name(),
                                        profile.radioBand().isEmpty() ? "none" : profile.radioBand()),
                        "Take one of the panel's band."));
    }

    private static Finding finding(PanelModule module, String says, String why, String remedy) {
        return new Finding(RULE + ":" + module.name(), Stop.SURVEY, Grade.WRONG, "", module.name(), says, why, remedy);
    }
}
