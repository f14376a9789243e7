package io.answerback.messages.web;

import com.sun.net.httpserver.Filter;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpHandler;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/// Web servers that answer only what was meant for them: a request names, as its host, the address at which
/// it arrived, and comes from no page of another site. A site that gives its own name the address of this
/// computer gets nothing. A request has 5 s to arrive whole and its answer 5 s to be taken; 64 connections
/// are served at once.
public final class OwnServer {
    private static final int REFUSED = 403;
    private static final String SECONDS = "5";
    private static final String CONNECTIONS = "64";

    private OwnServer() {}

    /// A server that is not started yet.
    ///
    /// @param waiting how many callers the system keeps waiting
    /// @throws IOException when it cannot listen there
    public static HttpServer create(InetSocketAddress address, int waiting) throws IOException {
        // read once, when the first server of the program is made
        limit("sun.net.httpserver.maxReqTime", SECONDS);
        limit("sun.net.httpserver.maxRspTime", SECONDS);
        limit("jdk.httpserver.maxConnections", CONNECTIONS);
        return HttpServer.create(address, waiting);
    }

    private static void limit(String name, String value) {
        if (System.getProperty(name) == null) {
            System.setProperty(name, value);
        }
    }

    /// Serves a path of a server, for those it is meant for only.
    public static void serve(HttpServer server, String path, HttpHandler handler) {
        server.createContext(path, handler).getFilters().add(new Meant());
    }

    private static final class Meant extends Filter {
        @Override
        public String description() {
            return "only what was meant for this computer";
        }

        @Override
        public void doFilter(HttpExchange exchange, Chain chain) throws IOException {
            exchange.getResponseHeaders().set("X-Content-Type-Options", "nosniff");
            exchange.getResponseHeaders().set("X-Frame-Options", "DENY");
            Optional<String> host = first(exchange, "Host");
            Optional<String> origin = first(exchange, "Origin");
            boolean own =
                    host.filter(name -> names(name, exchange.getLocalAddress())).isPresent();
            if (own && origin.map(from -> from.equals("http://" + host.get())).orElse(true)) {
                chain.doFilter(exchange);
            } else {
                refuse(exchange);
            }
        }

        private static Optional<String> first(HttpExchange exchange, String header) {
            return Optional.ofNullable(exchange.getRequestHeaders().getFirst(header));
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

        private static void refuse(HttpExchange exchange) throws IOException {
            try (exchange) {
                byte[] says = "This address is not served. Use the one that the window shows.\n"
                        .getBytes(StandardCharsets.UTF_8);
                exchange.getResponseHeaders().set("Content-Type", "text/plain; charset=utf-8");
                exchange.sendResponseHeaders(REFUSED, says.length);
                exchange.getResponseBody().write(says);
            }
        }
    }
}
