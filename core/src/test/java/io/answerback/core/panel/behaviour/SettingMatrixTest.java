package io.answerback.core.panel.behaviour;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.behaviour.SettingMatrix.Way;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallSetup;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a client is read out, written down by hand from what zone types mean; the panel model has to say the same.
class SettingMatrixTest {
    private static final int ZONE = 1;

    private static Job of(ZoneType type) {
        Job job = Edits.zoneType(ZONE, type).on(SmallSetup.job());
        return Edits.zoneArea(ZONE, Optional.of(1)).on(job);
    }

    private static List<ZoneEffect> does(Job job) {
        SettingMatrix.Row row = SettingMatrix.of(job).rows().stream()
                .filter(its -> its.zone() == ZONE)
                .findFirst()
                .orElseThrow();
        return Arrays.stream(Way.values()).map(row.does()::get).toList();
    }

    /// Unset, part set where it stays, set, entry time running, exit time running.
    @ParameterizedTest
    @CsvSource({
        "ENTRY_EXIT,      NOTHING,  ENTRY,    ENTRY,    WAITS,    WAITS",
        "ENTRY_ROUTE,     NOTHING,  ALARM,    ALARM,    WAITS,    WAITS",
        "IMMEDIATE,       NOTHING,  ALARM,    ALARM,    ALARM,    ALARM",
        "ALWAYS,          ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "TAMPER,          ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "TECHNICAL,       ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "GAS,             ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "HOLD_UP,         ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "HOLD_UP_SILENT,  ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "FIRE,            ALARM,    ALARM,    ALARM,    ALARM,    ALARM",
        "KEY_SWITCH,      SWITCHES, SWITCHES, SWITCHES, SWITCHES, SWITCHES",
        "KEY_SWITCH_HELD, SWITCHES, SWITCHES, SWITCHES, SWITCHES, SWITCHES",
        "LOG_ONLY,        LOG,      LOG,      LOG,      LOG,      LOG",
        "NOT_USED,        NOTHING,  NOTHING,  NOTHING,  NOTHING,  NOTHING"
    })
    void eachTypeDoesWhatItMeans(
            ZoneType type, ZoneEffect unset, ZoneEffect part, ZoneEffect set, ZoneEffect entering, ZoneEffect leaving) {
        Job job = SetupEdits.decide(Decision.ZONE_PART_SET, ZONE, "STAYS").on(of(type));
        assertThat(does(job)).containsExactly(unset, part, set, entering, leaving);
    }

    @Test
    void whatBecomesOfAZoneWhilePeopleAreInFollowsItsDecision() {
        Job job = of(ZoneType.IMMEDIATE);
        assertThat(does(SetupEdits.decide(Decision.ZONE_PART_SET, ZONE, "OUT").on(job)))
                .element(Way.PART_SET.ordinal())
                .isEqualTo(ZoneEffect.NOTHING);
        assertThat(does(SetupEdits.decide(Decision.ZONE_PART_SET, ZONE, "ENTRY").on(job)))
                .element(Way.PART_SET.ordinal())
                .isEqualTo(ZoneEffect.ENTRY);
        assertThat(does(SetupEdits.decide(Decision.ZONE_CHIME, ZONE, "yes").on(job)))
                .element(Way.UNSET.ordinal())
                .isEqualTo(ZoneEffect.CHIME);
    }

    @Test
    void anAlarmThatWaitsToBeSentIsOneAllTheSame() {
        Job job = SetupEdits.decide(Decision.REPORT_DELAY, 0, "30").on(of(ZoneType.IMMEDIATE));
        assertThat(does(job)).element(Way.SET.ordinal()).isEqualTo(ZoneEffect.ALARM);
        Job silent = Edits.account(1, "").on(of(ZoneType.HOLD_UP_SILENT));
        assertThat(does(silent)).element(Way.UNSET.ordinal()).isEqualTo(ZoneEffect.ALARM);
    }
}
