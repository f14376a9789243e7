package io.answerback.benchmarks;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.LongAdder;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;

/// Signals a second that the practice station takes, judges and answers on loopback, each connection sending
/// the next when the last was answered.
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class StationBenchmark {
    /// The station all connections share.
    @State(Scope.Benchmark)
    public static class Station {
        private final LongAdder listed = new LongAdder();
        private final AtomicInteger accounts = new AtomicInteger(0x1000);
        private PracticeStation station;

        @Setup(Level.Trial)
        public void listen() throws IOException {
            station = PracticeStation.listen(
                    InetAddress.getLoopbackAddress(),
                    0,
                    StationRules.standard(new IpSignals(DataFiles.letters())),
                    InstantSource.system(),
                    received -> listed.increment());
        }

        @TearDown(Level.Trial)
        public void close() {
            station.close();
        }
    }

    /// A bare echo over the same kind of socket: what comes goes back, up to each CR.
    @State(Scope.Benchmark)
    public static class Echo {
        private ServerSocket server;

        @Setup(Level.Trial)
        public void listen() throws IOException {
            server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
            Thread.ofVirtual().start(this::acceptUntilClosed);
        }

        private void acceptUntilClosed() {
            while (!server.isClosed()) {
                try {
                    Socket caller = server.accept();
                    caller.setTcpNoDelay(true);
                    Thread.ofVirtual().start(() -> echo(caller));
                } catch (IOException closed) {
                    return;
                }
            }
        }

        private static void echo(Socket caller) {
            byte[] room = new byte[4096];
            try (caller) {
                for (int read = caller.getInputStream().read(room);
                        read > 0;
                        read = caller.getInputStream().read(room)) {
                    caller.getOutputStream().write(room, 0, read);
                }
            } catch (IOException gone) {
                return;
            }
        }

        @TearDown(Level.Trial)
        public void close() throws IOException {
            server.close();
        }
    }

    /// One connection to the echo.
    @State(Scope.Thread)
    public static class EchoLine {
        private final Line line = new Line();

        @Setup(Level.Trial)
        public void connect(Echo shared) throws IOException {
            line.connect(shared.server.getLocalPort(), "7316");
        }

        @TearDown(Level.Trial)
        public void hangUp() throws IOException {
            line.hangUp();
        }
    }

    /// One connection, under an account of its own.
    @State(Scope.Thread)
    public static class Line {
        private Socket socket;
        private InputStream answers;
        private String account;
        private int sequence;

        @Setup(Level.Trial)
        public void connect(Station shared) throws IOException {
            connect(shared.station.address().getPort(), Integer.toHexString(shared.accounts.incrementAndGet()));
        }

        void connect(int port, String under) throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), port);
            socket.setTcpNoDelay(true);
            answers = new BufferedInputStream(socket.getInputStream());
            account = under;
        }

        @TearDown(Level.Trial)
        public void hangUp() throws IOException {
            socket.close();
        }
    }

    @Benchmark
    @Threads(1)
    public int oneConnection(Line line) throws IOException {
        return exchange(line);
    }

    @Benchmark
    @Threads(1)
    public int oneConnectionToABareEcho(EchoLine echo) throws IOException {
        return exchange(echo.line);
    }

    @Benchmark
    @Threads(64)
    public int sixtyFourConnections(Line line) throws IOException {
        return exchange(line);
    }

    private static int exchange(Line line) throws IOException {
        line.sequence = line.sequence % 9999 + 1;
        Signal signal = new Signal(line.account, Qualifier.NEW, "130", 1, line.sequence % 1000);
        IpFrame frame = IpFrame.of(
                signal, line.sequence, "1", "0", InstantSource.system().instant());
        line.socket.getOutputStream().write(IpFrames.encode(frame).getBytes(StandardCharsets.ISO_8859_1));
        int read = 0;
        for (int next = line.answers.read(); next != '\r'; next = line.answers.read()) {
            if (next < 0) {
                throw new IOException("the station hung up");
            }
            read++;
        }
        return read;
    }
}
