package io.answerback.messages.web;

import java.io.IOException;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.ErrorHandler;
import org.eclipse.jetty.util.Callback;

/// What is said to a request that HTTP itself does not allow: a line of plain text, with nothing of how the
/// server is made.
final class PlainErrors extends ErrorHandler {
    @Override
    protected void generateResponse(
            Request request, Response response, int code, String message, Throwable cause, Callback sent)
            throws IOException {
        response.setStatus(code);
        response.getHeaders().put("X-Content-Type-Options", "nosniff");
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, "text/plain; charset=utf-8");
        Content.Sink.write(response, true, "This request is not understood.\n", sent);
    }
}
