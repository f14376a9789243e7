package io.answerback.core.model.profile;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.testing.SmallJob;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProfileSummaryTest {
    private final PanelProfile profile = SmallJob.job().panel().profile();

    @Test
    void saysHowManyInputsAndZonesThereCanBe() {
        ProfileSummary summary = ProfileSummary.of(profile);
        assertThat(summary.size())
                .isEqualTo("%d inputs, up to %d zones"
                        .formatted(profile.board().inputs(), profile.capacity().zones()));
        assertThat(summary.zones()).contains("wireless").contains("area");
    }

    @Test
    void namesEverySchemeItReadsOnce() {
        String loops = ProfileSummary.of(profile).loops();
        profile.schemes()
                .forEach(bands ->
                        assertThat(loops).containsOnlyOnce(" " + bands.scheme().words()));
    }

    @Test
    void whatTheProfileDoesNotSayIsUnknown() {
        PanelProfile bare = new PanelProfile(
                "bare",
                "Bare panel",
                profile.pullUpVolts(),
                profile.pullUpOhms(),
                30,
                profile.schemes(),
                profile.capacity(),
                "",
                profile.modules().subList(0, 1),
                Optional.empty(),
                Optional.empty(),
                SettingCatalogue.EMPTY,
                Optional.empty());
        assertThat(ProfileSummary.of(bare).growth()).isEqualTo("No further inputs. Its bus is unknown.");
        assertThat(ProfileSummary.of(bare).reports()).contains("names no communicator");
    }
}
