package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.supply.Loads;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cores.CoreNeeds;
import io.answerback.core.work.materials.Material;
import io.answerback.core.work.materials.MaterialList;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What shares a loop, and what stays in alarm on it.
class SharedLoopRulesTest {
    private final Job job = SmallJob.job();

    /// A detector that shares the loop of a contact takes its current, needs supply cores, and must close at rest
    /// too.
    @Test
    void whatSharesALoopIsADeviceLikeAnyOther() {
        PointId id = new PointId("02");
        PointKind open = new PointKind(
                "open",
                "sensor",
                SmallKinds.MOVEMENT.family(),
                SmallKinds.MOVEMENT.words(),
                io.answerback.core.model.device.ContactForm.NORMALLY_OPEN,
                SmallKinds.MOVEMENT.outputs(),
                false,
                false,
                Optional.of(new io.answerback.core.model.device.Powering(12, 40, 9, 60)),
                false);
        Job shared = TakeOverEdits.addContact(id, "Store sensor", open).on(job);
        assertThat(Found.in(shared, "contact-unlike-scheme:02").orElseThrow().says())
                .isEqualTo("Store sensor: its contact is normally open");
        Point point = shared.point(id).orElseThrow();
        assertThat(CoreNeeds.powered(point)).isTrue();
        assertThat(Loads.of(shared).get(id).alarmMilliamps()).isEqualTo(40);
        assertThat(Loads.of(shared).get(id).leastVolts()).isEqualTo(9);
        assertThat(Loads.of(job)).doesNotContainKey(id);
        assertThat(pieces(shared, "device:sensor")).isEqualTo(1);
        assertThat(pieces(shared, "fixings")).isEqualTo(pieces(job, "fixings") + 2);
        assertThat(pieces(shared, "resistor:4k7")).isEqualTo(pieces(job, "resistor:4k7") + 1);
    }

    /// A hold-up button on the loop of a door is left out with the door, and is as vital as one by itself.
    @Test
    void aHoldUpThatSharesTheLoopOfADoorIsFound() {
        PointId id = new PointId("02");
        PointKind button = SmallParts.pointKind(
                "button",
                "hold-up button",
                io.answerback.core.model.device.KindFamily.HOLD_UP,
                SmallKinds.MOVEMENT.words(),
                SmallKinds.MOVEMENT.contact(),
                new PointKind.Outputs(false, false, false),
                false,
                false,
                Optional.empty());
        Job shared = TakeOverEdits.addContact(id, "Till", button).on(job);
        assertThat(Found.in(job, "watches-only-when-set:02")).isEmpty();
        Finding found = Found.in(shared, "watches-only-when-set:02").orElseThrow();
        assertThat(found.says()).startsWith("Hold-up button that is");
        assertThat(found.remedy()).startsWith("Put the hold-up button on an input of its own");
        Job once = SetupEdits.decide(Decision.MOST_ALARMS, 0, "1").on(shared);
        assertThat(Found.in(once, "vital-zone-shuts-off").orElseThrow().why()).contains("02");
    }

    /// Detectors that stay in alarm until their supply is taken away need an output that does it; one on a loop
    /// with others hides them meanwhile.
    @Test
    void whatStaysInAlarmIsResetAndHidesNothing() {
        PointKind smoke = new PointKind(
                "smoke",
                "smoke detector",
                io.answerback.core.model.device.KindFamily.FIRE,
                SmallKinds.GAS.words(),
                SmallKinds.MOVEMENT.contact(),
                new PointKind.Outputs(false, false, false),
                false,
                false,
                Optional.of(new io.answerback.core.model.device.Powering(8, 35, 10, 60)),
                false,
                Optional.of(io.answerback.core.model.device.Latch.SUPPLY),
                0);
        PointId id = new PointId("02");
        Job fire = PointEdits.change("", Set.of(id), point -> point.withKind(smoke))
                .on(job);
        assertThat(Found.in(job, "detector-reset-missing")).isEmpty();
        assertThat(Found.in(fire, "detector-reset-missing").orElseThrow().says())
                .isEqualTo("No output resets 02");
        assertThat(Found.in(fire, "latch-hides-others:02")).isEmpty();
        Job shared = TakeOverEdits.addContact(id, "Second", smoke).on(fire);
        Finding hides = Found.in(shared, "latch-hides-others:02").orElseThrow();
        assertThat(hides.grade()).isEqualTo(Grade.WRONG);
        assertThat(hides.why()).contains("by taking its supply away");
    }

    private static double pieces(Job job, String material) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).get(MaterialList.FACT).materials().stream()
                        .filter(its -> its.id().equals(material))
                        .mapToDouble(Material::needed)
                        .sum();
    }
}
