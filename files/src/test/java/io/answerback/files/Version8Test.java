package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class Version8Test {
    /// A job as version 7 wrote it, with a route that tries these receivers in this order.
    private static String version7(String... route) {
        ObjectNode tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(1))));
        tree.put("version", 7);
        ObjectNode communicator = (ObjectNode) tree.path("communicator");
        communicator.remove(List.of("paths", "order", "people"));
        ArrayNode ids = communicator
                .putObject("ip")
                .put("attempts", 4)
                .put("timeoutMillis", 2500)
                .putArray("receiverIds");
        for (String id : route) {
            ids.add(id);
        }
        ArrayNode receivers = (ArrayNode) tree.path("receivers");
        receivers.remove(2);
        receivers.forEach(receiver -> ((ObjectNode) receiver).remove("reception"));
        return tree.toString();
    }

    private static Told alarms(Receiver receiver) {
        return receiver.reception().of(EventGroup.ALARM);
    }

    @Test
    void theRouteBecomesTheOrderAndWhatEachIsTold() throws Exception {
        Job read = JobCodec.read(version7("A2", "A1"), "old").job();
        assertThat(read.receivers())
                .extracting(receiver -> receiver.id().text())
                .containsExactly("A2", "A1");
        assertThat(read.receivers()).extracting(Version8Test::alarms).containsExactly(Told.ALWAYS, Told.BACKUP);
        assertThat(read.receivers()).allMatch(receiver -> receiver.format() == ReportFormat.IP_EVENTS);
    }

    @Test
    void theIpRouteBecomesThePathAndALineReceiverGetsALine() throws Exception {
        ObjectNode tree = (ObjectNode) JobJson.PLAIN.readTree(version7("A1"));
        Job read = JobCodec.read(tree.toString(), "old").job();
        assertThat(read.communicator().paths())
                .singleElement()
                .isEqualTo(TransmissionPath.usual(PathKind.IP).withAttempts(4).withTimeoutMillis(2500));
        tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(1))));
        tree.put("version", 8);
        ObjectNode communicator = (ObjectNode) tree.path("communicator");
        communicator.remove(List.of("paths", "order"));
        communicator.putObject("ip").put("attempts", 2).put("timeoutMillis", 1000);
        assertThat(JobCodec.read(tree.toString(), "8").job().communicator().paths())
                .extracting(TransmissionPath::kind)
                .containsExactly(PathKind.IP, PathKind.LINE);
    }

    @Test
    void aReceiverThatWasNotOnTheRouteIsToldNothing() throws Exception {
        Job read = JobCodec.read(version7("A2"), "old").job();
        assertThat(read.receivers()).extracting(Version8Test::alarms).containsExactly(Told.ALWAYS, Told.NEVER);
        assertThat(JobCodec.read(version7(), "old").job().routeReceivers()).isEmpty();
    }

    @Test
    void aJobThatNamesNoPeopleTellsNone() throws Exception {
        ObjectNode tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(1))));
        assertThat(JobCodec.read(tree.toString(), "now").job().communicator().people())
                .isEqualTo(DemoJobs.job(1).communicator().people())
                .isNotEmpty();
        ((ObjectNode) tree.path("communicator")).remove("people");
        assertThat(JobCodec.read(tree.toString(), "before").job().communicator().people())
                .isEmpty();
        ((ObjectNode) tree.path("communicator"))
                .putArray("people")
                .addObject()
                .put("id", "P1")
                .put("name", "M")
                .put("phone", "0142");
        assertThatThrownBy(() -> JobCodec.read(tree.toString(), "typed"))
                .hasMessageContaining("/communicator/people/0/phone")
                .hasMessageContaining("+ and a country code first");
    }

    @Test
    void whatIsReadIsWrittenAndReadTheSame() throws Exception {
        JobDocument read = JobCodec.read(version7("A1", "A2"), "old");
        assertThat(JobCodec.read(JobCodec.write(read), "again").job()).isEqualTo(read.job());
    }
}
