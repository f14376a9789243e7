package io.answerback.desktop.live;

import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.FrameAsked;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.report.ReportTables;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import io.answerback.station.Misbehaviour;
import io.answerback.station.OwnAddresses;
import io.answerback.station.PracticeStation;
import io.answerback.station.Received;
import io.answerback.station.SiteList;
import io.answerback.station.StationRules;
import io.answerback.station.Transmitter;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/// The practice station, and the silent one that stands for receivers that are dead.
final class Stations implements Sender.Ways, AutoCloseable {
    private final IpSignals signals;
    private final EventTable events;
    private final InstantSource clock;
    private final Supplier<Job> job;
    private final FrameKeys keys;
    private final Consumer<Received> listener;
    private final OwnPorts ports;
    private PracticeStation station;
    private PracticeStation silent;
    private Set<ReceiverId> dead = Set.of();
    private Set<PathKind> cut = Set.of();
    private String where = "";

    /// @param job the job whose list is held against what arrives
    /// @param listener told of everything that is listed
    /// @param ports notes from which ports this application sends
    Stations(
            ReportTables tables,
            InstantSource clock,
            Supplier<Job> job,
            FrameKeys keys,
            Consumer<Received> listener,
            OwnPorts ports) {
        this.ports = ports;
        this.signals = new IpSignals(tables.letters());
        this.events = tables.events();
        this.clock = clock;
        this.job = job;
        this.keys = keys;
        this.listener = listener;
    }

    private StationRules rules(StationSettings settings) {
        StationRules rules = StationRules.standard(signals)
                .takingDatagrams(true)
                .withKeys(keys::ofAccount)
                .withReceivers((frame, how) -> new FrameAsked(job.get()).unlike(frame, how))
                .withList(new SiteList(signal -> new OperatorsList(job.get(), events).problems(signal), events));
        return settings.misbehaviour() == Misbehaviour.DROP
                ? rules.dropping(settings.dropEvery())
                : rules.misbehaving(settings.misbehaviour());
    }

    /// Listens as it is set, in place of how it listened before; on another port when the one is taken.
    ///
    /// @throws IOException when nothing can listen
    synchronized void listen(int port, StationSettings settings) throws IOException {
        int wanted = station == null ? port : address().getPort();
        close();
        InetAddress bind = settings.onNetwork() ? InetAddress.getByName("0.0.0.0") : InetAddress.getLoopbackAddress();
        try {
            station = PracticeStation.listen(bind, wanted, rules(settings), clock, listener);
        } catch (IOException taken) {
            station = PracticeStation.listen(bind, 0, rules(settings), clock, listener);
        }
        dead = settings.dead();
        cut = settings.cut();
        where = where(settings.onNetwork());
        if (!dead.isEmpty() || !cut.isEmpty()) {
            StationRules nothing =
                    StationRules.standard(signals).takingDatagrams(true).misbehaving(Misbehaviour.SILENT);
            silent = PracticeStation.listen(InetAddress.getLoopbackAddress(), 0, nothing, clock, received -> {});
        }
    }

    private String where(boolean onNetwork) {
        int at = address().getPort();
        List<String> hosts = onNetwork
                ? OwnAddresses.onNetworks()
                : List.of(address().getAddress().getHostAddress());
        return hosts.isEmpty()
                ? "port " + at
                : hosts.stream().map(host -> host + ":" + at).collect(Collectors.joining(", "));
    }

    /// Where it listens, in words.
    synchronized String where() {
        return where;
    }

    synchronized InetSocketAddress address() {
        return station.address();
    }

    @Override
    public Delivery deliver(Try one, Destination to, IpFrame frame, InstantSource its) {
        Duration timeout = Duration.ofMillis(one.path().timeoutMillis());
        return new Transmitter(one.path().attempts(), timeout, its, ports::sendsFrom).send(to, frame);
    }

    /// On this computer, whatever addresses the job names. Once the stations are closed, a port at which nobody
    /// answers.
    @Override
    public synchronized InetSocketAddress of(Try one) {
        boolean silenced =
                dead.contains(one.receiver().id()) || cut.contains(one.path().kind());
        PracticeStation its = silenced ? silent : station;
        return new InetSocketAddress(
                InetAddress.getLoopbackAddress(),
                its == null ? 0 : its.address().getPort());
    }

    @Override
    public synchronized boolean cut(PathKind kind) {
        return cut.contains(kind);
    }

    @Override
    public synchronized void close() {
        if (station != null) {
            station.close();
        }
        if (silent != null) {
            silent.close();
            silent = null;
        }
    }
}
