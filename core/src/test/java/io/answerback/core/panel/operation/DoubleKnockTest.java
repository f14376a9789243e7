package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// A zone that alarms at the second knock within 30 s.
class DoubleKnockTest extends SteppedSite {
    private static final int SHUTTER = 30;

    @BeforeEach
    void withShutter() {
        Map<Integer, ZoneRule> zones = new HashMap<>(rules.zones());
        zones.put(
                SHUTTER,
                new ZoneRule(
                        SHUTTER,
                        "Shutter",
                        ZoneType.IMMEDIATE,
                        new TreeSet<>(Set.of(1)),
                        ZoneType.IMMEDIATE.event(),
                        PartSet.STAYS,
                        false,
                        true));
        with(new OperationRules(
                rules.areas(),
                zones,
                rules.users(),
                rules.outputs(),
                rules.times(),
                rules.options(),
                rules.manners(),
                1));
        set(0);
        at(61, new Happening.TimePasses());
        log.clear();
    }

    private void knock(double seconds) {
        at(seconds, new Happening.ZoneReads(SHUTTER, Optional.of(Meaning.ALARM)));
        at(seconds + 0.2, new Happening.ZoneReads(SHUTTER, Optional.of(Meaning.NORMAL)));
    }

    private boolean alarmed() {
        return log.stream().flatMap(logged -> logged.signal().stream()).anyMatch(signal -> signal.zone() == SHUTTER);
    }

    @Test
    void oneKnockIsNoAlarmAndTwoAre() {
        knock(100);
        assertThat(alarmed()).isFalse();
        knock(129);
        assertThat(alarmed()).isTrue();
    }

    @Test
    void aSecondKnockThatComesTooLateIsAFirstOne() {
        knock(100);
        knock(131);
        assertThat(alarmed()).isFalse();
        knock(140);
        assertThat(alarmed()).isTrue();
    }
}
