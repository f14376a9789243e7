package io.answerback.messages.web;

import java.net.InetAddress;
import java.util.Map;

/// A request that was meant for this computer and arrived whole.
///
/// @param method `GET` or `POST`
/// @param path where, `/state`
/// @param body what was sent with it; empty when there is nothing
/// @param cookies what the browser keeps for this page, by name
/// @param from the address of the caller
public record Asked(String method, String path, String body, Map<String, String> cookies, InetAddress from) {
    public Asked {
        cookies = Map.copyOf(cookies);
    }

    /// The method and the path, `GET /state`.
    public String what() {
        return method + " " + path;
    }
}
