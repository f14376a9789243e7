package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.PanelManners.Restores;
import io.answerback.core.panel.operation.Happening.BatteryState;
import org.junit.jupiter.api.Test;

/// What a panel does of itself, which its profile says; and what becomes of it without power.
class PanelMannersTest extends SharedHall {
    @Test
    void aMissingBatteryIsFoundByItsTestUnderLoad() {
        at("09:00:00", new Happening.Battery(BatteryState.MISSING));
        waits("23:00:00");
        assertThat(sent()).doesNotContain("1 311 0 0");
        waits("24:00:00");
        at("25:00:00", new Happening.Battery(BatteryState.WELL));
        assertThat(sent()).containsSubsequence("1 311 0 0", "3 311 0 0");
    }

    @Test
    void withoutMainsAndBatteryItIsDeadAndComesBackAsItWas() {
        bothSet();
        at("18:10:00", new Happening.Battery(BatteryState.MISSING));
        at("18:11:00", new Happening.Mains(false));
        assertThat(state.service().dead()).isTrue();
        opens("18:12:00", NORTH_WINDOW);
        waits("18:30:00");
        assertThat(sent()).doesNotContain("1 130 1 2", "1 301 0 0");
        at("18:40:00", new Happening.Mains(true));
        assertThat(mode(SOUTH)).isEqualTo(AreaMode.SET);
        assertThat(sent()).contains("1 130 1 2");
    }

    @Test
    void aPanelThatWaitsForTheSounderRestoresOnceItIsSilent() {
        PanelManners usual = PanelManners.USUAL;
        with(new PanelManners(7, 0, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.SOUNDER_ENDS, false));
        bothSet();
        opens("18:10:00", NORTH_WINDOW);
        closes("18:10:05", NORTH_WINDOW);
        waits("18:19:59");
        assertThat(sent()).contains("1 130 1 2").doesNotContain("3 130 1 2");
        waits("18:20:00");
        assertThat(sent()).contains("3 130 1 2");
        assertThat(usual.restores()).isEqualTo(Restores.POINT_CLOSES);
    }

    @Test
    void whereASecondDetectorConfirmsTheAlarmAfterEntryWaitsForItsExtension() {
        with(new PanelManners(7, 30, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.POINT_CLOSES, false));
        bothSet();
        opens("18:10:00", HALL_DOOR);
        waits("18:10:30");
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        waits("18:10:59");
        assertThat(sent()).doesNotContain("1 134 3 1");
        waits("18:11:00");
        assertThat(sent()).contains("1 134 3 1");
    }

    @Test
    void soundersMayWaitUntilASecondDetectorConfirms() {
        with(new PanelManners(7, 0, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.POINT_CLOSES, true));
        bothSet();
        opens("18:10:00", NORTH_WINDOW);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        assertThat(sent()).contains("1 130 1 2");
        opens("18:11:00", CORRIDOR);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        assertThat(sent()).contains("1 139 1 4");
    }
}
