package io.answerback.files;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.Trials;
import io.answerback.core.capacity.FaultPoint;
import io.answerback.core.id.FedId;
import io.answerback.core.remedy.Remedies;
import io.answerback.core.remedy.Remedy;
import io.answerback.core.site.Job;
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
