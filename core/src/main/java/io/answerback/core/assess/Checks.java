package io.answerback.core.assess;

import io.answerback.core.assess.departure.DepartureChecklist;
import io.answerback.core.bus.BusChecklist;
import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Check;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.loop.LoopChecklist;
import io.answerback.core.loop.commission.CommissionChecklist;
import io.answerback.core.loop.radio.RadioChecklist;
import io.answerback.core.loop.zone.ZoneChecklist;
import io.answerback.core.panel.behaviour.BehaviourChecklist;
import io.answerback.core.prove.acceptance.AcceptanceChecklist;
import io.answerback.core.prove.proof.ProofChecklist;
import io.answerback.core.report.ReportChecklist;
import io.answerback.core.report.answer.AnswerChecklist;
import io.answerback.core.report.attach.AttachChecklist;
import io.answerback.core.report.message.MessageChecklist;
import io.answerback.core.report.network.NetworkChecklist;
import io.answerback.core.setup.SetupChecklist;
import io.answerback.core.supply.SupplyChecklist;
import io.answerback.core.survey.SurveyChecklist;
import io.answerback.core.survey.capacity.CapacityChecklist;
import io.answerback.core.survey.takeover.TakeOverChecklist;
import io.answerback.core.wiring.cabling.CablingChecklist;
import io.answerback.core.wiring.cores.BoxCheck;
import io.answerback.core.wiring.cores.CoresChecklist;
import io.answerback.core.work.duration.DurationChecklist;
import java.util.List;
import java.util.stream.Stream;

/// Every check there is, from the checklists of all subjects.
public final class Checks {
    private static final List<List<Check>> BY_SUBJECT = List.of(
            LoopChecklist.ALL,
            CoresChecklist.ALL,
            ReportChecklist.ALL,
            SurveyChecklist.ALL,
            TakeOverChecklist.ALL,
            RadioChecklist.ALL,
            ProofChecklist.ALL,
            CablingChecklist.ALL,
            SupplyChecklist.ALL,
            CapacityChecklist.ALL,
            CommissionChecklist.ALL,
            SetupChecklist.ALL,
            BusChecklist.ALL,
            ZoneChecklist.ALL,
            BehaviourChecklist.ALL,
            AcceptanceChecklist.ALL,
            DurationChecklist.ALL,
            DepartureChecklist.ALL,
            AnswerChecklist.ALL,
            NetworkChecklist.ALL,
            MessageChecklist.ALL,
            AttachChecklist.ALL);

    static final List<PointCheck> OF_POINTS = those(PointCheck.class);
    static final List<CableCheck> OF_CABLES = those(CableCheck.class);
    static final List<BoxCheck> OF_BOXES = those(BoxCheck.class);
    static final List<JobCheck> OF_JOBS = those(JobCheck.class);

    private Checks() {}

    private static <C extends Check> List<C> those(Class<C> kind) {
        return BY_SUBJECT.stream()
                .flatMap(List::stream)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    /// Every rule there is: those of points first, then those of cables and of boxes, then those of the job as
    /// a whole.
    public static List<Rule> rules() {
        return Stream.of(OF_POINTS, OF_CABLES, OF_BOXES, OF_JOBS)
                .flatMap(List::stream)
                .flatMap(check -> check.rules().stream())
                .toList();
    }
}
