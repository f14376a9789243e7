package io.answerback.command;

import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.report.FrameAsked;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobFile;
import io.answerback.files.exchange.PacketCapture;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.Exchange;
import io.answerback.station.Misbehaviour;
import io.answerback.station.OverdueRestores;
import io.answerback.station.OwnAddresses;
import io.answerback.station.PracticeStation;
import io.answerback.station.Received;
import io.answerback.station.ReceivedJson;
import io.answerback.station.SiteList;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ObjectNode;

/// The practice station without a window: a line of JSON a signal, until it is ended.
@Command(
        name = "station",
        description = "practice station without a window",
        footer = {
            "",
            "At most 256 connections at once, 128 of one address; for one more, the one",
            "without a whole frame for the longest is closed. Of datagrams as many are served",
            "at once; one more is refused. A frame has 4106 bytes at most and 10 s to arrive;",
            "30 s without a byte, or 5 s without taking an answer, end a connection. 2000",
            "lines wait for a slow reader of this log; more are lost and counted."
        },
        mixinStandardHelpOptions = true)
final class StationVerb implements Callable<Integer> {
    @Option(names = "--port", defaultValue = "9009", description = "0 for any free one (default: ${DEFAULT-VALUE})")
    private int port;

    @Option(
            names = "--bind",
            defaultValue = "127.0.0.1",
            description = "address to listen on (default: this computer only)")
    private String bind;

    @Option(names = "--udp", description = "takes datagrams too, on the same port")
    private boolean udp;

    @Mixin
    private KeyOption keys;

    @Mixin
    private StoredKeysOption stored;

    @Option(
            names = "--supervise",
            paramLabel = "SECONDS",
            defaultValue = "0",
            description = "lists an account that was heard and then was silent for so long")
    private int supervise;

    @Option(
            names = "--misbehave",
            defaultValue = "none",
            paramLabel = "HOW",
            description = "none, silent, slow, nak, duh, drop or drop=N (every n-th), wrong-time, wrong-sequence, half,"
                    + " close, twice")
    private String misbehave;

    @Option(
            names = "--job",
            paramLabel = "FILE",
            description =
                    "holds what arrives against this job's list, and says which line of its plan each signal shows")
    private Path job;

    @Option(names = "--capture", paramLabel = "FILE", description = "writes packets that a network analyser opens")
    private Path capture;

    @Option(names = "--json", description = "accepted for likeness; the station always answers in JSON lines")
    private boolean json;

    @Option(
            names = "--restores-within",
            paramLabel = "SECONDS",
            defaultValue = "1800",
            description = "with --job: says which events have not ended after so long (default: half an hour)")
    private int restoresWithin;

    private static final long NANOS_A_MILLI = 1_000_000;
    private static final int LOOKS_EVERY_MILLIS = 500;
    private static final int LONGEST_SECONDS = 864_000;
    private static final Set<EventGroup> STAND =
            EnumSet.of(EventGroup.HOLD_UP, EventGroup.ALARM, EventGroup.TAMPER, EventGroup.FAULT);

    private Optional<OverdueRestores> restores = Optional.empty();

    /// Only the thread that lists what arrives looks at it once the station listens.
    private LiveWalk walk;

    @Override
    public Integer call() throws IOException, InterruptedException, BrokenFile {
        InetAddress address = InetAddress.getByName(bind);
        ListeningPort.require(port);
        StationRules rules = rules();
        if (!address.isLoopbackAddress()) {
            System.err.println("This station is open to the network at " + bind
                    + " (reached at " + String.join(", ", OwnAddresses.onNetworks())
                    + "). It is for practice, not for a site in service.");
        }
        try (PacketCapture packets = capture == null ? null : new PacketCapture(capture);
                PracticeStation station = PracticeStation.listen(
                        address, port, rules, InstantSource.system(), received -> tell(received, packets))) {
            Json.line(
                    Json.object().put("listening", station.address().getPort()).toString());
            CountDownLatch never = new CountDownLatch(1);
            while (!never.await(LOOKS_EVERY_MILLIS, TimeUnit.MILLISECONDS)) {
                restores.ifPresent(StationVerb::tellOverdue);
            }
        }
        return 0;
    }

