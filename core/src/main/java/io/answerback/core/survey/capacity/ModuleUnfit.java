package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// A module the panel does not know, or on another radio band.
public final class ModuleUnfit implements JobCheck {
    /// The panel does not know a module, or it is on another radio band.
    public static final Rule RULE = new Rule(
            "module-unfit",
            Stop.SURVEY,
            Grade.WRONG,
            "The panel does not know a module, or it is on another radio band.",
            "It does not work with this panel.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
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
                        Text.of(
                                "It speaks %s; %s hears %s.",
                                kind.radioBand(),
                                profile.name(),
                                profile.radioBand().isEmpty() ? "none" : profile.radioBand()),
                        "Take one of the panel's band."));
    }

    private static Finding finding(PanelModule module, String says, String why, String remedy) {
        return RULE.finds(new Target.OfBox(module.id()), says, why, remedy);
    }
}
