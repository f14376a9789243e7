package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/// Whose connection is closed when a new caller needs its place.
@Timeout(20)
class PlacesTest {
    private final AtomicLong now = new AtomicLong();
    private final List<String> told = new ArrayList<>();
    private final List<Socket> callers = new ArrayList<>();
    private ServerSocket server;
    private Places places;

    @BeforeEach
    void open() throws IOException {
        server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        StationRules.Limits limits = new StationRules.Limits(
                3, 2, 4106, Duration.ofSeconds(10), Duration.ofSeconds(30), Duration.ofSeconds(5), 10);
        places = new Places(limits, (place, why) -> told.add(why), now::get);
    }

    @AfterEach
    void close() throws IOException {
        places.closeAll();
        for (Socket caller : callers) {
            caller.close();
        }
        server.close();
    }

    /// A caller, a second after the one before.
    private Places.Place called() throws IOException {
        callers.add(new Socket(server.getInetAddress(), server.getLocalPort()));
        now.addAndGet(Duration.ofSeconds(1).toNanos());
        return places.admit(server.accept());
    }

    /// The last caller sends a byte, which has come when this ends.
    private void sends(Places.Place place) throws IOException {
        callers.getLast().getOutputStream().write('x');
        while (place.socket().getInputStream().available() == 0) {
            Thread.onSpinWait();
        }
    }

    private static boolean closed(Places.Place place) {
        return place.socket().isClosed();
    }

    @Test
    void theOneWithoutAFrameForTheLongestIsClosed() throws IOException {
        Places.Place first = called();
        Places.Place second = called();
        now.addAndGet(1);
        places.heard(first);
        Places.Place third = called();
        assertThat(closed(first)).isFalse();
        assertThat(closed(second)).isTrue();
        assertThat(closed(third)).isFalse();
        assertThat(told).singleElement().asString().contains("2 connections of 127.0.0.1 are the most of one address");
    }

    /// Otherwise callers that send without end and never read would keep their places, and the next good one
    /// lose its.
    @Test
    void oneThatDoesNotTakeItsAnswerGoesFirst() throws IOException {
        Places.Place good = called();
        Places.Place greedy = called();
        places.heard(greedy);
        places.writes(greedy);
        now.addAndGet(Duration.ofMillis(600).toNanos());
        Places.Place next = called();
        assertThat(closed(greedy)).isTrue();
        assertThat(closed(good)).isFalse();
        assertThat(closed(next)).isFalse();
    }

    @Test
    void oneWhoseBytesWaitIsPassedOver() throws IOException {
        Places.Place first = called();
        sends(first);
        Places.Place second = called();
        called();
        assertThat(closed(first)).isFalse();
        assertThat(closed(second)).isTrue();
    }

    @Test
    void whereAllHaveSentTheQuietestIsClosed() throws IOException {
        Places.Place first = called();
        sends(first);
        Places.Place second = called();
        sends(second);
        called();
        assertThat(closed(first)).isTrue();
        assertThat(closed(second)).isFalse();
    }

    @Test
    void oneThatLeftMakesRoom() throws IOException {
        Places.Place first = called();
        Places.Place second = called();
        places.leave(first);
        called();
        assertThat(closed(second)).isFalse();
        assertThat(told).isEmpty();
    }

    @Test
    void whoDoesNotTakeTheAnswerLosesThePlace() throws IOException {
        Places.Place stuck = called();
        places.writes(stuck);
        now.addAndGet(Duration.ofSeconds(4).toNanos());
        places.closeStuck();
        assertThat(closed(stuck)).isFalse();
        now.addAndGet(Duration.ofSeconds(2).toNanos());
        places.closeStuck();
        assertThat(closed(stuck)).isTrue();
        assertThat(told).containsExactly("127.0.0.1 did not take its answer in 5 s; the connection is closed");
    }
}
