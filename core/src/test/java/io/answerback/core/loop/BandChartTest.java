package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import org.junit.jupiter.api.Test;

class BandChartTest {
    private final BandChart chart = SmallJob.chart(SmallBands.DOUBLE);

    @Test
    void theMiddleInLogOhmsIsOneHundredPercentInside() {
        double middle = Math.sqrt(1550 * 2950);
        assertThat(chart.margin(new Range(middle, middle, middle))).isCloseTo(1, within(1e-12));
    }

    @Test
    void marginIsTheDistanceToTheNearerEdgeAsAShareOfTheHalfWidth() {
        // ln(2950 / 2847) / (ln(2950 / 1550) / 2) = 0.03554 / 0.32180 = 0.1104
        assertThat(chart.margin(new Range(2576, 2712, 2847))).isCloseTo(0.1104, within(1e-3));
    }

    @Test
    void aRangeThatReachesIntoTheGapIsInNoBand() {
        Range range = new Range(2900, 2940, 2951);
        assertThat(chart.holding(range)).isEmpty();
        assertThat(chart.margin(range)).isZero();
        assertThat(chart.reads(3500)).isEmpty();
    }

    @Test
    void openAndZeroAreDeepInside() {
        double open = Double.POSITIVE_INFINITY;
        assertThat(chart.margin(new Range(open, open, open))).isEqualTo(1);
        assertThat(chart.margin(new Range(0, 0, 0))).isEqualTo(1);
    }

    @Test
    void overlappingAndReversedBandsAreRefused() {
        assertThatThrownBy(() -> new Band(500, 400, Meaning.NORMAL))
                .hasMessageContaining("upper edge must be the larger");
        var overlapping = List.of(new Band(0, 500, Meaning.NORMAL), new Band(400, 900, Meaning.ALARM));
        assertThatThrownBy(() -> SchemeBands.of(SchemeKind.CLOSED_LOOP, 0, 0, UnusedTermination.LINK, overlapping))
                .hasMessageContaining("overlap at 400.0 ohms");
    }
}
