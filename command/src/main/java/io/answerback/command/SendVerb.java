package io.answerback.command;

import io.answerback.assess.Assessment;
import io.answerback.chain.PointResult;
import io.answerback.event.Signal;
import io.answerback.files.BrokenFile;
import io.answerback.job.IpRoute;
import io.answerback.job.Job;
import io.answerback.job.Receiver;
import io.answerback.panel.PanelState;
import io.answerback.report.IpFrame;
import io.answerback.report.IpFrames;
import io.answerback.station.Delivery;
import io.answerback.station.Transmitter;
import io.answerback.trial.Outcome;
import io.answerback.trial.Trial;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ThreadLocalRandom;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ObjectNode;

/// Sends a point's real frame to a station and waits for the answer. Exit code 1 when it is not answered.
@Command(name = "send", description = "send a point's real frame to a station", mixinStandardHelpOptions = true)
final class SendVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(
            names = "--point",
            required = true,
            paramLabel = "ID",
            description = "a point, or mains, battery, tamper, path")
    private String point;

    @Option(names = "--to", required = true, paramLabel = "HOST:PORT", description = "the station")
    private String to;

    @Option(names = "--restore", description = "send the restore instead of the event")
    private boolean restore;

    private final InstantSource clock = InstantSource.system();

    @Override
    public Integer call() throws BrokenFile {
        Assessment assessment = argument.assess();
        PointResult tried = JobArgument.point(assessment, point);
        String host = hostOf(to);
        int port = portOf(to);
        Job job = assessment.job();
        Outcome outcome = act(job, tried);
        ObjectNode report = Json.object().put("point", point);
        if (outcome.signals().isEmpty()) {
            return report(report, false, 0, 0, "nothing is sent: " + outcome.why());
        }
        Signal signal = outcome.signals().getLast();
        Optional<Receiver> receiver = job.routeReceivers().stream().findFirst();
        IpFrame frame = IpFrame.of(
                signal,
                ThreadLocalRandom.current().nextInt(1, 10_000),
                receiver.map(Receiver::receiverNumber).orElse(""),
                receiver.map(Receiver::linePrefix).orElse("0"),
                clock.instant());
        IpRoute route = job.communicator().ip();
        Delivery delivery = new Transmitter(route.attempts(), Duration.ofMillis(route.timeoutMillis()), clock)
                .send(host, port, frame);
        report.put("frame", IpFrames.encode(frame));
        delivery.answer().ifPresent(answer -> report.put("answer", answer.name()));
        return report(report, delivery.acknowledged(), delivery.millis(), delivery.attempts(), delivery.problem());
    }

    private Outcome act(Job job, PointResult tried) {
        Trial trial = new Trial(job, argument.events());
        Outcome active = trial.act(tried, true, PanelState.allSet(job), clock.instant());
        return restore ? trial.act(tried, false, active.panel(), clock.instant()) : active;
    }

    private int report(ObjectNode report, boolean answered, long millis, int attempts, String problem) {
        report.put("answered", answered)
                .put("millis", millis)
                .put("attempts", attempts)
                .put("problem", problem);
        if (argument.json()) {
            System.out.println(Json.text(report));
        } else {
            System.out.println(
                    answered
                            ? "answered in %d ms, try %d".formatted(millis, attempts)
                            : "not answered after %d tries: %s".formatted(attempts, problem));
        }
        return answered ? 0 : 1;
    }

    private static String hostOf(String to) {
        int colon = to.lastIndexOf(':');
        if (colon < 1) {
            throw new IllegalArgumentException("\"" + to + "\" is not HOST:PORT, such as 127.0.0.1:9009");
        }
        return to.substring(0, colon).replaceAll("^\\[|]$", "");
    }

    private static int portOf(String to) {
        String port = to.substring(to.lastIndexOf(':') + 1);
        if (!port.matches("\\d{1,5}") || Integer.parseInt(port) < 1 || Integer.parseInt(port) > 65535) {
            throw new IllegalArgumentException("port is \"" + port + "\"; it must be from 1 to 65535");
        }
        return Integer.parseInt(port);
    }
}
