package io.answerback.core.panel.behaviour;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.panel.behaviour.SettingMatrix.Row;
import io.answerback.core.panel.behaviour.SettingMatrix.Way;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Ways in against the entry time of 30 s, and what zones do by day and night. Point 02 is made the door, point
/// 03 what is passed.
class EntryWalkTest {
    private static Job walked(ZoneType passed, double seconds) {
        Job job = PointEdits.surveyed("", Set.of(new PointId("02")), surveyed -> surveyed.withType(ZoneType.ENTRY_EXIT))
                .on(SmallSetup.job());
        job = PointEdits.programAsSurveyed(new PointId("02")).on(job);
        job = PointEdits.surveyed(
                        "",
                        Set.of(new PointId("03")),
                        surveyed -> surveyed.withType(passed).withArea(java.util.Optional.of(1)))
                .on(job);
        job = PointEdits.programAsSurveyed(new PointId("03")).on(job);
        return SetupEdits.walk(new TimedWalk(
                        new PointId("02"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("03"), 14)),
                        seconds))
                .on(job);
    }

    private static EntryWalk walk(Job job) {
        return EntryWalk.of(job).getFirst();
    }

    private static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    @Test
    void aWalkThatTakesEightSecondsLongerThanThereAreFails() {
        Job job = walked(ZoneType.ENTRY_ROUTE, 38);
        assertThat(walk(job).shortBySeconds()).isEqualTo(8);
        assertThat(found(job)).contains("way-in-too-slow:02");
        assertThat(EntryRemedies.of(job, walk(job)))
                .extracting(EntryRemedies.Remedy::says, EntryRemedies.Remedy::enough)
                .containsExactly(
                        // 38 s in steps of five
                        org.assertj.core.api.Assertions.tuple("Give 40 s in area 01", true));
    }

    @Test
    void aKeypadNearerToTheDoorHelpsWhereTheCodeIsTypedInTimeThen() {
        // the code takes 12 s from the last detector, at 26 s; from the first, at 14 s, it is typed at 26 s
        Job job = SetupEdits.walk(new TimedWalk(
                        new PointId("02"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("03"), 14), new TimedWalk.Pace(new PointId("01"), 26)),
                        38))
                .on(walked(ZoneType.ENTRY_ROUTE, 38));
        EntryRemedies.Remedy nearer = EntryRemedies.of(job, walk(job)).getLast();
        assertThat(nearer.says()).startsWith("Move the keypad to where");
        assertThat(walk(nearer.edit().on(job)).walk().seconds()).isEqualTo(26);
        assertThat(walk(nearer.edit().on(job)).shortBySeconds()).isZero();
    }

    @Test
    void aPointThatIsTakenOffTheListIsPassedNoMore() {
        Job job = walked(ZoneType.IMMEDIATE, 20);
        assertThat(walk(PointEdits.remove(List.of(new PointId("03"))).on(job)).passings())
                .isEmpty();
        assertThat(EntryWalk.of(PointEdits.remove(List.of(new PointId("02"))).on(job)))
                .isEmpty();
    }

    @Test
    void anEntryRouteOfAnotherAreaDoesNotWait() {
        Job job = walked(ZoneType.ENTRY_ROUTE, 20);
        assertThat(walk(job).ok()).isTrue();
        Job other = PointEdits.surveyed(
                        "", Set.of(new PointId("03")), surveyed -> surveyed.withArea(java.util.Optional.of(2)))
                .on(job);
        assertThat(found(PointEdits.programAsSurveyed(new PointId("03")).on(other)))
                .contains("way-in-alarms:03");
    }

    @Test
    void eachRemedyMendsItWhenItIsApplied() {
        Job job = SetupEdits.walk(new TimedWalk(
                        new PointId("02"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("03"), 30)),
                        38))
                .on(walked(ZoneType.IMMEDIATE, 38));
        assertThat(found(job)).contains("way-in-alarms:03", "way-in-too-slow:02");
        List<EntryRemedies.Remedy> remedies = EntryRemedies.of(job, walk(job));
        assertThat(remedies).noneMatch(EntryRemedies.Remedy::enough).hasSizeGreaterThanOrEqualTo(2);
        Job mended = job;
        for (EntryRemedies.Remedy remedy : remedies.subList(0, 2)) {
            mended = remedy.edit().on(mended);
        }
        assertThat(walk(mended).ok()).as("both together").isTrue();
        assertThat(found(mended)).noneMatch(id -> id.startsWith("way-in"));
    }

    @Test
    void aDoorThatStartsNoEntryTimeIsNoWayIn() {
        Job job = SetupEdits.walk(new TimedWalk(new PointId("03"), new ModuleId("Keypad 1"), List.of(), 20))
                .on(walked(ZoneType.IMMEDIATE, 10));
        assertThat(found(job)).contains("way-in-unready:03");
    }

    /// The area of a zone is a number somebody types: the site need not have it.
    @Test
    void aDoorInAnAreaThatIsNotThereIsNoWayIn() {
        Job job = SetupEdits.decide(Decision.ZONE_AREA, walkedZone(), "4").on(walked(ZoneType.ENTRY_ROUTE, 20));
        assertThat(walk(job).unready()).isEqualTo("its zone is in area 04, which this site does not have");
        assertThat(walk(job).ok()).isFalse();
        assertThat(found(job)).contains("way-in-unready:02").noneMatch(id -> id.startsWith("way-out"));
    }

    private static int walkedZone() {
        return SmallJob.job().inputOf(new PointId("02")).orElseThrow().zone();
    }

    @Test
    void aPointThatIsPassedOnTwoWaysIsFoundOnce() {
        Job job = SetupEdits.walk(new TimedWalk(
                        new PointId("01"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("03"), 5)),
                        10))
                .on(walked(ZoneType.IMMEDIATE, 20));
        assertThat(EntryWalk.of(job))
                .hasSize(2)
                .allMatch(way -> way.passings().getFirst().alarms());
        assertThat(found(job)).filteredOn("way-in-alarms:03"::equals).hasSize(1);
    }

    @Test
    void whatAZoneDoesFollowsItsBehaviourAndWhatBecomesOfItAtNight() {
        Job job = walked(ZoneType.ENTRY_ROUTE, 20);
        assertThat(row(job, "02").does())
                .containsEntry(Way.UNSET, ZoneEffect.NOTHING)
                .containsEntry(Way.SET, ZoneEffect.ENTRY)
                .containsEntry(Way.ENTERING, ZoneEffect.WAITS);
        int zone = job.inputOf(new PointId("02")).orElseThrow().zone();
        Job out = SetupEdits.decide(Decision.ZONE_PART_SET, zone, PartSet.OUT.name())
                .on(job);
        assertThat(row(out, "02").does()).containsEntry(Way.PART_SET, ZoneEffect.NOTHING);
        Job chimes = SetupEdits.decide(Decision.ZONE_CHIME, zone, "yes").on(job);
        assertThat(row(chimes, "02").does()).containsEntry(Way.UNSET, ZoneEffect.CHIME);
    }

    private static Row row(Job job, String point) {
        int zone = job.inputOf(new PointId(point)).orElseThrow().zone();
        return SettingMatrix.of(job).rows().stream()
                .filter(row -> row.zone() == zone)
                .findFirst()
                .orElseThrow();
    }
}
