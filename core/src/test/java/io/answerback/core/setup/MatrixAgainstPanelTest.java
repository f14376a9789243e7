package io.answerback.core.setup;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.edit.Edits;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.panel.Effect;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.panel.PanelStep;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.setup.SettingMatrix.Way;
import io.answerback.core.site.Job;
import io.answerback.core.testing.SmallSetup;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What is read out to the client is what the panel model does, for every behaviour there is: unset, set, and
/// while the entry time runs. Zone 1 is the door, zone 2 takes each behaviour in turn.
class MatrixAgainstPanelTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");
    private static final int DOOR = 1;
    private static final int ZONE = 2;

    @ParameterizedTest
    @EnumSource(value = ZoneType.class, mode = EnumSource.Mode.EXCLUDE, names = "NOT_USED")
    void theTableSaysWhatThePanelDoes(ZoneType type) {
        Job job = Edits.zoneType(DOOR, ZoneType.ENTRY_EXIT).on(SmallSetup.job());
        job = Edits.zoneType(ZONE, type).on(job);
        job = Edits.zoneArea(DOOR, Optional.of(1)).on(job);
        job = Edits.zoneArea(ZONE, Optional.of(1)).on(job);
        job = SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job);
        PanelReducer panel = new PanelReducer(job);
        PanelState set = PanelState.allSet(job);
        PanelState entering = opens(panel, set, DOOR).state();
        assertThat(entering.entries()).containsKey(1);
        var does = SettingMatrix.of(job).rows().stream()
                .filter(row -> row.zone() == ZONE)
                .findFirst()
                .orElseThrow()
                .does();
        assertThat(does.get(Way.UNSET)).isEqualTo(seen(type, panel, PanelState.unset(), ZoneEffect.NOTHING));
        assertThat(does.get(Way.SET)).isEqualTo(seen(type, panel, set, ZoneEffect.NOTHING));
        assertThat(does.get(Way.ENTERING)).isEqualTo(seen(type, panel, entering, ZoneEffect.WAITS));
    }

    private static PanelStep opens(PanelReducer panel, PanelState state, int zone) {
        return panel.step(state, new PanelInput.ZoneReads(zone, Optional.of(Meaning.ALARM)), NOW);
    }

    /// What the panel model did, in the words of the table.
    private static ZoneEffect seen(ZoneType type, PanelReducer panel, PanelState state, ZoneEffect silent) {
        if (type == ZoneType.LOG_ONLY) {
            return ZoneEffect.LOG;
        }
        PanelStep step = opens(panel, state, ZONE);
        boolean switched = !step.state().setAreas().equals(state.setAreas());
        if (switched || type.switches()) {
            return ZoneEffect.SWITCHES;
        }
        if (!step.signals().isEmpty()) {
            return ZoneEffect.ALARM;
        }
        return step.effects().stream().anyMatch(Effect.EntryStarted.class::isInstance) ? ZoneEffect.ENTRY : silent;
    }
}
