package io.answerback.desktop.shell;

import io.answerback.desktop.work.FileQuestions;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Asks for files with the dialogs of the machine.
public final class ChosenFiles implements FileQuestions {
    private final Window owner;

    /// Asks in front of this window.
    public ChosenFiles(Window owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Path> toWrite(String title, String name, List<Sort> sorts) {
        FileChooser chooser = chooser(title, sorts);
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> toRead(String title, List<Sort> sorts) {
        return Optional.ofNullable(chooser(title, sorts).showOpenDialog(owner)).map(File::toPath);
    }

    private static FileChooser chooser(String title, List<Sort> sorts) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        sorts.forEach(sort ->
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(sort.name(), sort.patterns())));
        return chooser;
    }
}
