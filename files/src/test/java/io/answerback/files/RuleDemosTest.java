package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Zone;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Rules that need a whole site: each is quiet on the first demo and finds what one change makes wrong.
class RuleDemosTest {
    private static final Job JOB = DemoJobs.job(1);

    private static List<String> found(Job job) {
        return new Assessor(DataFiles.events())
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of("address-undecided", JOB.withBus(Bus.UNDECIDED)),
                Arguments.of(
                        "address-unfit:200",
                        withAddress(new BusAddress(200, new ModuleId("Expander 1"), Optional.empty()))),
                Arguments.of(
                        "listens-for-no-area:14",
                        withAddress(new BusAddress(14, new ModuleId("Communicator"), Optional.of(77)))),
                Arguments.of(
                        "no-area:01",
                        PointEdits.surveyed(
                                        "", Set.of(new PointId("01")), surveyed -> surveyed.withArea(Optional.empty()))
                                .on(JOB)),
                Arguments.of(
                        "zone-unlike-survey:02",
                        withZone(JOB.zone(2).orElseThrow().withType(ZoneType.ALWAYS))),
                Arguments.of(
                        "zone-nobody-brings:99",
                        withZone(new Zone(99, ZoneType.IMMEDIATE, Optional.of(1), Optional.empty()))),
                Arguments.of("programmed-since-proven:01", typedAgain()),
                Arguments.of("input-of-another-use:01", twoWireDetector()),
                Arguments.of(
                        "bus-conductor-too-thin:Keypad 3",
                        Edits.cableMetres(new CableId("C-41"), 101).on(JOB)),
                Arguments.of("sounder-battery-short:Sounder 1", smallSounderBattery()),
                Arguments.of("key-switch-without-resistor:" + unused().id(), keySwitch()));
    }

    private static Job withAddress(BusAddress given) {
        return JOB.withBus(JOB.bus().withAddresses(given.module(), List.of(given)));
    }

    private static Job withZone(Zone zone) {
        List<Zone> zones = new ArrayList<>(JOB.zones());
        zones.removeIf(other -> other.number() == zone.number());
        zones.add(zone);
        return JOB.withZones(zones);
    }

    /// Zone 1 was answered in May; its type is typed once more in July.
    private static Job typedAgain() {
        List<PanelProgramming.Typed> typed = new ArrayList<>(JOB.setup().typed());
        String setting = JOB.panel().profile().setup().settings().stream()
                .filter(its -> its.scope() == SettingScope.ZONE)
                .map(Setting::id)
                .findFirst()
                .orElseThrow();
        typed.removeIf(done -> done.setting().equals(setting) && done.number() == 1);
        typed.add(new PanelProgramming.Typed(setting, 1, "3", Instant.parse("2026-07-01T10:00:00Z"), 5, ""));
        return JOB.withSetup(new PanelProgramming(
                JOB.setup().decided(),
                JOB.setup().users(),
                typed,
                JOB.setup().found(),
                JOB.setup().codes(),
                JOB.setup().walks()));
    }

    private static Input unused() {
        return JOB.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    /// No input of the board powers a detector over its loop.
    private static Job twoWireDetector() {
        PointKind smoke = DataFiles.kinds().entries().stream()
                .map(KindCatalogue.Entry::kind)
                .filter(PointKind::twoWire)
                .findFirst()
                .orElseThrow();
        return PointEdits.change("", Set.of(new PointId("01")), point -> point.withKind(smoke))
                .on(JOB);
    }

    /// A sounder whose battery is a tenth of what its maker gives it.
    private static Job smallSounderBattery() {
        ModuleKind sounder = JOB.panel().profile().module("sounder-own-battery").orElseThrow();
        Job fitted = CapacityEdits.fit("", List.of(sounder)).on(JOB);
        String small = JobCodec.write(JobDocument.of(fitted)).replace("\"ampHours\": 1.2,", "\"ampHours\": 0.12,");
        try {
            return JobCodec.read(small, "small").job();
        } catch (BrokenFile broken) {
            throw new AssertionError(broken);
        }
    }

    private static Job keySwitch() {
        Job programmed = withZone(new Zone(unused().zone(), ZoneType.KEY_SWITCH, Optional.of(1), Optional.empty()));
        return programmed.withInputs(JOB.inputs().stream()
                .map(input ->
                        input.id().equals(unused().id()) ? input.withUnusedFitted(UnusedTermination.NOTHING) : input)
                .toList());
    }

    @ParameterizedTest
    @MethodSource("changes")
    void oneChangeIsFound(String id, Job changed) {
        assertThat(found(JOB)).doesNotContain(id);
        assertThat(found(changed)).contains(id);
    }

    @Test
    void coversAreWatchedByTheTamperRingOfOneDemoAndByNothingInAnother() {
        assertThat(found(JOB)).noneMatch(id -> id.startsWith("cover-unwatched"));
        assertThat(found(DemoJobs.job(3))).anyMatch(id -> id.startsWith("cover-unwatched"));
    }

    @Test
    void anAreaWithoutAnEntryTimeIsFound() {
        assertThat(found(JOB)).contains("area-without-way-in:2").doesNotContain("area-without-way-in:1");
    }

    @Test
    void namesAreCutWhereKeypadsShowFewLetters() {
        long cut = Stream.of(1, 2, 3)
                .filter(demo -> found(DemoJobs.job(demo)).contains("names-cut"))
                .count();
        assertThat(cut).isEqualTo(2);
    }

    @Test
    void limitsAgainstFalseAlarmsAskForTimeAndAllowNoMoreRepeats() {
        Job limited = JOB.withPractice(Practice.of(DataFiles.rules("false-alarm-limits")));
        Intent intent = new Intent(limited);
        assertThat(intent.of(Decision.EXIT_TIME, 2)).isEqualTo(new Intent(JOB).of(Decision.EXIT_TIME, 2));
        assertThat(intent.usual(Decision.REPORT_DELAY, 0)).contains(new SettingValue.Amount(15));
        Job hurried = SetupEdits.decide(Decision.EXIT_TIME, 1, "30").on(limited);
        hurried = SetupEdits.decide(Decision.ENTRY_TIME, 2, "20").on(hurried);
        hurried = SetupEdits.decide(Decision.REPORT_DELAY, 0, "50").on(hurried);
        assertThat(new Assessor(DataFiles.events()).assess(hurried).findings())
                .extracting(Finding::id)
                .contains("below-rule:EXIT_TIME 1", "below-rule:ENTRY_TIME 2", "beyond-rule:REPORT_DELAY 0");
        assertThat(new Assessor(DataFiles.events()).assess(limited).findings())
                .extracting(Finding::id)
                .noneMatch(id -> id.startsWith("below-rule"));
    }
}
