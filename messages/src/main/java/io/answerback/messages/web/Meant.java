package io.answerback.messages.web;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Optional;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Request;

/// Whether a request was meant for this computer: it names, as its host, the address at which it arrived, and
/// comes from no page of another site. A site that gives its own name the address of this computer gets
/// nothing.
final class Meant {
    private Meant() {}

    static boolean forThisComputer(Request request) {
        InetSocketAddress arrivedAt =
                (InetSocketAddress) request.getConnectionMetaData().getLocalSocketAddress();
        Optional<String> host = Optional.ofNullable(request.getHeaders().get(HttpHeader.HOST));
        Optional<String> origin = Optional.ofNullable(request.getHeaders().get(HttpHeader.ORIGIN));
        if (arrivedAt == null) {
            return false; // the caller has gone
        }
        return host.filter(name -> names(name, arrivedAt)).isPresent()
                && origin.map(from -> from.equals("http://" + host.get())).orElse(true);
    }

    /// Whether a host with its port is the address at which a request arrived, or this computer by name.
    private static boolean names(String host, InetSocketAddress arrivedAt) {
        String port = ":" + arrivedAt.getPort();
        if (!host.endsWith(port)) {
            return false;
        }
        String name = host.substring(0, host.length() - port.length());
        return name.equals("localhost") && arrivedAt.getAddress().isLoopbackAddress()
                || literal(name).filter(arrivedAt.getAddress()::equals).isPresent();
    }

    private static Optional<InetAddress> literal(String name) {
        try {
            return Optional.of(InetAddress.ofLiteral(name.replaceAll("^\\[(.*)]$", "$1")));
        } catch (IllegalArgumentException aName) {
            return Optional.empty();
        }
    }
}
