package io.answerback.desktop.live;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.answer.HowLong;
import io.answerback.core.report.answer.Scenario;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What is computed until somebody answers, against the sender: the same receivers over the same paths in the
/// same order, with the same waits. What comes back from the network is set here, so that no clock decides.
class SenderTimesTest {
    private static final Signal ALARM = new Signal("7316", Qualifier.NEW, "130", 1, 7);

    /// A network in which something has failed.
    private record Failed(Scenario scenario) implements Sender.Ways {
        @Override
        public InetSocketAddress of(Try one) {
            return new InetSocketAddress(InetAddress.getLoopbackAddress(), 1);
        }

        @Override
        public boolean cut(PathKind kind) {
            return scenario.down().contains(kind);
        }

        @Override
        public Delivery deliver(Try one, Destination to, IpFrame frame, InstantSource clock) {
            TransmissionPath path = one.path();
            boolean lost =
                    cut(path.kind()) || scenario.dead().contains(one.receiver().id());
            long millis = lost ? (long) path.attempts() * path.timeoutMillis() : path.answerMillis();
            return new Delivery(
                    lost ? Optional.empty() : Optional.of(Answer.ACK),
                    clock.instant(),
                    millis,
                    lost ? path.attempts() : 1,
                    lost ? "silent" : "");
        }
    }

    /// Two receivers over IP and two paths, each with figures of its own.
    private static Job job(PathOrder order) {
        Job demo = DemoJobs.job(1);
        TransmissionPath ip = TransmissionPath.of(PathKind.IP, 3, 5000).withHoldOffMillis(700);
        TransmissionPath cellular =
                TransmissionPath.of(PathKind.CELLULAR, 2, 6000).withHoldOffMillis(1500);
        return demo.withCommunicator(new Communicator("C", List.of(ip, cellular)).withOrder(order))
                .withReceivers(demo.receivers().stream()
                        .filter(receiver -> receiver.format().overIp())
                        .toList());
    }

    record Case(PathOrder order, Scenario scenario) {}

    static Stream<Case> cases() {
        return Stream.of(PathOrder.values())
                .flatMap(order ->
                        Scenario.of(job(order), EventGroup.ALARM).stream().map(scenario -> new Case(order, scenario)));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theSenderTakesAsLongAsIsComputed(Case one) {
        Job job = job(one.order());
        HowLong computed = HowLong.of(job, EventGroup.ALARM, one.scenario(), 0, receiver -> Optional.empty());
        AtomicLong waited = new AtomicLong();
        Sender sender = new Sender(
                new Failed(one.scenario()),
                DataFiles.reporting(),
                InstantSource.system(),
                called -> {},
                new FrameKeys(() -> StationKeys.NONE),
                wait -> waited.addAndGet(wait.toMillis()));
        Sender.Sent sent = sender.send(job, ALARM, "x");
        assertThat(waited.get() + sent.millis()).isEqualTo(computed.endMillis());
        assertThat(sent.answer().map(answer -> answer.tried().path().kind()))
                .isEqualTo(computed.answered().map(answered -> answered.path()));
        assertThat(sent.answer().map(ReceiverResult::receiver))
                .isEqualTo(computed.answered().map(answered -> answered.by()));
    }
}
