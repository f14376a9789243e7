package io.answerback.desktop.live;

import io.answerback.station.Received;
import java.util.LinkedHashSet;
import java.util.Set;

/// The ports this application has sent from, so that its own signals are told from those of a real communicator.
final class OwnPorts {
    private static final int MOST = 2000;

    private final Set<Integer> ports = new LinkedHashSet<>();

    /// It sends from this port.
    synchronized void sendsFrom(int port) {
        ports.add(port);
        if (ports.size() > MOST) {
            ports.remove(ports.iterator().next());
        }
    }

    /// Whether something came from elsewhere: another computer, or another process of this one.
    synchronized boolean outside(Received received) {
        return received.exchange()
                .map(exchange -> exchange.caller())
                .filter(caller -> !caller.getAddress().isLoopbackAddress() || !ports.contains(caller.getPort()))
                .isPresent();
    }
}
