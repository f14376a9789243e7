package io.answerback.files;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.Trials;
import io.answerback.core.assess.remedy.Remedies;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.capacity.FaultPoint;
import java.util.List;

/// Ways to raise the volts at a device of a job, with everything that ships.
final class Ways {
    private Ways() {}

    static Trials trials(Job job) {
        return Trials.on(new Assessor(DataFiles.events()).assess(job));
    }

    static List<Remedy> to(Job job, FedId part) {
        return Remedies.of(
                trials(job),
                part,
                DataFiles.cableTypes(),
                FaultPoint.among(DataFiles.kinds(), DataFiles.conductors().getFirst()));
    }
}
