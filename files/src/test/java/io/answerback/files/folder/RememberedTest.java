package io.answerback.files.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RememberedTest {
    @TempDir
    Path folder;

    @Test
    void theTenNewestFilesAreRememberedNewestFirst() throws Exception {
        Remembered remembered = Remembered.nothing();
        for (int i = 0; i < 12; i++) {
            remembered = remembered.opened(folder.resolve("job" + i));
        }
        remembered = remembered.opened(folder.resolve("job5"));
        remembered.look(true, 150).window(10, 20, 1300, 900).save(folder);
        Remembered again = Remembered.load(folder);
        assertThat(again.recent()).hasSize(10);
        assertThat(again.recent().getFirst()).endsWith("job5");
        assertThat(again.recent().get(1)).endsWith("job11");
        assertThat(again.dark()).isTrue();
        assertThat(again.width()).isEqualTo(1300);
    }

    @Test
    void aDamagedMemoryIsForgottenQuietly() throws Exception {
        Files.writeString(folder.resolve("window.json"), "{\"recent\": 7");
        assertThat(Remembered.load(folder)).isEqualTo(Remembered.nothing());
    }
}
