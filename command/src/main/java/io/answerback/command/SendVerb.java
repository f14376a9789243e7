package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.chain.PointResult;
import io.answerback.core.common.Text;
import io.answerback.core.event.Signal;
import io.answerback.core.id.ReceiverId;
import io.answerback.core.panel.PanelState;
import io.answerback.core.report.IpFrame;
import io.answerback.core.report.IpFrames;
import io.answerback.core.simulation.Outcome;
import io.answerback.core.simulation.PointSimulation;
import io.answerback.core.site.IpRoute;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import io.answerback.files.BrokenFile;
import io.answerback.station.Delivery;
import io.answerback.station.Transmitter;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
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

    @Option(
            names = "--to",
            paramLabel = "HOST:PORT",
            description = "a station in place of the job's own receivers, which are else tried in order")
    private String to;

    @Option(names = "--receiver", paramLabel = "ID", description = "this receiver of the job only")
    private String receiverId;

    @Option(names = "--restore", description = "send the restore instead of the event")
    private boolean restore;

    private final InstantSource clock = InstantSource.system();

    @Override
    public Integer call() throws BrokenFile {
        Assessment assessment = argument.assess();
        PointResult tried = JobArgument.point(assessment, point);
        Job job = assessment.job();
        List<Target> targets = targets(job);
        Outcome outcome = act(job, tried);
        ObjectNode report = Json.object().put("point", point);
        if (outcome.signals().isEmpty()) {
            return report(report, false, 0, 0, "nothing is sent: " + outcome.why());
        }
        if (targets.isEmpty()) {
            return report(report, false, 0, 0, "the job has no receiver on its route; give one with --to");
        }
        return send(job, outcome.signals().getLast(), targets, report);
    }

    /// Where a frame goes, and whose numbers it carries.
    private record Target(String host, int port, Optional<Receiver> receiver) {}

    private List<Target> targets(Job job) {
        Optional<Receiver> chosen = Optional.ofNullable(receiverId).map(id -> receiver(job, id));
        if (to != null) {
            Optional<Receiver> numbers =
                    chosen.or(() -> job.routeReceivers().stream().findFirst());
            return List.of(new Target(hostOf(to), portOf(to), numbers));
        }
        return chosen.map(List::of).orElseGet(job::routeReceivers).stream()
                .map(its -> new Target(its.host(), its.port(), Optional.of(its)))
                .toList();
    }

    private static Receiver receiver(Job job, String id) {
        return job.receivers().stream()
                .filter(its -> its.id().equals(new ReceiverId(id)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no receiver \"%s\" in this job; there are %s"
                        .formatted(
                                id,
                                Text.listed(job.receivers().stream()
                                        .map(Receiver::id)
                                        .toList()))));
    }

    /// One receiver after another, each with all its tries, until one acknowledges.
    private int send(Job job, Signal signal, List<Target> targets, ObjectNode report) {
        int sequence = ThreadLocalRandom.current().nextInt(1, 10_000);
        long millis = 0;
        int attempts = 0;
        List<String> problems = new ArrayList<>();
        for (Target target : targets) {
            IpFrame frame = frame(signal, sequence, target);
            IpRoute route = job.communicator().ip();
            Delivery delivery = new Transmitter(route.attempts(), Duration.ofMillis(route.timeoutMillis()), clock)
                    .send(target.host(), target.port(), frame);
            millis += delivery.millis();
            attempts += delivery.attempts();
            report.put("receiver", target.receiver().map(its -> its.id().text()).orElse(""))
                    .put("frame", IpFrames.encode(frame));
            delivery.answer().ifPresent(answer -> report.put("answer", answer.name()));
            if (delivery.acknowledged()) {
                return report(report, true, millis, attempts, String.join("; ", problems));
            }
            problems.add(delivery.problem());
        }
        return report(report, false, millis, attempts, String.join("; ", problems));
    }

    private IpFrame frame(Signal signal, int sequence, Target target) {
        return IpFrame.of(
                signal,
                sequence,
                target.receiver().map(Receiver::receiverNumber).orElse(""),
                target.receiver().map(Receiver::linePrefix).orElse("0"),
                clock.instant());
    }

    private Outcome act(Job job, PointResult tried) {
        PointSimulation trial = new PointSimulation(job, argument.events());
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
                            ? "answered in %d ms, try %d%s".formatted(millis, attempts, by(report))
                            : "not answered after %d tries: %s".formatted(attempts, problem));
        }
        return answered ? 0 : 1;
    }

    private static String by(ObjectNode report) {
        String receiver = report.path("receiver").asString("");
        return receiver.isEmpty() ? "" : ", by receiver " + receiver;
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
