package io.answerback.messages.page;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PageCodeTest {
    private final PageCode door = new PageCode(() -> 0);
    private final String wrong = door.code().equals("000000") ? "111111" : "000000";

    @Test
    void aStrangerWhoGuessesDoesNotShutTheEngineerOut() {
        door.open(wrong, "192.0.2.66");
        assertThat(door.open(door.code(), "192.0.2.66").says()).startsWith("Wait 1 s");
        assertThat(door.open(door.code(), "192.0.2.7").token()).isPresent();
        assertThat(door.open(door.code(), "192.0.2.66").says()).startsWith("Wait 1 s");
    }

    /// A guesser with many addresses has one chance in a thousand, and no more.
    @Test
    void manyAddressesTogetherAreLockedInTheEnd() {
        for (int i = 0; i < 1000; i++) {
            assertThat(door.open(wrong, "2001:db8::" + i).says()).isEqualTo("That is not the code.");
        }
        assertThat(door.open(door.code(), "192.0.2.7").says()).startsWith("Locked");
    }
}
