package io.answerback.messages.page;

import io.answerback.messages.web.Answer;
import io.answerback.messages.web.Asked;
import io.answerback.messages.web.OwnServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
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
    private static final int MOST_BYTES = 256;
    private static final String COOKIE = "walk";
    private static final int FORBIDDEN = 403;
    private static final int NOT_FOUND = 404;

    private final OwnServer server;
    private final PageCode door;

    private WalkPage(OwnServer server, PageCode door) {
        this.server = server;
        this.door = door;
    }

    /// Opens the page.
    ///
    /// @param address where it is reached: loopback, or every network of this computer
    /// @param port where it listens; 0 for any free one
    /// @param state what it shows; asked on a thread of its own
    /// @param here takes the id of the line at which somebody is; on a thread of its own
    /// @param millis a clock that never jumps, in milliseconds
    /// @throws IOException when it cannot listen there
    public static WalkPage open(
            InetAddress address, int port, Supplier<PageState> state, Consumer<String> here, LongSupplier millis)
            throws IOException {
        PageCode door = new PageCode(millis);
        Answers answers = new Answers(door, state, here);
        return new WalkPage(OwnServer.open(new InetSocketAddress(address, port), MOST_BYTES, answers::to), door);
    }

    /// The code that opens it.
    public String code() {
        return door.code();
    }

    /// The port it listens at.
    public int port() {
        return server.port();
    }

    private record Answers(PageCode door, Supplier<PageState> state, Consumer<String> here) {
        private Answer to(Asked asked) {
            Answer answer = switch (asked.what()) {
                case "GET /" -> Answer.of(Answer.OK, "text/html", page());
                case "POST /open" -> open(asked);
                case "GET /state" -> ifOpened(asked, state);
                case "POST /here" ->
                    ifOpened(asked, () -> {
                        here.accept(asked.body());
                        return state.get();
                    });
                default -> Answer.plain(NOT_FOUND, "There is nothing here.");
            };
            return answer.with("Cache-Control", "no-store")
                    .with("Content-Security-Policy", "default-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
        }

        private Answer open(Asked asked) {
            PageCode.Try tried = door.open(asked.body(), asked.from().getHostAddress());
            if (tried.token().isEmpty()) {
                LOG.warn("A wrong code for the page from {}: {} so far", asked.from(), door.wrong());
                return Answer.plain(FORBIDDEN, tried.says());
            }
            return Answer.plain(Answer.OK, "")
                    .with("Set-Cookie", COOKIE + "=" + tried.token().get() + "; HttpOnly; SameSite=Strict; Path=/");
        }

        private Answer ifOpened(Asked asked, Supplier<PageState> answer) {
            if (Optional.ofNullable(asked.cookies().get(COOKIE))
                    .filter(door::opened)
                    .isEmpty()) {
                return Answer.plain(FORBIDDEN, "Type the code that the window shows.");
            }
            return Answer.of(Answer.OK, "application/json", MAPPER.writeValueAsString(answer.get()));
        }

        private static String page() {
            try (InputStream in = WalkPage.class.getResourceAsStream("walk.html")) {
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }

    /// The page is gone at once.
    @Override
    public void close() {
        server.close();
    }
}