    private StationRules rules() throws BrokenFile {
        if (supervise < 0 || supervise > 864_000) {
            throw new IllegalArgumentException("supervision is " + supervise + " s; it must be from 0 to 864000");
        }
        StationRules rules = misbehaving(StationRules.standard(new IpSignals(DataFiles.letters())))
                .takingDatagrams(udp)
                .supervising(Duration.ofSeconds(supervise))
                .withKeys(keys());
        if (job == null) {
            return rules;
        }
        Job known = JobFile.open(job).job();
        if (restoresWithin < 1 || restoresWithin > LONGEST_SECONDS) {
            throw new IllegalArgumentException(
                    "--restores-within is " + restoresWithin + " s; it must be from 1 to " + LONGEST_SECONDS);
        }
        restores = Optional.of(new OverdueRestores(
                Duration.ofSeconds(restoresWithin),
                signal -> STAND.contains(DataFiles.events().group(signal))));
        walk = LiveWalk.of(AcceptancePlan.of(known, DataFiles.events()));
        return rules.withReceivers((frame, how) -> new FrameAsked(known).unlike(frame, how))
                .withList(new SiteList(
                        signal -> new OperatorsList(known, DataFiles.events()).problems(signal), DataFiles.events()));
    }

    private StationRules misbehaving(StationRules rules) {
        String[] parts = misbehave.split("[=:]", 2);
        Misbehaviour how = Arrays.stream(Misbehaviour.values())
                .filter(its -> its.id().equalsIgnoreCase(parts[0]))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("misbehaviour is \"%s\"; there are %s"
                        .formatted(
                                parts[0],
                                Arrays.stream(Misbehaviour.values())
                                        .map(Misbehaviour::id)
                                        .collect(Collectors.joining(", ")))));
        if (how != Misbehaviour.DROP && parts.length > 1) {
            throw new IllegalArgumentException(how.id() + " takes no number; only drop does, such as drop=3");
        }
        if (how != Misbehaviour.DROP) {
            return rules.misbehaving(how);
        }
        String every = parts.length == 1 ? "2" : parts[1];
        if (!every.matches("[1-9]\\d{0,5}")) {
            throw new IllegalArgumentException("drop is given \"" + every + "\"; write a number, such as drop=3");
        }
        return rules.dropping(Integer.parseInt(every));
    }

    /// Those that were given, then those that are kept.
    private Function<String, List<EncryptionKey>> keys() throws BrokenFile {
        StationKeys kept = stored.read();
        List<KeyOption.AccountKey> given = keys.all();
        return account -> Stream.concat(
                        given.stream().filter(its -> its.of(account)).map(KeyOption.AccountKey::key),
                        kept.ofAccount(account).stream())
                .toList();
    }

    private static void tellOverdue(OverdueRestores restores) {
        for (Signal signal : restores.overdue(Instant.now())) {
            Json.line(Json.object()
                    .put("overdue", signal.event())
                    .put("account", signal.account())
                    .put("area", signal.area())
                    .put("zone", signal.zone())
                    .put("says", "no restore of " + DataFiles.events().words(signal.event()) + " yet")
                    .toString());
        }
    }

    /// With `--job` it says which line of the acceptance plan the signal shows, and what is wrong.
    private String listed(Received received) {
        String line = ReceivedJson.line(received);
        if (walk == null || received.signal().isEmpty()) {
            return line;
        }
        LiveWalk.Step step = received.unlike().isEmpty()
                ? walk.arrives(received.signal().get(), System.nanoTime() / NANOS_A_MILLI)
                : new LiveWalk.Step(walk, WalkNote.unlike(received.what(), received.unlike()));
        walk = step.walk();
        ObjectNode node = Json.read(line);
        node.put("line", step.note().lineId().orElse(null))
                .put("note", step.note().kind().name())
                .put("says", step.note().says())
                .put("why", step.note().why());
        return node.toString();
    }

    private void tell(Received received, PacketCapture packets) {
        Json.line(listed(received));
        restores.ifPresent(its -> received.signal().ifPresent(signal -> its.arrived(signal, received.at())));
        if (packets == null || received.exchange().isEmpty()) {
            return;
        }
        Exchange how = received.exchange().get();
        boolean datagram = how.transport() == Transport.UDP;
        try {
            packets.add(received.at(), datagram, how.caller(), how.station(), how.sent(), how.reply());
        } catch (IOException full) {
            System.err.println("The capture cannot be written: " + full.getMessage());
        }
    }
}
