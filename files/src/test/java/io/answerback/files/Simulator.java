package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// A circuit simulator that shares nothing with this application, where one is installed.
final class Simulator {
    private static final Pattern PRINTED = Pattern.compile("^(\\w+) = (\\S+)", Pattern.MULTILINE);

    private Simulator() {}

    static void assumeInstalled() {
        assumeTrue(
                Stream.of(System.getenv().getOrDefault("PATH", "").split(File.pathSeparator))
                        .anyMatch(place -> Files.isExecutable(Path.of(place, "ngspice"))),
                "skipped: ngspice is not installed, so the figures are not compared with another program's");
    }

    /// Runs a netlist in a folder; what it prints, by name.
    static Map<String, Double> run(Path folder, String netlist) throws Exception {
        Path file = Files.writeString(folder.resolve("circuit.cir"), netlist);
        Path output = folder.resolve("circuit.txt");
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
        assertThat(process.waitFor(3, TimeUnit.MINUTES))
                .as("ngspice ends within 3 minutes")
                .isTrue();
        Map<String, Double> printed = new HashMap<>();
        Matcher matcher = PRINTED.matcher(Files.readString(output));
        while (matcher.find()) {
            printed.put(matcher.group(1), Double.valueOf(matcher.group(2)));
        }
        return printed;
    }
}
