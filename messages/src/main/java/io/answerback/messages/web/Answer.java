package io.answerback.messages.web;

import java.util.HashMap;
import java.util.Map;

/// What a page answers.
///
/// @param code the status of HTTP
/// @param type the kind of content, with its characters
/// @param text the content; may be empty
/// @param headers further headers, by name
public record Answer(int code, String type, String text, Map<String, String> headers) {
    /// The content is here.
    public static final int OK = 200;

    public Answer {
        headers = Map.copyOf(headers);
    }

    /// An answer in UTF-8 without further headers.
    public static Answer of(int code, String type, String text) {
        return new Answer(code, type + "; charset=utf-8", text, Map.of());
    }

    /// Plain text.
    public static Answer plain(int code, String text) {
        return of(code, "text/plain", text);
    }

    /// This answer with one more header.
    public Answer with(String header, String value) {
        Map<String, String> more = new HashMap<>(headers);
        more.put(header, value);
        return new Answer(code, type, text, more);
    }
}
