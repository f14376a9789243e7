package io.answerback.core.model.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DayTimesTest {
    @Property(tries = 200)
    void aTimeIsItsMinutesSinceMidnight(
            @ForAll @IntRange(min = 0, max = 23) int hour, @ForAll @IntRange(min = 0, max = 59) int minute) {
        assertThat(DayTimes.millis("%02d:%02d".formatted(hour, minute))).isEqualTo((hour * 60L + minute) * 60_000);
    }

    @Property(tries = 100)
    void aSpanHasABeginningAndAnEnd(
            @ForAll @IntRange(min = 0, max = 23) int from, @ForAll @IntRange(min = 0, max = 23) int until) {
        String span = "%02d:15-%02d:45".formatted(from, until);
        assertThat(DayTimes.from(span)).isEqualTo((from * 60L + 15) * 60_000);
        assertThat(DayTimes.until(span)).isEqualTo((until * 60L + 45) * 60_000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"24:00", "7:00", "07:60", "0700", "07:00:00", " 07:00", "", "noon"})
    void whatIsNoTimeIsRefused(String time) {
        assertThatThrownBy(() -> DayTimes.millis(time))
                .hasMessage("\"%s\" is no time of day such as 22:00".formatted(time));
    }

    @ParameterizedTest
    @ValueSource(strings = {"06:00", "06:00-", "06:00-24:00", "06:00 - 20:00", "06:00-20:00-21:00", ""})
    void whatIsNoSpanIsRefused(String span) {
        assertThatThrownBy(() -> DayTimes.from(span)).hasMessageContaining("is no span such as 06:00-20:00");
        assertThatThrownBy(() -> DayTimes.until(span)).hasMessageContaining("is no span such as 06:00-20:00");
    }
}
