package io.answerback.core.model.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import org.junit.jupiter.api.Test;

class SettingCatalogueTest {
    private final SettingCatalogue panel = SmallSetup.catalogue(SmallSetup.BEHAVIOUR, SmallSetup.AREA);
    private final SettingCatalogue unit = SmallSetup.catalogue(SmallSetup.BEHAVIOUR, SmallSetup.AREA, SmallSetup.CODE);

    @Test
    void theSettingsOfAnotherBoxKeepTheirOrderAndFindEachOther() {
        SettingCatalogue both = panel.with(SettingCatalogue.UNIT, unit);
        assertThat(both.settings())
                .extracting(Setting::id)
                .containsExactly("behaviour", "area", "unit:behaviour", "unit:area", "unit:code");
        Setting area = both.setting("unit:area").orElseThrow();
        assertThat(area.after()).containsExactly("unit:behaviour");
        assertThat(both.place(area.place()).orElseThrow().in()).isEqualTo("unit:menu");
        assertThat(both.place("unit:menu").orElseThrow().in()).isEmpty();
        assertThat(both.manner()).isEqualTo(panel.manner());
    }

    @Test
    void aSettingThatIsInNoPlaceStaysSo() {
        assertThat(panel.with(SettingCatalogue.UNIT, unit)
                        .setting("unit:code")
                        .orElseThrow()
                        .place())
                .isEmpty();
    }

    @Test
    void whatIsThereTwiceIsRefusedByItsId() {
        assertThatThrownBy(() -> SmallSetup.catalogue(SmallSetup.AREA, SmallSetup.AREA))
                .hasMessageContaining("setting area is there twice");
        assertThatThrownBy(() -> SmallSetup.catalogue(List.of(new MenuPlace("menu", "Another", ""))))
                .hasMessageContaining("place menu is there twice");
    }

    @Test
    void aPanelTakesNoIdThatIsKeptForACommunicator() {
        PanelProfile profile = SmallJob.job().panel().profile();
        assertThatThrownBy(() -> profile.withSetup(panel.with(SettingCatalogue.UNIT, unit)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(profile.name())
                .hasMessageContaining("has the id unit:menu");
    }
}
