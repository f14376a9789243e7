package io.answerback.command;

import io.answerback.station.Misbehaviour;
import io.answerback.station.PracticeStation;
import io.answerback.station.ReceivedJson;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.time.InstantSource;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// The practice station without a window: a line of JSON a signal, until it is ended.
@Command(
        name = "station",
        description = "practice station without a window",
        footer = {
            "",
            "At most 256 connections at once, 128 of one address; for one more, the one",
            "without a whole frame for the longest is closed. A frame has 4106 bytes at most",
            "and 10 s to arrive; 30 s without a byte, or 5 s without taking an answer, end a",
            "connection. 2000 lines wait for a slow reader of this log; more are lost and",
            "counted."
        },
        mixinStandardHelpOptions = true)
final class StationVerb implements Callable<Integer> {
    @Option(names = "--port", defaultValue = "9009", description = "0 for any free one (default: ${DEFAULT-VALUE})")
    private int port;

    @Option(
            names = "--bind",
            defaultValue = "127.0.0.1",
            description = "address to listen on (default: this computer only)")
    private String bind;

    @Option(names = "--misbehave", defaultValue = "none", description = "${COMPLETION-CANDIDATES}")
    private Misbehaviour misbehaviour;

    @Option(names = "--json", description = "accepted for likeness; the station always answers in JSON lines")
    private boolean json;

    @Override
    public Integer call() throws IOException, InterruptedException {
        InetAddress address = InetAddress.getByName(bind);
        if (port < 0 || port > 65535) {
            throw new IllegalArgumentException("port is " + port + "; it must be from 0 to 65535");
        }
        if (!address.isLoopbackAddress()) {
            System.err.println("This station is open to the network at " + bind
                    + ". It is for practice, not for a site in service.");
        }
        StationRules rules = StationRules.standard().misbehaving(misbehaviour);
        try (PracticeStation station = PracticeStation.listen(
                address, port, rules, InstantSource.system(), received -> print(ReceivedJson.line(received)))) {
            print(Json.object().put("listening", station.address().getPort()).toString());
            new CountDownLatch(1).await();
        }
        return 0;
    }

    private static synchronized void print(String line) {
        System.out.println(line);
        System.out.flush();
    }
}
