package io.answerback.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import org.junit.jupiter.api.Test;

class OperatorsListTest {
    @Test
    void theOperatorsListKnowsWhatBelongsToTheSite() {
        OperatorsList list = new OperatorsList(SmallJob.job(), SmallJob.EVENTS);
        assertThat(list.problems(new Signal("1234", Qualifier.NEW, "130", 1, 2)))
                .isEmpty();
        assertThat(list.problems(new Signal("9999", Qualifier.NEW, "130", 1, 2)))
                .containsExactly("account 9999 is not this site's");
        assertThat(list.problems(new Signal("1234", Qualifier.NEW, "130", 1, 9)))
                .containsExactly("zone 009 is not on the list");
        assertThat(list.problems(new Signal("5678", Qualifier.NEW, "130", 2, 2)))
                .containsExactly("zone 002 is in area 01 on the list");
        assertThat(list.line(new Signal("1234", Qualifier.RESTORE, "130", 1, 2)))
                .isEqualTo("burglary, restored · Store door");
    }
}
