package io.answerback.command;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// What one call of the command line printed and left with.
record Called(int code, String out, String err) {
    /// What it printed, as JSON.
    JsonNode json() {
        return new JsonMapper().readTree(out);
    }

    static synchronized Called of(Object... arguments) {
        PrintStream before = System.out;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        StringWriter err = new StringWriter();
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        try {
            String[] words = Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
            int code = Main.commandLine().setErr(new PrintWriter(err, true)).execute(words);
            return new Called(code, out.toString(StandardCharsets.UTF_8), err.toString());
        } finally {
            System.setOut(before);
        }
    }
}
