package io.answerback.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class ShelfTest {
    private record Reel(String name, int cores) {}

    @Test
    void oneOfTheSameNameTakesItsPlaceAndAnotherComesLast() {
        Shelf<Reel> shelf = new Shelf<>(() -> List.of(new Reel("a", 4), new Reel("b", 6)), Reel::name);
        shelf.put(new Reel("a", 8));
        shelf.put(new Reel("c", 12));
        assertThat(shelf.all()).containsExactly(new Reel("a", 8), new Reel("b", 6), new Reel("c", 12));
    }

    @Test
    void whatShipsIsReadOnceAndNotBeforeItIsWanted() {
        AtomicInteger reads = new AtomicInteger();
        Shelf<Reel> shelf = new Shelf<>(
                () -> {
                    reads.incrementAndGet();
                    return List.of();
                },
                Reel::name);
        assertThat(reads).hasValue(0);
        shelf.all();
        shelf.put(new Reel("a", 4));
        shelf.all();
        assertThat(reads).hasValue(1);
    }
}
