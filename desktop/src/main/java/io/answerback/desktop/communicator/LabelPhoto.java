package io.answerback.desktop.communicator;

import io.answerback.core.edit.UnitEdits;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// Takes a picture file for the photograph of the label, and keeps a copy of it beside the job.
final class LabelPhoto {
    private static final long MOST_BYTES = 30_000_000;
    private static final FileQuestions.Sort PICTURES =
            new FileQuestions.Sort("Picture", List.of("*.jpg", "*.jpeg", "*.png", "*.JPG", "*.JPEG", "*.PNG"));

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    LabelPhoto(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    void choose() {
        Optional<Path> folder = actions.now().file().map(Path::toAbsolutePath).map(Path::getParent);
        if (folder.isEmpty()) {
            actions.tell("Save the job first: the photograph is kept beside it.");
            return;
        }
        files.toRead("Photograph of the label", List.of(PICTURES))
                .ifPresent(file -> background.run(() -> copied(file, folder.get()), this::taken));
    }

    /// The name of the copy, or why there is none.
    private record Copy(String name, String problem) {}

    private static Copy copied(Path file, Path folder) throws IOException {
        if (!Files.isRegularFile(file) || Files.size(file) > MOST_BYTES) {
            return new Copy("", file.getFileName() + " is no picture of less than 30 MB; choose another file.");
        }
        if (file.toAbsolutePath().getParent().equals(folder)) {
            return new Copy(file.getFileName().toString(), "");
        }
        String name = "label-" + file.getFileName();
        Path copy = folder.resolve(name);
        for (int i = 2; Files.exists(copy) && Files.mismatch(copy, file) >= 0; i++) {
            name = "label-%d-%s".formatted(i, file.getFileName());
            copy = folder.resolve(name);
        }
        if (!Files.exists(copy)) {
            Files.copy(file, copy);
        }
        return new Copy(name, "");
    }

    private void taken(Copy copy) {
        if (copy.problem().isEmpty()) {
            actions.apply(UnitEdits.identity("photograph", its -> its.withLabel(copy.name())));
        } else {
            actions.tell(copy.problem());
        }
    }
}
