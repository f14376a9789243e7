package io.answerback.messages.mail;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/// A server that says its lines one after another, each after one that it hears, whatever that is; then it hangs
/// or hangs up.
final class ScriptedServer implements AutoCloseable {
    private final ServerSocket server = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
    private final AtomicInteger calls = new AtomicInteger();
    private final List<String> lines;
    private final boolean hangUp;

    /// @param lines the first is said at once
    ScriptedServer(boolean hangUp, List<String> lines) throws IOException {
        this.lines = lines;
        this.hangUp = hangUp;
        Thread.ofVirtual().start(this::serve);
    }

    int port() {
        return server.getLocalPort();
    }

    int calls() {
        return calls.get();
    }

    private void serve() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                calls.incrementAndGet();
                Thread.ofVirtual().start(() -> talk(socket));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void talk(Socket socket) {
        try {
            var in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.ISO_8859_1));
            for (int i = 0; i < lines.size(); i++) {
                if (i > 0) {
                    in.readLine();
                }
                socket.getOutputStream().write((lines.get(i) + "\r\n").getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().flush();
            }
            if (hangUp) {
                in.readLine();
                socket.close();
            } else {
                while (in.readLine() != null) {
                    // It hears and never answers.
                }
            }
        } catch (IOException ended) {
            // The sender has had enough.
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
