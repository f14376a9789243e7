package io.answerback.messages.web;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eclipse.jetty.http.HttpCookie;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.io.Connection;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.io.EofException;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Reads a request whole, asks for the answer and sends it.
final class Pages extends Handler.Abstract {
    private static final Logger LOG = LoggerFactory.getLogger(Pages.class);
    private static final int REFUSED = 403;
    private static final int TOO_LONG = 413;
    private static final int FAILED = 500;

    private final int mostBytes;
    private final Function<Asked, Answer> pages;
    private final Deadlines deadlines;

    Pages(int mostBytes, Function<Asked, Answer> pages, Deadlines deadlines) {
        this.mostBytes = mostBytes;
        this.pages = pages;
        this.deadlines = deadlines;
    }

    @Override
    public boolean handle(Request request, Response response, Callback sent) throws IOException {
        Connection connection = request.getConnectionMetaData().getConnection();
        Answer answer = answer(request, connection);
        deadlines.begin(connection);
        send(answer, response, Callback.from(sent, () -> deadlines.begin(connection)));
        return true;
    }

    private Answer answer(Request request, Connection connection) throws IOException {
        if (!Meant.forThisComputer(request)) {
            return Answer.plain(REFUSED, "This address is not served. Use the one that the window shows.\n");
        }
        byte[] body;
        try (InputStream in = Request.asInputStream(request)) {
            body = in.readNBytes(mostBytes + 1);
        }
        if (body.length > mostBytes) {
            return Answer.plain(TOO_LONG, "That is too long: at most " + mostBytes + " bytes are taken here.\n")
                    .with(HttpHeader.CONNECTION.asString(), "close");
        }
        deadlines.pause(connection);
        return answer(asked(request, new String(body, StandardCharsets.UTF_8)));
    }

    private Answer answer(Asked asked) {
        try {
            return pages.apply(asked);
        } catch (RuntimeException failed) {
            LOG.error("{} from {} could not be answered", asked.what(), asked.from(), failed);
            return Answer.plain(FAILED, "The program could not answer. Its log says why.\n");
        }
    }

    private static Asked asked(Request request, String body) throws EofException {
        if (!(request.getConnectionMetaData().getRemoteSocketAddress() instanceof InetSocketAddress from)) {
            throw new EofException("the caller has gone");
        }
        Map<String, String> cookies = Request.getCookies(request).stream()
                .collect(Collectors.toMap(HttpCookie::getName, HttpCookie::getValue, (first, second) -> first));
        return new Asked(request.getMethod(), Request.getPathInContext(request), body, cookies, from.getAddress());
    }

    private static void send(Answer answer, Response response, Callback sent) {
        response.setStatus(answer.code());
        response.getHeaders().put("X-Content-Type-Options", "nosniff");
        response.getHeaders().put("X-Frame-Options", "DENY");
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, answer.type());
        answer.headers().forEach(response.getHeaders()::put);
        Content.Sink.write(response, true, answer.text(), sent);
    }
}
