package io.answerback.core.prove.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class PointSimulationTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    private static Outcome act(Job job, String point, boolean active, PanelState panel) {
        var result = new Assessor(SmallJob.EVENTS)
                .assess(job)
                .point(new PointId(point))
                .orElseThrow();
        return new PointSimulation(job, SmallJob.EVENTS).act(result, active, panel, NOW);
    }

    @Test
    void openingADoorRunsThroughFiveLinksToASignal() {
        Job job = SmallJob.job();
        Outcome outcome = act(job, "02", true, PanelState.allSet(job));
        assertThat(outcome.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "130", 1, 2));
        assertThat(outcome.links())
                .extracting(LinkState::link)
                .containsExactly(Link.POINT, Link.LOOP, Link.INPUT, Link.ZONE, Link.EVENT);
        assertThat(outcome.links().getFirst().line()).isEqualTo("open");
        assertThat(outcome.links().get(1).line()).startsWith("alarm, ");
    }

    @Test
    void theEntranceWaitsOutItsEntryTimeInThePanelsOwnTime() {
        Job job = SmallJob.job();
        Outcome outcome = act(job, "01", true, PanelState.allSet(job));
        assertThat(outcome.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "134", 1, 1));
        assertThat(outcome.links().getLast().line()).endsWith("entry time ran out");
    }

    @Test
    void aZoneThatIsOffStopsAtTheZoneAndSaysWhy() {
        Job job = Edits.zoneType(2, ZoneType.NOT_USED).on(SmallJob.job());
        Outcome outcome = act(job, "02", true, PanelState.allSet(job));
        assertThat(outcome.signals()).isEmpty();
        assertThat(outcome.stoppedAt()).contains(Link.ZONE);
        assertThat(outcome.why()).contains("is off");
    }

    @Test
    void aLoopThatReadsBetweenBandsPromisesNothing() {
        Job job = LoopEdits.parts("", new PointId("02"), wiring -> wiring.withAlarmOhms(1500))
                .on(SmallJob.job());
        Outcome outcome = act(job, "02", true, PanelState.allSet(job));
        assertThat(outcome.signals()).isEmpty();
        assertThat(outcome.why()).contains("between bands");
    }

    @Test
    void aPointWithoutACableStopsAtItsLoop() {
        Job job = SmallJob.job().withCables(java.util.List.of());
        assertThat(act(job, "02", true, PanelState.allSet(job)).stoppedAt()).contains(Link.LOOP);
    }

    @Test
    void mainsFailsAndComesBack() {
        Job job = SmallJob.job();
        Outcome failed = act(job, "mains", true, PanelState.allSet(job));
        assertThat(failed.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "301", 0, 0));
        assertThat(act(job, "mains", false, failed.panel()).signals())
                .containsExactly(new Signal("1234", Qualifier.RESTORE, "301", 0, 0));
    }
}
