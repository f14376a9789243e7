package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.prove.simulation.Outcome;
import io.answerback.core.prove.simulation.PointSimulation;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.ReportTables;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import io.answerback.station.Transmitter;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ThreadLocalRandom;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
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

    @Option(names = "--udp", description = "as datagrams, whatever the job says")
    private boolean udp;

    @Mixin
    private KeyOption key;

    @Mixin
    private StoredKeysOption stored;

    private final InstantSource clock = InstantSource.system();
    private final ReportTables tables = DataFiles.reporting();

    @Override
    public Integer call() throws BrokenFile {
        Assessment assessment = argument.assess();
        PointResult tried = JobArgument.point(assessment, point);
        Job job = assessment.job();
        Outcome outcome = act(job, tried);
        ObjectNode report = Json.object().put("point", point);
        if (outcome.signals().isEmpty()) {
            return report(report, false, 0, 0, "nothing is sent: " + outcome.why());
        }
        Signal signal = outcome.signals().getLast();
        List<Receiver> receivers = receivers(job, argument.events().group(signal));
        if (receivers.isEmpty()) {
            return report(report, false, 0, 0, "no receiver over IP is told of this; give one with --to");
        }
        return send(job, signal, tried.name(), receivers, report);
    }

    /// Those that are tried one after the other: of the first destination, or the one that was asked for.
    private List<Receiver> receivers(Job job, EventGroup group) {
        Optional<Receiver> chosen = Optional.ofNullable(receiverId).map(id -> JobArgument.receiver(job, id));
        List<Receiver> routed = chosen.map(List::of)
                .orElseGet(() -> Routing.of(job, group).stream()
                        .map(Routing.Destination::receivers)
                        .findFirst()
                        .orElse(List.of()));
        List<Receiver> overIp =
                routed.stream().filter(its -> its.format().overIp()).toList();
        if (chosen.isPresent() && overIp.isEmpty()) {
            throw new IllegalArgumentException("receiver " + receiverId + " takes "
                    + chosen.get().format().words() + " over a line; write its call with frame --wav");
        }
        if (to == null) {
            return overIp;
        }
        Receiver numbers = overIp.stream()
                .findFirst()
                .orElseGet(() -> Receiver.overIp(new ReceiverId("-"), "station", "", 0, "", "0", Told.ALWAYS));
        HostAndPort at = HostAndPort.read(to);
        return List.of(numbers.withHost(at.host()).withPort(at.port()));
    }

    /// One receiver after another, each with all its tries, until one acknowledges.
    private int send(Job job, Signal signal, String name, List<Receiver> receivers, ObjectNode report)
            throws BrokenFile {
        int sequence = ThreadLocalRandom.current().nextInt(1, 10_000);
        List<Try> tries = overThisNetwork(job, receivers);
        long millis = 0;
        int attempts = 0;
        List<String> problems = new ArrayList<>();
        ArrayNode steps = report.putArray("steps");
        StationKeys kept = stored.read();
        Optional<EncryptionKey> given = key.one();
        if (tries.isEmpty()) {
            problems.add("the communicator has no path over IP");
        }
        for (Try one : tries) {
            Receiver receiver = one.receiver();
            if (!receiver.reachable()) {
                problems.add(receiver.name() + " has no address yet");
                continue;
            }
            Outgoing.Frame out =
                    (Outgoing.Frame) Outgoing.of(receiver, signal, sequence, name, clock.instant(), tables);
            Delivery delivery = new Transmitter(
                            one.path().attempts(), Duration.ofMillis(one.path().timeoutMillis()), clock)
                    .sendByTheirClock(destination(receiver, out.frame().account(), given, kept), out.frame());
            millis += delivery.millis();
            attempts += delivery.attempts();
            String id = receiver.id().text().equals("-") ? "" : receiver.id().text();
            report.put("receiver", id).put("frame", IpFrames.encode(out.frame()));
            steps.addObject()
                    .put("receiver", id)
                    .put("attempts", delivery.attempts())
                    .put("millis", delivery.millis())
                    .put("answer", delivery.answer().map(Enum::name).orElse("none"))
                    .put("problem", delivery.problem());
            delivery.answer().ifPresent(answer -> report.put("answer", answer.name()));
            if (delivery.acknowledged()) {
                return report(report, true, millis, attempts, String.join("; ", problems));
            }
            problems.add(delivery.problem());
        }
        return report(report, false, millis, attempts, String.join("; ", problems));
    }

    /// This computer has one way out, whatever the communicator has: each receiver is tried once, as over the
    /// first of its paths over IP.
    private static List<Try> overThisNetwork(Job job, List<Receiver> receivers) {
        Set<ReceiverId> seen = new HashSet<>();
        return Try.of(job.communicator(), receivers).stream()
                .filter(one -> one.path().kind().overIp())
                .filter(one -> seen.add(one.receiver().id()))
                .toList();
    }

    private Destination destination(
            Receiver receiver, String account, Optional<EncryptionKey> fromFile, StationKeys kept) {
        Optional<EncryptionKey> given =
                fromFile.or(() -> StationKeys.Place.of(receiver.name(), account).flatMap(kept::of));
        int bits = receiver.reception().keyBits();
        if (bits > 0 && given.filter(its -> its.bits() == bits).isEmpty()) {
            throw new IllegalArgumentException(
                    "receiver %s takes a key of %d bits; give it with --key-file, or use --stored-keys"
                            .formatted(receiver.name(), bits));
        }
        Transport transport = udp ? Transport.UDP : receiver.reception().transport();
        return new Destination(receiver.host(), receiver.port(), transport, given);
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
}
