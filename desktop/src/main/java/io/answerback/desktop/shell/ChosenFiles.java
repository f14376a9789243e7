package io.answerback.desktop.shell;

import io.answerback.desktop.work.DialogFolder;
import io.answerback.desktop.work.FileEnding;
import io.answerback.desktop.work.FileQuestions;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Asks for files with the dialogs of the machine.
public final class ChosenFiles implements FileQuestions {
    private final Window owner;
    private final DialogFolder folder;

    /// Asks in front of this window.
    ///
    /// @param folder where the dialogs begin
    public ChosenFiles(Window owner, DialogFolder folder) {
        this.owner = owner;
        this.folder = folder;
    }

    @Override
    public Optional<Path> toWrite(String title, String name, List<Sort> sorts) {
        String proposed = name;
        while (true) {
            FileChooser chooser = chooser(title, sorts);
            chooser.setInitialFileName(proposed);
            File chosen = chooser.showSaveDialog(owner);
            if (chosen == null) {
                return Optional.empty();
            }
            Path whole = FileEnding.completed(chosen.toPath(), endings(chooser, sorts));
            folder.chosen(whole);
            // the dialog asked about the name that was typed, not about the whole one: it asks again about that
            if (whole.equals(chosen.toPath()) || !Files.exists(whole)) {
                return Optional.of(whole);
            }
            proposed = whole.getFileName().toString();
        }
    }

    /// The sort that was picked in the dialog comes first: it is the one that completes a name.
    private static List<String> endings(FileChooser chooser, List<Sort> sorts) {
        List<String> all =
                sorts.stream().flatMap(sort -> sort.patterns().stream()).toList();
        FileChooser.ExtensionFilter picked = chooser.getSelectedExtensionFilter();
        if (picked == null) {
            return all;
        }
        return Stream.concat(picked.getExtensions().stream(), all.stream())
                .distinct()
                .toList();
    }

    @Override
    public Optional<Path> toRead(String title, List<Sort> sorts) {
        Optional<Path> chosen =
                Optional.ofNullable(chooser(title, sorts).showOpenDialog(owner)).map(File::toPath);
        chosen.ifPresent(folder::chosen);
        return chosen;
    }

    private FileChooser chooser(String title, List<Sort> sorts) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        Path begin = folder.begin();
        if (Files.isDirectory(begin)) {
            chooser.setInitialDirectory(begin.toFile());
        }
        sorts.forEach(sort ->
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(sort.name(), sort.patterns())));
        return chooser;
    }
}
