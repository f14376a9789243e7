package io.answerback.desktop;

import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.Outgoing;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.station.Transmitter;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;

/// A communicator that is a process of its own: it reads a signal a line, sends it to a station, and says what became
/// of
/// it.
final class OutsideCommunicator implements AutoCloseable {
    private static final String CLASS_PATH =
            System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));

    private final Process process;
    private final PrintStream asks;
    private final BufferedReader says;

    private OutsideCommunicator(Process process) {
        this.process = process;
        this.asks = new PrintStream(process.getOutputStream(), true, StandardCharsets.UTF_8);
        this.says = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    }

    /// Starts one that sends to an address, as the panel of the first demo.
    ///
    /// @param now what its clock says; it stands still
    static OutsideCommunicator sendingTo(String address, Instant now) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        List<String> command =
                List.of(java, "-cp", CLASS_PATH, OutsideCommunicator.class.getName(), address, now.toString());
        return new OutsideCommunicator(new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start());
    }

    /// Sends a signal, and waits for what became of it.
    ///
    /// @return whether the station took it
    boolean sends(String account, Qualifier qualifier, String event, int area, int number) throws IOException {
        asks.println(String.join(" ", account, qualifier.name(), event, "" + area, "" + number));
        return "taken".equals(says.readLine());
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }

    /// The process itself.
    ///
    /// @param args host and port of the station, and what time it is
    public static void main(String[] args) throws IOException {
        String[] address = args[0].split(":");
        Job job = DemoJobs.job(1);
        Receiver receiver = job.receivers().stream()
                .filter(its -> its.format().overIp() && its.reception().keyBits() == 0)
                .findFirst()
                .orElseThrow();
        InstantSource clock = InstantSource.fixed(Instant.parse(args[1]));
        Transmitter transmitter = new Transmitter(1, Duration.ofSeconds(5), clock);
        BufferedReader asked = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        int sequence = 0;
        for (String line = asked.readLine(); line != null; line = asked.readLine()) {
            String[] words = line.split(" ");
            Signal signal = new Signal(
                    words[0],
                    Qualifier.valueOf(words[1]),
                    words[2],
                    Integer.parseInt(words[3]),
                    Integer.parseInt(words[4]));
            sequence = sequence % 9999 + 1;
            Outgoing out = Outgoing.of(receiver, signal, sequence, "", clock.instant(), DataFiles.reporting());
            IpFrame frame = ((Outgoing.Frame) out).frame();
            boolean taken = transmitter
                    .send(address[0], Integer.parseInt(address[1]), frame)
                    .acknowledged();
            System.out.println(taken ? "taken" : "not taken");
        }
    }
}
