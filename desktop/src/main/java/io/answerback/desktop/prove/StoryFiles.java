package io.answerback.desktop.prove;

import io.answerback.core.panel.operation.PanelCase;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.CaseFile;
import io.answerback.files.exchange.CaseText;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// Writes stories to files and reads them, off the window's thread.
///
/// @param actions tells what became of it
record StoryFiles(Actions actions, Background background, FileQuestions files) {
    private static final List<FileQuestions.Sort> STORY =
            List.of(new FileQuestions.Sort("Story of a panel", "*" + CaseFile.ENDING));

    /// Asks for a file and writes a story to it.
    void save(PanelCase story) {
        String name = story.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + CaseFile.ENDING;
        files.toWrite("Story of a panel", name, STORY)
                .ifPresent(path -> background.run(
                        () -> {
                            SafeFile.replace(path, CaseText.of(story).getBytes(StandardCharsets.UTF_8));
                            return path;
                        },
                        written -> actions.tell("Written: " + written)));
    }

    /// Asks for a file and reads the story in it.
    void open(Consumer<PanelCase> opened) {
        files.toRead("Story of a panel", STORY)
                .map(Path::toString)
                .ifPresent(path -> background.run(() -> CaseFile.find(path), opened));
    }
}
