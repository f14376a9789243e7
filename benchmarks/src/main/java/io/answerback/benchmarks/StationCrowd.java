package io.answerback.benchmarks;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// How soon a good frame is answered while a crowd is at the station: 1,000 idle callers that come again about
/// 5 s after they are closed, 64 busy ones, 50 that send a byte now and then, 10 that send rubbish and never
/// read, and 60 that send good frames without end and never read. All come from one address, which is the
/// worst that can be. `crowd [FRAMES]`; prints the median, 95 % and the longest, in milliseconds.
public final class StationCrowd {
    private static final int IDLE = 1000;
    private static final int BUSY = 64;
    private static final int SLOW = 50;
    private static final int RUDE = 10;
    private static final int GREEDY = 60;

    private final AtomicBoolean over = new AtomicBoolean();
    private final PracticeStation station;
    private final Map<String, Integer> failures = new TreeMap<>();

    private StationCrowd(PracticeStation station) {
        this.station = station;
    }

    public static void main(String[] arguments) throws Exception {
        int frames = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 300;
        StationRules rules = StationRules.standard(new IpSignals(DataFiles.letters()));
        try (PracticeStation station = PracticeStation.listen(
                        InetAddress.getLoopbackAddress(), 0, rules, InstantSource.system(), received -> {});
                ExecutorService crowd = Executors.newVirtualThreadPerTaskExecutor()) {
            StationCrowd run = new StationCrowd(station);
            try {
                run.come(crowd);
                TimeUnit.SECONDS.sleep(3);
                run.tell(run.good(frames));
            } finally {
                run.over.set(true);
                crowd.shutdownNow();
            }
        }
        System.exit(0);
    }

    private void tell(List<Double> millis) {
        List<Double> sorted = millis.stream().sorted().toList();
        int answered = sorted.size();
        System.out.printf(
                "%d good frames answered: median %.1f ms, 95 %% %.1f ms, 99 %% %.1f ms, longest %.1f ms; not answered: %s%n",
                answered,
                sorted.get(answered / 2),
                sorted.get(answered * 95 / 100),
                sorted.get(answered * 99 / 100),
                sorted.get(answered - 1),
                failures);
    }

    private void come(ExecutorService crowd) {
        for (int i = 0; i < IDLE; i++) {
            crowd.execute(this::idle);
        }
        for (int i = 0; i < BUSY; i++) {
            int account = 0x2000 + i;
            crowd.execute(() -> busy(account));
        }
        for (int i = 0; i < SLOW; i++) {
            crowd.execute(this::slow);
        }
        for (int i = 0; i < RUDE; i++) {
            int seed = i;
            crowd.execute(() -> rude(seed));
        }
        for (int i = 0; i < GREEDY; i++) {
            int account = 0x3000 + i;
            Thread.ofPlatform().daemon().start(() -> greedy(account));
        }
    }

    private void greedy(int account) {
        byte[] frames = IntStream.rangeClosed(1, 500)
                .mapToObj(sequence -> frame(Integer.toHexString(account), sequence))
                .collect(Collectors.joining())
                .getBytes(StandardCharsets.ISO_8859_1);
        talk(20, socket -> {
            while (!over.get()) {
                socket.getOutputStream().write(frames);
            }
        });
    }

    private Socket call() throws IOException {
        Socket socket = new Socket();
        socket.connect(
                new InetSocketAddress(
                        InetAddress.getLoopbackAddress(), station.address().getPort()),
                5000);
        socket.setTcpNoDelay(true);
        socket.setSoTimeout(5000);
        return socket;
    }

    private interface Talk {
        void with(Socket socket) throws IOException, InterruptedException;
    }

    /// Again and again, with a new connection where the last was closed.
    private void talk(int againAfterMillis, Talk talk) {
        while (!over.get()) {
            try (Socket socket = call()) {
                talk.with(socket);
            } catch (IOException closed) {
                pause(againAfterMillis);
            } catch (InterruptedException ended) {
                return;
            }
        }
    }

    private static void pause(int millis) {
        try {
            TimeUnit.MILLISECONDS.sleep(millis);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private void idle() {
        talk(ThreadLocalRandom.current().nextInt(4000, 6000), socket -> {
            socket.setSoTimeout(0);
            if (socket.getInputStream().read() < 0) {
                throw new IOException("closed for a new caller");
            }
        });
    }

    private void busy(int account) {
        talk(20, socket -> {
            for (int sequence = 1; !over.get(); sequence = sequence % 9999 + 1) {
                exchange(socket, Integer.toHexString(account), sequence);
                TimeUnit.MILLISECONDS.sleep(50);
            }
        });
    }

    private void slow() {
        talk(20, socket -> {
            while (!over.get()) {
                socket.getOutputStream().write('x');
                TimeUnit.SECONDS.sleep(1);
            }
        });
    }

    private void rude(int seed) {
        Random random = new Random(seed);
        talk(20, socket -> {
            byte[] rubbish = new byte[2000];
            while (!over.get()) {
                random.nextBytes(rubbish);
                socket.getOutputStream().write(rubbish);
                TimeUnit.MILLISECONDS.sleep(10);
            }
        });
    }

    /// How long each frame took that was answered, in milliseconds. A failure is noted and the next frame is
    /// sent.
    private List<Double> good(int frames) throws InterruptedException {
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            long before = System.nanoTime();
            try (Socket socket = call()) {
                exchange(socket, "7316", i % 9999 + 1);
                millis.add((System.nanoTime() - before) / 1e6);
            } catch (IOException failed) {
                failures.merge(String.valueOf(failed.getMessage()), 1, Integer::sum);
            }
            TimeUnit.MILLISECONDS.sleep(20);
        }
        return millis;
    }

    private static String frame(String account, int sequence) {
        Signal signal = new Signal(account, Qualifier.NEW, "130", 1, sequence % 1000);
        return IpFrames.encode(
                IpFrame.of(signal, sequence, "1", "0", InstantSource.system().instant()));
    }

    private static void exchange(Socket socket, String account, int sequence) throws IOException {
        socket.getOutputStream().write(frame(account, sequence).getBytes(StandardCharsets.ISO_8859_1));
        for (int next = socket.getInputStream().read();
                next != '\r';
                next = socket.getInputStream().read()) {
            if (next < 0) {
                throw new IOException("the station hung up");
            }
        }
    }
}
