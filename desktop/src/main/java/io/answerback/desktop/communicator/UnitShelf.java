package io.answerback.desktop.communicator;

import io.answerback.core.model.unit.UnitProfile;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Shelf;
import io.answerback.files.DataFiles;
import io.answerback.files.SettingsFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// The makes of communicator there are to choose from: those that ship with the application and those a firm has
/// filled in from their manuals. Used on the JavaFX thread; files are read off it.
public final class UnitShelf {
    private final Path folder;
    private final Background background;
    private final Shelf<UnitProfile> units = new Shelf<>(DataFiles::units, UnitProfile::id);

    /// A shelf with everything that is in a folder.
    ///
    /// @param folder where the application keeps what it remembers
    public UnitShelf(Path folder, Background background) {
        this.folder = folder;
        this.background = background;
        background.run(() -> SettingsFile.ownUnits(folder), own -> own.forEach(units::put));
    }

    /// The makes, those that ship first.
    public List<UnitProfile> units() {
        return units.all();
    }

    /// Whether a file's name says that it is the profile of a communicator.
    public static boolean takes(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(SettingsFile.UNIT_ENDING);
    }

    /// Reads a profile and keeps it among the firm's own.
    ///
    /// @param then told what was read
    /// @param wrong told what is wrong with the file
    public void take(Path file, Consumer<String> then, Consumer<String> wrong) {
        background.run(
                () -> {
                    UnitProfile read = SettingsFile.unit(file);
                    SettingsFile.keepUnit(file, folder);
                    return read;
                },
                read -> {
                    units.put(read);
                    then.accept(read.name() + " read: choose it under \"Communicator\".");
                },
                wrong);
    }
}
