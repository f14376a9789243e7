package io.answerback.messages.page;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import io.answerback.messages.web.OwnServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.json.JsonMapper;

/// A small web server that shows the list of a walk to a phone on the site network, for as long as it is
/// open. It can be read with the code that the window shows; the only thing that can be said back is "I am at
/// this one".
public final class WalkPage implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(WalkPage.class);
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final int WAITING = 16;
    private static final int LONGEST_BODY = 256;
    private static final String COOKIE = "walk=";
    private static final int OK = 200;
    private static final int FORBIDDEN = 403;
    private static final int NOT_FOUND = 404;

    private final HttpServer server;
    private final ExecutorService workers = Executors.newVirtualThreadPerTaskExecutor();
    private final PageCode door;
    private final Supplier<PageState> state;
    private final Consumer<String> here;

    private WalkPage(HttpServer server, PageCode door, Supplier<PageState> state, Consumer<String> here) {
        this.server = server;
        this.door = door;
        this.state = state;
        this.here = here;
    }

    /// Opens the page.
    ///
    /// @param address where it is reached: loopback, or every network of this computer
    /// @param port where it listens; 0 for any free one
    /// @param state what it shows; asked on a thread of its own
    /// @param here told the id of the line at which somebody is; on a thread of its own
    /// @param millis a clock that never jumps, in milliseconds
    /// @throws IOException when it cannot listen there
    public static WalkPage open(
            InetAddress address, int port, Supplier<PageState> state, Consumer<String> here, LongSupplier millis)
            throws IOException {
        HttpServer server = OwnServer.create(new InetSocketAddress(address, port), WAITING);
        WalkPage page = new WalkPage(server, new PageCode(millis), state, here);
        server.setExecutor(page.workers);
        OwnServer.serve(server, "/", page::answer);
        server.start();
        return page;
    }

    /// The code that opens it.
    public String code() {
        return door.code();
    }

    /// The port it listens at.
    public int port() {
        return server.getAddress().getPort();
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            String what =
                    exchange.getRequestMethod() + " " + exchange.getRequestURI().getPath();
            switch (what) {
                case "GET /" -> send(exchange, OK, "text/html; charset=utf-8", page());
                case "POST /open" -> open(exchange);
                case "GET /state" -> ifOpened(exchange, () -> json(state.get()));
                case "POST /here" -> {
                    String id = body(exchange);
                    ifOpened(exchange, () -> {
                        here.accept(id);
                        return json(state.get());
                    });
                }
                default -> send(exchange, NOT_FOUND, "text/plain", "There is nothing here.");
            }
        }
    }

    private void open(HttpExchange exchange) throws IOException {
        PageCode.Try tried = door.open(
                body(exchange), exchange.getRemoteAddress().getAddress().getHostAddress());
        if (tried.token().isEmpty()) {
            LOG.warn("A wrong code for the page from {}: {} so far", exchange.getRemoteAddress(), door.wrong());
            send(exchange, FORBIDDEN, "text/plain; charset=utf-8", tried.says());
            return;
        }
        exchange.getResponseHeaders()
                .add("Set-Cookie", COOKIE + tried.token().get() + "; HttpOnly; SameSite=Strict; Path=/");
        send(exchange, OK, "text/plain", "");
    }

    private void ifOpened(HttpExchange exchange, Supplier<String> answer) throws IOException {
        if (token(exchange).filter(door::opened).isEmpty()) {
            send(exchange, FORBIDDEN, "text/plain; charset=utf-8", "Type the code that the window shows.");
        } else {
            send(exchange, OK, "application/json; charset=utf-8", answer.get());
        }
    }

    private static Optional<String> token(HttpExchange exchange) {
        return Optional.ofNullable(exchange.getRequestHeaders().getFirst("Cookie")).stream()
                .flatMap(cookies -> Arrays.stream(cookies.split(";")))
                .map(String::strip)
                .filter(cookie -> cookie.startsWith(COOKIE))
                .map(cookie -> cookie.substring(COOKIE.length()))
                .findFirst();
    }

    /// What was posted, up to the longest that can be meant.
    private static String body(HttpExchange exchange) throws IOException {
        byte[] bytes = exchange.getRequestBody().readNBytes(LONGEST_BODY);
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static String json(PageState state) {
        return MAPPER.writeValueAsString(state);
    }

    private static String page() {
        try (InputStream in = WalkPage.class.getResourceAsStream("walk.html")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static void send(HttpExchange exchange, int code, String type, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.getResponseHeaders().set("Cache-Control", "no-store");
        exchange.getResponseHeaders()
                .set("Content-Security-Policy", "default-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
        exchange.sendResponseHeaders(code, bytes.length == 0 ? -1 : bytes.length);
        exchange.getResponseBody().write(bytes);
    }

    /// The page is gone at once.
    @Override
    public void close() {
        server.stop(0);
        workers.shutdownNow();
    }
}
