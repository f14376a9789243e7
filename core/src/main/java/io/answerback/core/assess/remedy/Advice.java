package io.answerback.core.assess.remedy;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Trials;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.FarVoltsShort;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.FaultPoint;
import java.util.List;
import java.util.Optional;

/// What to do about a finding, in words: for a device that is short of volts the first way that was tried and is
/// enough, which takes a moment to work out; for any other what the finding itself says.
///
/// @param assessment of the job
/// @param types the cables there are to choose from
/// @param faultPoint what a point for a fault output of a new supply is made of
public record Advice(Assessment assessment, List<CableType> types, FaultPoint faultPoint) {
    /// What to do about a finding of the assessment.
    public String on(Finding finding) {
        return finding.rule().equals(FarVoltsShort.RULE)
                ? starved(finding).map(this::tried).orElse(finding.remedy())
                : finding.remedy();
    }

    private Optional<FedId> starved(Finding finding) {
        return assessment.get(Supplies.FACT).states().stream()
                .flatMap(state -> state.volts().stream())
                .map(DeviceVolts::part)
                .filter(part -> part.toString().equals(finding.of()))
                .findFirst();
    }

    private String tried(FedId part) {
        try (Trials trials = Trials.on(assessment)) {
            List<Remedy> ways = Remedies.of(trials, part, types, faultPoint);
            return ways.stream()
                    .filter(Remedy::ok)
                    .findFirst()
                    .map(way -> Text.of("%s: then it gets %.2f V.", way.words(), way.atEndVolts()))
                    .orElseGet(() -> Text.of(
                            "None of the %d ways that were tried is enough: bring the supply nearer, or take load off its cable.",
                            ways.size()));
        }
    }
}
