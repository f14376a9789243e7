package io.answerback.command;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The station verb at work in a thread of its own, and what it prints, line by line.
final class RunningStation implements AutoCloseable {
    private static final int PIPE_BYTES = 1 << 20;

    private final PrintStream before = System.out;
    private final PrintStream beforeErrors = System.err;
    private final ByteArrayOutputStream errors = new ByteArrayOutputStream();
    private final BufferedReader printed;
    private final Thread thread;
    private final int port;

    RunningStation(Object... arguments) throws IOException {
        PipedInputStream in = new PipedInputStream(PIPE_BYTES);
        System.setOut(new PrintStream(new PipedOutputStream(in), true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(errors, true, StandardCharsets.UTF_8));
        printed = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
        String[] words = Stream.concat(
                        Stream.of("station", "--port", "0"),
                        Arrays.stream(arguments).map(Object::toString))
                .toArray(String[]::new);
        thread = Thread.ofPlatform()
                .daemon()
                .start(() -> Main.commandLine()
                        .setErr(new PrintWriter(errors, true, StandardCharsets.UTF_8))
                        .execute(words));
        port = next().get("listening").asInt();
    }

    /// The port it listens on.
    int port() {
        return port;
    }

    /// The next line it prints.
    JsonNode next() throws IOException {
        return new JsonMapper().readTree(printed.readLine());
    }

    /// What it says beside its lines.
    String errors() {
        return errors.toString(StandardCharsets.UTF_8);
    }

    /// Ends it, and waits until it has ended.
    @Override
    public void close() {
        thread.interrupt();
        System.setOut(before);
        System.setErr(beforeErrors);
        try {
            if (!thread.join(Duration.ofSeconds(10))) {
                throw new AssertionError("the station does not end");
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
