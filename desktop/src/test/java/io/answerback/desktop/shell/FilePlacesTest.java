package io.answerback.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilePlacesTest {
    @TempDir
    Path folder;

    /// Otherwise a job whose file was removed outside would be saved to its own place as if that were another.
    @Test
    void aFileThatIsGoneIsStillTheSame() throws Exception {
        Path file = folder.resolve("berth.answerback.json");
        Path roundabout = folder.resolve("copies/../berth.answerback.json");
        assertThat(FilePlaces.same(file, roundabout)).isTrue();
        assertThat(FilePlaces.same(file, folder.resolve("other.answerback.json")))
                .isFalse();
        Files.writeString(file, "");
        Path link = Files.createSymbolicLink(folder.resolve("link.answerback.json"), file);
        assertThat(FilePlaces.same(file, link)).isTrue();
    }
}
