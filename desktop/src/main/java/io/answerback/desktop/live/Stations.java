package io.answerback.desktop.live;

import io.answerback.core.event.EventTable;
import io.answerback.core.format.IpSignals;
import io.answerback.core.id.ReceiverId;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.report.Outgoing;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import io.answerback.station.Misbehaviour;
import io.answerback.station.PracticeStation;
import io.answerback.station.Received;
import io.answerback.station.SiteList;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.InstantSource;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// The practice station, and the silent one that stands for receivers that are dead.
final class Stations implements AutoCloseable {
    private final IpSignals signals;
    private final EventTable events;
    private final InstantSource clock;
    private final Supplier<Job> job;
    private final PracticeKeys keys;
    private final Consumer<Received> listener;
    private PracticeStation station;
    private PracticeStation silent;
    private Set<ReceiverId> dead = Set.of();

    /// @param job the job whose list is held against what arrives
    /// @param listener told of everything that is listed
    Stations(
            Outgoing.Tables tables,
            InstantSource clock,
            Supplier<Job> job,
            PracticeKeys keys,
            Consumer<Received> listener) {
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
                .withKeys(account -> keys.all())
                .withList(new SiteList(signal -> new OperatorsList(job.get()).problems(signal), events));
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
        if (!dead.isEmpty()) {
            StationRules nothing =
                    StationRules.standard(signals).takingDatagrams(true).misbehaving(Misbehaviour.SILENT);
            silent = PracticeStation.listen(InetAddress.getLoopbackAddress(), 0, nothing, clock, received -> {});
        }
    }

    synchronized InetSocketAddress address() {
        return station.address();
    }

    /// Where frames for a receiver go, on this computer.
    synchronized InetSocketAddress of(Receiver receiver) {
        PracticeStation its = dead.contains(receiver.id()) ? silent : station;
        return new InetSocketAddress(
                InetAddress.getLoopbackAddress(), its.address().getPort());
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
