package io.answerback.files.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Where the application keeps what it remembers, whatever the system says of its user.
class AppFolderTest {
    private final String home = System.getProperty("user.home");

    @AfterEach
    void restore() {
        System.setProperty("user.home", home);
    }

    @Test
    void theUsersOwnFolderIsTakenWhereThereIsOne() {
        assertThat(AppFolder.home()).isEqualTo(Path.of(home));
    }

    @ParameterizedTest
    @ValueSource(strings = {"?", "", "/no/such/home"})
    void aUserWithoutAFolderGetsOneAmongTheTemporaryFiles(String none) {
        System.setProperty("user.home", none);
        assertThat(AppFolder.home().getFileName()).hasToString("answerback-" + System.getProperty("user.name"));
        assertThat(AppFolder.home().getParent()).isEqualTo(Path.of(System.getProperty("java.io.tmpdir")));
    }
}
