package io.answerback.core.model.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.practice.CoreConvention;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a job refuses because its file could not be read back.
class JobLimitsTest {
    @ParameterizedTest
    @ValueSource(ints = {0, 100, 300, -1})
    void aUserWorksAreasThatCanBe(int area) {
        assertThatThrownBy(() -> new PanelProgramming.User(3, "Cleaner", List.of(1, area), Optional.empty()))
                .hasMessageContaining("area of user 3 is " + area);
    }

    @Test
    void whatIsTypedHasANumberOfFourDigitsAtMost() {
        Instant at = Instant.EPOCH;
        assertThat(new PanelProgramming.Typed("entry", 9999, "03", at, 0, "").number())
                .isEqualTo(9999);
        for (int number : new int[] {-1, 10_000}) {
            assertThatThrownBy(() -> new PanelProgramming.Typed("entry", number, "03", at, 0, ""))
                    .hasMessageContaining("number at which entry was typed is " + number);
        }
    }

    @Test
    void aCoreHasAName() {
        assertThatThrownBy(() -> CoreConvention.usual().with(CoreUse.LOOP, List.of("yellow", " ")))
                .hasMessageContaining("colour of a core");
        assertThatThrownBy(() -> SmallParts.cableType("4", "4-core", SmallJob.THIN, List.of("red", ""), false, false))
                .hasMessageContaining("colour of a core of cable type 4");
        CableType numbered = SmallParts.cableType("4", "4-core", SmallJob.THIN, List.of("1", "2"), false, false);
        assertThat(numbered.colours()).containsExactly("1", "2");
        assertThat(CoreConvention.usual().with(CoreUse.LOOP, List.of(" 1 ")).wanted(CoreUse.LOOP))
                .containsExactly("1");
    }

    @ParameterizedTest
    @EnumSource(CoreUse.class)
    void onlyCoresThatHelpWhenTwoAreTakenAreDoubled(CoreUse use) {
        boolean may = Set.of(CoreUse.LOOP, CoreUse.TAMPER, CoreUse.SUPPLY, CoreUse.SPEAKER)
                .contains(use);
        if (may) {
            assertThat(CableInstallation.PLANNED.withDoubled(use, true).doubled())
                    .containsExactly(use);
        } else {
            assertThatThrownBy(() -> CableInstallation.PLANNED.withDoubled(use, true))
                    .hasMessage("only loop, tamper, supply and speaker cores can be doubled");
        }
    }
}
