package io.answerback.core.panel;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PanelReducerTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");
    private static final int ENTRANCE = 1;
    private static final int STORE = 2;
    private static final int BUTTON = 3;

    private final Job job = SmallJob.job();
    private final PanelReducer panel = new PanelReducer(job);
    private final PanelState allSet = PanelState.allSet(job);

    private static PanelInput reads(int zone, Meaning meaning) {
        return new PanelInput.ZoneReads(zone, Optional.of(meaning));
    }

    private static String why(PanelStep step) {
        return ((Effect.Silent) step.effects().getFirst()).why();
    }

    @Test
    void anImmediateZoneOpensAndRestores() {
        PanelStep opened = panel.step(allSet, reads(STORE, Meaning.ALARM), NOW);
        assertThat(opened.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "130", 1, 2));
        PanelStep shut = panel.step(opened.state(), reads(STORE, Meaning.NORMAL), NOW);
        assertThat(shut.signals()).containsExactly(new Signal("1234", Qualifier.RESTORE, "130", 1, 2));
        assertThat(panel.step(shut.state(), reads(STORE, Meaning.NORMAL), NOW).signals())
                .isEmpty();
    }

    @Test
    void anUnsetAreaSendsNothingForADoorButAlwaysForAHoldUp() {
        PanelStep door = panel.step(PanelState.unset(job), reads(STORE, Meaning.ALARM), NOW);
        assertThat(door.signals()).isEmpty();
        assertThat(why(door)).isEqualTo("area 01 is unset: nothing is sent");
        PanelStep button = panel.step(PanelState.unset(job), reads(BUTTON, Meaning.ALARM), NOW);
        assertThat(button.signals()).containsExactly(new Signal("5678", Qualifier.NEW, "120", 2, 3));
    }

    @Test
    void tamperIsSentSetOrUnset() {
        PanelStep off = panel.step(PanelState.unset(job), reads(STORE, Meaning.TAMPER), NOW);
        assertThat(off.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "137", 1, 2));
        assertThat(panel.step(off.state(), reads(STORE, Meaning.NORMAL), NOW).signals())
                .containsExactly(new Signal("1234", Qualifier.RESTORE, "137", 1, 2));
    }

    @Test
    void theEntryTimeRunsOutAfterThirtySecondsUnlessTheAreaIsUnset() {
        PanelStep entered = panel.step(allSet, reads(ENTRANCE, Meaning.ALARM), NOW);
        assertThat(entered.effects()).containsExactly(new Effect.EntryStarted(1, 30));
        assertThat(panel.step(entered.state(), new PanelInput.TimePasses(), NOW.plusSeconds(29))
                        .signals())
                .isEmpty();
        assertThat(panel.step(entered.state(), new PanelInput.TimePasses(), NOW.plusSeconds(30))
                        .signals())
                .containsExactly(new Signal("1234", Qualifier.NEW, "134", 1, 1));
        PanelStep unset = panel.step(entered.state(), new PanelInput.UnsetArea(1, 4), NOW.plusSeconds(20));
        assertThat(unset.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "401", 1, 4));
        assertThat(panel.step(unset.state(), new PanelInput.TimePasses(), NOW.plusSeconds(40))
                        .signals())
                .isEmpty();
    }

    @Test
    void theEntryRouteIsSilentWhileTheEntryTimeRuns() {
        PanelReducer routed =
                new PanelReducer(Edits.zoneType(STORE, ZoneType.ENTRY_ROUTE).on(job));
        PanelStep entered = routed.step(allSet, reads(ENTRANCE, Meaning.ALARM), NOW);
        assertThat(routed.step(entered.state(), reads(STORE, Meaning.ALARM), NOW.plusSeconds(5))
                        .signals())
                .isEmpty();
        assertThat(routed.step(allSet, reads(STORE, Meaning.ALARM), NOW).signals())
                .containsExactly(new Signal("1234", Qualifier.NEW, "132", 1, 2));
    }

    @Test
    void settingWithAnOpenZoneIsRefusedAtTheKeypad() {
        PanelStep opened = panel.step(PanelState.unset(job), reads(STORE, Meaning.ALARM), NOW);
        PanelStep refused = panel.stepToTheEnd(opened.state(), new PanelInput.SetArea(1, 4), NOW);
        assertThat(refused.signals()).isEmpty();
        assertThat(why(refused)).startsWith("Not set, open: ");
        assertThat(refused.state().setAreas()).isEmpty();
        PanelStep set = panel.stepToTheEnd(PanelState.unset(job), new PanelInput.SetArea(1, 4), NOW);
        assertThat(set.signals()).containsExactly(new Signal("1234", Qualifier.RESTORE, "401", 1, 4));
        assertThat(set.state().setAreas()).containsExactly(1);
    }

    @Test
    void aPanelLeftAloneRemembersNoAlarmAndStaysSet() {
        PanelState alarmed =
                panel.step(allSet, reads(STORE, Meaning.ALARM), NOW).state();
        PanelState calm = alarmed.calm();
        assertThat(calm.operation().timers()).isEmpty();
        assertThat(calm.setAreas()).isEqualTo(allSet.setAreas());
        assertThat(panel.step(calm, reads(STORE, Meaning.NORMAL), NOW).signals())
                .containsExactly(new Signal("1234", Qualifier.RESTORE, "130", 1, 2));
    }

    @Test
    void aKeySwitchUnsetsAtOnceAndSetsAfterTheExitTime() {
        PanelReducer keyed =
                new PanelReducer(Edits.zoneType(STORE, ZoneType.KEY_SWITCH).on(job));
        PanelStep unset = keyed.step(allSet, reads(STORE, Meaning.ALARM), NOW);
        assertThat(unset.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "409", 1, 2));
        PanelStep home = keyed.step(unset.state(), reads(STORE, Meaning.NORMAL), NOW);
        assertThat(keyed.step(home.state(), reads(STORE, Meaning.ALARM), NOW).signals())
                .isEmpty();
        assertThat(keyed.stepToTheEnd(home.state(), reads(STORE, Meaning.ALARM), NOW)
                        .signals())
                .containsExactly(new Signal("1234", Qualifier.RESTORE, "409", 1, 2));
    }

    @Test
    void aHeldKeySetsWhileItIsTurnedAndASilentHoldUpCallsAlways() {
        PanelReducer held =
                new PanelReducer(Edits.zoneType(STORE, ZoneType.KEY_SWITCH_HELD).on(job));
        PanelStep turned = held.stepToTheEnd(PanelState.unset(job), reads(STORE, Meaning.ALARM), NOW);
        assertThat(turned.signals()).containsExactly(new Signal("1234", Qualifier.RESTORE, "409", 1, 2));
        assertThat(held.step(turned.state(), reads(STORE, Meaning.ALARM), NOW).signals())
                .as("held on")
                .isEmpty();
        assertThat(held.step(turned.state(), reads(STORE, Meaning.NORMAL), NOW).signals())
                .containsExactly(new Signal("1234", Qualifier.NEW, "409", 1, 2));
        PanelReducer silent =
                new PanelReducer(Edits.zoneType(STORE, ZoneType.HOLD_UP_SILENT).on(job));
        assertThat(silent.step(PanelState.unset(job), reads(STORE, Meaning.ALARM), NOW)
                        .signals())
                .containsExactly(new Signal("1234", Qualifier.NEW, "122", 1, 2));
    }

    @Test
    void whatIsNotProgrammedIsSilentAndSaysWhy() {
        PanelReducer off =
                new PanelReducer(Edits.zoneType(STORE, ZoneType.NOT_USED).on(job));
        assertThat(why(off.step(allSet, reads(STORE, Meaning.ALARM), NOW))).contains("is off");
        PanelReducer homeless =
                new PanelReducer(Edits.zoneArea(STORE, Optional.empty()).on(job));
        assertThat(why(homeless.step(allSet, reads(STORE, Meaning.ALARM), NOW))).contains("has no area");
        PanelReducer anonymous = new PanelReducer(Edits.account(1, "").on(job));
        assertThat(why(anonymous.step(allSet, reads(STORE, Meaning.ALARM), NOW)))
                .contains("has no account");
        PanelStep between = panel.step(allSet, new PanelInput.ZoneReads(STORE, Optional.empty()), NOW);
        assertThat(why(between)).contains("between bands");
    }

    @Test
    void systemPointsReportOnceUnderTheFirstAccount() {
        var fails = new PanelInput.SystemChanges(SystemPoint.MAINS, true);
        PanelStep failed = panel.step(PanelState.unset(job), fails, NOW);
        assertThat(failed.signals()).containsExactly(new Signal("1234", Qualifier.NEW, "301", 0, 0));
        assertThat(panel.step(failed.state(), fails, NOW).signals()).isEmpty();
        var back = new PanelInput.SystemChanges(SystemPoint.MAINS, false);
        assertThat(panel.step(failed.state(), back, NOW).signals())
                .containsExactly(new Signal("1234", Qualifier.RESTORE, "301", 0, 0));
    }

    /// Whatever happens, a zone never sends two alarms restored twice: restores never outnumber alarms.
    @Property
    void restoresNeverOutnumberAlarms(@ForAll @Size(max = 60) List<@IntRange(max = 11) Integer> happenings) {
        PanelState state = allSet;
        List<Signal> sent = new ArrayList<>();
        Instant now = NOW;
        for (int happening : happenings) {
            now = now.plusSeconds(7);
            PanelStep step = panel.step(state, input(happening), now);
            sent.addAll(step.signals());
            state = step.state();
        }
        for (int zone = 1; zone <= 3; zone++) {
            int at = zone;
            List<Signal> alarms = sent.stream()
                    .filter(signal -> signal.zone() == at && !signal.event().startsWith("4"))
                    .toList();
            long ended = alarms.stream()
                    .filter(signal -> signal.qualifier() == Qualifier.RESTORE)
                    .count();
            assertThat(ended).isLessThanOrEqualTo(alarms.size() - ended);
        }
    }

    private static PanelInput input(int happening) {
        return switch (happening) {
            case 9 -> new PanelInput.SetArea(1, 1);
            case 10 -> new PanelInput.UnsetArea(1, 1);
            case 11 -> new PanelInput.TimePasses();
            default -> reads(happening / 3 + 1, Meaning.values()[happening % 3]);
        };
    }
}
