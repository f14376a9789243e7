package io.answerback.core.report.routing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Who is told what, and the edits that change it.
class RoutingTest {
    private static final ReceiverAbilities OVER_IP = Reception.OVER_IP.abilities();

    private final Job three = ReceiverEdits.way(PracticeOption.BACKUP_ON_FAILURE)
            .on(ReceiverEdits.add(OVER_IP).on(ReceiverEdits.add(OVER_IP).on(SmallJob.job())));

    private static List<List<String>> told(Job job, EventGroup group) {
        return Routing.of(job, group).stream()
                .map(destination -> destination.receivers().stream()
                        .map(receiver -> receiver.id().text())
                        .toList())
                .toList();
    }

    @Test
    void laterReceiversAreBackupsOfTheOneBeforeThatIsTold() {
        assertThat(told(three, EventGroup.ALARM)).containsExactly(List.of("A", "R1", "R2"));
        Job two = ReceiverEdits.told(new ReceiverId("R1"), EventGroup.ALARM, Told.ALWAYS)
                .on(three);
        assertThat(told(two, EventGroup.ALARM)).containsExactly(List.of("A"), List.of("R1", "R2"));
        assertThat(told(two, EventGroup.TEST)).containsExactly(List.of("A", "R1", "R2"));
        assertThat(Routing.longestRun(two)).isEqualTo(3);
    }

    @Test
    void aBackupOfNobodyIsNeverTried() {
        Job none = ReceiverEdits.told(new ReceiverId("A"), EventGroup.FAULT, Told.NEVER)
                .on(three);
        assertThat(told(none, EventGroup.FAULT)).isEmpty();
        assertThat(Routing.withoutPrimary(none, EventGroup.FAULT))
                .extracting(receiver -> receiver.id().text())
                .containsExactly("R1", "R2");
    }

    @Test
    void theUsualWaysSetEveryCell() {
        Job split = ReceiverEdits.way(PracticeOption.SPLIT_BY_CLASS).on(three);
        assertThat(told(split, EventGroup.RESTORE)).containsExactly(List.of("A"));
        assertThat(told(split, EventGroup.SETTING)).containsExactly(List.of("R1"));
        Job one = ReceiverEdits.way(PracticeOption.ALL_TO_ONE).on(three);
        assertThat(one.routeReceivers()).hasSize(1);
        assertThatThrownBy(() ->
                        ReceiverEdits.way(PracticeOption.BACKUP_ON_FAILURE).on(SmallJob.job()))
                .hasMessageContaining("receivers in this job: 1; this takes 2");
        assertThatThrownBy(() -> ReceiverEdits.way(PracticeOption.SET_UNSET).on(three))
                .hasMessageContaining("does not say who is told");
    }

    @Test
    void theOrderIsTheOrderInWhichTheyAreTried() {
        Job moved = ReceiverEdits.earlier(new ReceiverId("R2")).on(three);
        assertThat(moved.receivers())
                .extracting(receiver -> receiver.id().text())
                .containsExactly("A", "R2", "R1");
        assertThatThrownBy(() -> ReceiverEdits.earlier(new ReceiverId("A")).on(three))
                .hasMessageContaining("the first");
        Job removed = ReceiverEdits.remove(new ReceiverId("R1")).on(three);
        assertThat(ReceiverEdits.add(OVER_IP).on(removed).receiver(new ReceiverId("R1")))
                .isPresent();
        assertThatThrownBy(() -> ReceiverEdits.remove(new ReceiverId("X")).on(three))
                .hasMessage("there is no receiver X in this job");
    }

    @Test
    void whatIsTypedIsCheckedAndTheFirstReceiverIsToldEverything() {
        ReceiverId a = new ReceiverId("A");
        assertThatThrownBy(() -> ReceiverEdits.port(a, "many").on(three)).hasMessageContaining("port is \"many\"");
        assertThatThrownBy(() -> ReceiverEdits.of(a, "address", its -> its.withHost("my host"))
                        .on(three))
                .hasMessageContaining("write an address or a name");
        assertThatThrownBy(() -> ReceiverEdits.reception(a, "number", its -> its.withPhone("call me"))
                        .on(three))
                .hasMessageContaining("phone number is");
        Receiver first = ReceiverEdits.add(OVER_IP)
                .on(SmallJob.job().withReceivers(List.of()))
                .receivers()
                .getFirst();
        assertThat(first.reception().told().values()).containsOnly(Told.ALWAYS);
        assertThat(first.reachable()).isFalse();
    }
}
