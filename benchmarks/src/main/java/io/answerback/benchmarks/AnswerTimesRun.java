package io.answerback.benchmarks;

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
import io.answerback.core.signal.format.IpSignals;
import io.answerback.desktop.live.FrameKeys;
import io.answerback.desktop.live.Sender;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.Misbehaviour;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The computed time until somebody answers against the real sender and real practice stations, one of which is
/// silent, for every failure and both orders of trying. Times are a tenth of usual ones. Ends with 1 when one of
/// them is off by more than five per cent.
public final class AnswerTimesRun {
    private static final double MOST_OFF = 0.05;
    private static final Signal ALARM = new Signal("7316", Qualifier.NEW, "130", 1, 7);

    private AnswerTimesRun() {}

    /// The stations that stand for receivers that are well, and for those and for paths that are not.
    private record Network(Scenario scenario, InetSocketAddress live, InetSocketAddress silent) implements Sender.Ways {
        @Override
        public InetSocketAddress of(Try one) {
            boolean lost = cut(one.path().kind())
                    || scenario.dead().contains(one.receiver().id());
            return lost ? silent : live;
        }

        @Override
        public boolean cut(PathKind kind) {
            return scenario.down().contains(kind);
        }
    }

    /// Compares every scenario.
    public static void main(String[] none) throws IOException {
        StationRules rules = StationRules.standard(new IpSignals(DataFiles.letters()));
        double worst = 0;
        try (PracticeStation live = listen(rules);
                PracticeStation silent = listen(rules.misbehaving(Misbehaviour.SILENT))) {
            compare(job(PathOrder.RECEIVER_BY_RECEIVER), Scenario.ALL_UP, live, silent);
            for (PathOrder order : PathOrder.values()) {
                for (Scenario scenario : Scenario.of(job(order), EventGroup.ALARM)) {
                    worst = Math.max(worst, compare(job(order), scenario, live, silent));
                }
            }
        }
        System.out.printf(Locale.ROOT, "worst: off by %.1f %%%n", 100 * worst);
        System.exit(worst > MOST_OFF ? 1 : 0);
    }

    private static PracticeStation listen(StationRules rules) throws IOException {
        return PracticeStation.listen(
                InetAddress.getLoopbackAddress(), 0, rules, InstantSource.system(), received -> {});
    }

    private static double compare(Job job, Scenario scenario, PracticeStation live, PracticeStation silent) {
        HowLong computed = HowLong.of(job, EventGroup.ALARM, scenario, 0, receiver -> Optional.empty());
        Sender sender = new Sender(
                new Network(scenario, live.address(), silent.address()),
                DataFiles.reporting(),
                InstantSource.system(),
                called -> {},
                new FrameKeys(() -> StationKeys.NONE),
                AnswerTimesRun::pass);
        long began = System.nanoTime();
        Sender.Sent sent = sender.send(job, ALARM, "x");
        double millis = (System.nanoTime() - began) / 1e6;
        double off = Math.abs(millis - computed.endMillis()) / computed.endMillis();
        boolean same = sent.answer()
                .map(its -> its.tried().path().kind())
                .equals(computed.answered().map(answered -> answered.path()));
        System.out.printf(
                Locale.ROOT,
                "%-22s %-34s computed %5d ms, measured %7.1f ms, off by %4.1f %%%s%n",
                job.communicator().order(),
                scenario.name(),
                computed.endMillis(),
                millis,
                100 * off,
                same ? "" : "  ANSWERED BY ANOTHER PATH");
        return same ? off : 1;
    }

    private static void pass(Duration wait) {
        try {
            Thread.sleep(wait);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /// Two receivers over two paths, each with figures of its own; a station on this computer answers at once.
    private static Job job(PathOrder order) {
        Job demo = DemoJobs.job(1);
        TransmissionPath ip =
                TransmissionPath.of(PathKind.IP, 3, 500).withHoldOffMillis(300).withAnswerMillis(1);
        TransmissionPath cellular = TransmissionPath.of(PathKind.CELLULAR, 2, 600)
                .withHoldOffMillis(150)
                .withRegistrationMillis(400)
                .withAnswerMillis(1);
        return demo.withCommunicator(new Communicator("C", List.of(ip, cellular)).withOrder(order))
                .withReceivers(demo.receivers().stream()
                        .filter(receiver -> receiver.format().overIp())
                        .toList());
    }
}
