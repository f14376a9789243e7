package io.answerback.station;

import java.io.IOException;
import java.net.ConnectException;
import java.net.InetSocketAddress;
import java.net.NoRouteToHostException;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.Locale;

/// Whether the port of a receiver can be reached from this computer over TCP. A connection is opened and
/// closed; nothing is sent. Blocks.
///
/// @param reached whether the port took the connection
/// @param millis how long that took, or how long it was waited
/// @param says what came of it, and what it means
public record Reach(boolean reached, long millis, String says) {
    /// Tries it once.
    ///
    /// @param host an address or a name
    public static Reach of(String host, int port, Duration timeout) {
        long before = System.nanoTime();
        try (Socket socket = new Socket()) {
            InetSocketAddress address = new InetSocketAddress(host, port);
            if (address.isUnresolved()) {
                return new Reach(false, since(before), "the name " + host + " cannot be resolved");
            }
            socket.connect(address, (int) timeout.toMillis());
            long millis = since(before);
            return new Reach(true, millis, String.format(Locale.ROOT, "reached in %d ms", millis));
        } catch (SocketTimeoutException silent) {
            return new Reach(
                    false,
                    since(before),
                    String.format(
                            Locale.ROOT,
                            "nothing came back in %d s: a firewall drops it, or nobody has this address",
                            timeout.toSeconds()));
        } catch (NoRouteToHostException lost) {
            return new Reach(false, since(before), "there is no route to it from this computer");
        } catch (ConnectException refused) {
            return new Reach(
                    false, since(before), "refused: somebody has this address, and nothing listens on the port");
        } catch (IOException other) {
            return new Reach(false, since(before), String.valueOf(other.getMessage()));
        }
    }

    private static long since(long nanos) {
        return (System.nanoTime() - nanos) / 1_000_000;
    }
}
