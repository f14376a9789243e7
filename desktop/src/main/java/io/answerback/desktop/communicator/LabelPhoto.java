package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.record.Photographs;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// Adds a picture file to the photographs of the job as the photograph of the label, without the time and place that
/// the
/// camera wrote into it.
final class LabelPhoto {
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
        Optional<Path> job = actions.now().file();
        if (job.isEmpty()) {
            actions.tell("Save the job first: the photograph is kept beside it.");
            return;
        }
        files.toRead("Photograph of the label", List.of(PICTURES))
                .ifPresent(picture -> background.run(
                        () -> Photographs.beside(job.get()).take(picture, "label of the communicator", false),
                        taken -> actions.apply(UnitEdits.identity("photograph", its -> its.withLabel(taken.file()))),
                        actions::tell));
    }
}
