package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TellerTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:41:07Z");

    private final List<String> told = new CopyOnWriteArrayList<>();

    @Test
    void whatWasTakenBeforeClosingIsStillTold() {
        Teller teller =
                new Teller(1000, received -> told.add(received.problems().getFirst()), TellerTest::gap);
        IntStream.range(0, 1000).forEach(i -> teller.tell(line(Integer.toString(i))));
        teller.close();
        assertThat(told)
                .containsExactlyElementsOf(
                        IntStream.range(0, 1000).mapToObj(Integer::toString).toList());
    }

    @Test
    void whatThereIsNoRoomForIsCounted() throws InterruptedException {
        CountDownLatch first = new CountDownLatch(1);
        CountDownLatch mayGoOn = new CountDownLatch(1);
        Teller teller = new Teller(
                2,
                received -> {
                    told.add(received.problems().getFirst());
                    first.countDown();
                    waitFor(mayGoOn);
                },
                TellerTest::gap);
        teller.tell(line("taken"));
        first.await();
        IntStream.range(0, 5).forEach(i -> teller.tell(line("waiting " + i)));
        mayGoOn.countDown();
        teller.close();
        assertThat(told).containsExactly("taken", "3 lost", "waiting 0", "waiting 1");
    }

    private static void waitFor(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    private static Received line(String words) {
        return Received.note(NOW, "test", words);
    }

    private static Received gap(long lost) {
        return line(lost + " lost");
    }
}
