package io.answerback.desktop.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.LoopFigure;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// Where a figure stands on the slider, and what the slider says.
class SlideScaleTest {
    private static SlideScale scale(LoopFigure figure) {
        return SlideScale.of(figure, figure == LoopFigure.CABLE_LENGTH ? 62 : 1, Optional.of(400.0));
    }

    @Test
    void lengthGoesAThirdPastWhereTheLoopGives() {
        assertThat(SlideScale.of(LoopFigure.CABLE_LENGTH, 62, Optional.of(400.0))
                        .right())
                .isEqualTo(520);
        assertThat(SlideScale.of(LoopFigure.CABLE_LENGTH, 62, Optional.of(400.0))
                        .left())
                .isZero();
    }

    @Test
    void lengthGoesToTwiceThePlanWhereNothingGives() {
        assertThat(SlideScale.of(LoopFigure.CABLE_LENGTH, 62, Optional.empty()).right())
                .isEqualTo(124);
    }

    /// A loop that gives at a length shorter than planned still has its plan on the slider.
    @Test
    void thePlanIsAlwaysOnTheSlider() {
        SlideScale scale = SlideScale.of(LoopFigure.CABLE_LENGTH, 300, Optional.of(100.0));
        assertThat(scale.right()).isCloseTo(390, within(1e-9));
        assertThat(scale.share(300)).isLessThan(1);
    }

    @Test
    void noCableHasTenMetresToGoAndAVeryLongOneEndsWhereLengthsEnd() {
        assertThat(SlideScale.of(LoopFigure.CABLE_LENGTH, 0, Optional.empty()).right())
                .isEqualTo(10);
        assertThat(SlideScale.of(LoopFigure.CABLE_LENGTH, 1, Optional.of(1e9)).right())
                .isEqualTo(LoopFigure.CABLE_LENGTH.most());
    }

    /// Whatever is set on the slider is a figure that can be set, and stands where it was set, as far as it is rounded.
    @ParameterizedTest
    @EnumSource(LoopFigure.class)
    void whatIsSetStandsWhereItWasSet(LoopFigure figure) {
        SlideScale scale = scale(figure);
        double rounding = figure.fault() ? 0.25 : 1.0 / Math.abs(scale.right() - scale.left());
        for (double share = 0; share <= 1; share += 1.0 / 64) {
            double value = scale.value(share);
            assertThat(value).isBetween(figure.least(), figure.most());
            assertThat(scale.share(value)).isCloseTo(share, within(rounding));
        }
    }

    @ParameterizedTest
    @EnumSource(LoopFigure.class)
    void fartherToTheRightIsWorse(LoopFigure figure) {
        SlideScale scale = scale(figure);
        for (double share = 1.0 / 64; share <= 1; share += 1.0 / 64) {
            double left = scale.value(share - 1.0 / 64);
            double right = scale.value(share);
            assertThat(figure.worseWhenSmaller() ? left >= right : left <= right)
                    .isTrue();
        }
        assertThat(scale.value(0)).isNotEqualTo(scale.value(1));
    }

    /// By ratio: half way between 1 kΩ and 1 MΩ lies their geometric mean.
    @Test
    void faultsLieByRatio() {
        SlideScale leak = scale(LoopFigure.LEAK);
        assertThat(leak.value(0)).isEqualTo(1e6);
        assertThat(leak.value(1)).isEqualTo(1000);
        assertThat(leak.value(0.5)).isCloseTo(Math.sqrt(1e9), within(0.5));
        SlideScale joint = scale(LoopFigure.JOINT);
        assertThat(joint.value(0.5)).isEqualTo(100);
        assertThat(joint.share(100)).isCloseTo(0.5, within(1e-12));
    }

    @Test
    void whatIsBesideTheScaleStandsAtItsEnd() {
        SlideScale length = scale(LoopFigure.CABLE_LENGTH);
        assertThat(length.share(-5)).isZero();
        assertThat(length.share(5000)).isEqualTo(1);
        assertThat(length.value(2)).isEqualTo(1040);
        assertThat(scale(LoopFigure.TOLERANCE).value(-1)).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "CABLE_LENGTH | 62 | 62 m",
                "TOLERANCE | 1.07 | ±1 %",
                "TOLERANCE | 2.5 | ±2.5 %",
                "HOTTEST | 40.9 | 40 °C",
                "HOTTEST | -5 | -5 °C",
                "JOINT | 99.6 | 100 Ω"
            })
    void figuresAreSaidInTheirUnits(LoopFigure figure, double value, String says) {
        assertThat(scale(figure).words(value)).isEqualTo(says);
    }
}
