package io.answerback.benchmarks;

import io.answerback.benchmarks.StationBenchmark.Echo;
import io.answerback.benchmarks.StationBenchmark.EchoLine;
import io.answerback.benchmarks.StationBenchmark.Line;
import io.answerback.benchmarks.StationBenchmark.Station;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// How fast the practice station answers one connection, beside a bare echo.
final class StationPace {
    private static final int WARM_UP = 6;
    private static final int ROUNDS = 11;
    private static final long ROUND_NANOS = 400_000_000;

    private StationPace() {}

    /// Signals a second at the station for each one at the echo, measured in turn.
    static double ofEcho() throws IOException {
        Station station = new Station();
        Echo echo = new Echo();
        station.listen();
        echo.listen();
        Line line = new Line();
        EchoLine other = new EchoLine();
        line.connect(station);
        other.connect(echo);
        List<Double> ratios = new ArrayList<>();
        StationBenchmark exchanges = new StationBenchmark();
        for (int round = 0; round < WARM_UP + ROUNDS; round++) {
            double toStation = count(() -> exchanges.oneConnection(line));
            double toEcho = count(() -> exchanges.oneConnectionToABareEcho(other));
            if (round >= WARM_UP) {
                ratios.add(toStation / toEcho);
            }
        }
        line.hangUp();
        other.hangUp();
        station.close();
        echo.close();
        return ratios.stream().sorted().toList().get(ROUNDS / 2);
    }

    private interface Exchange {
        int once() throws IOException;
    }

    private static int count(Exchange exchange) throws IOException {
        int count = 0;
        for (long begun = System.nanoTime(); System.nanoTime() - begun < ROUND_NANOS; count++) {
            exchange.once();
        }
        return count;
    }
}
