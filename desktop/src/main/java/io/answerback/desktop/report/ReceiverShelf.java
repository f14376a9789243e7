package io.answerback.desktop.report;

import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Shelf;
import io.answerback.files.DataFiles;
import io.answerback.files.StockFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// The kinds of receiver there are to choose from: those that ship with the application and those of the firm's
/// own tables. Used on the JavaFX thread; files are read off it.
public final class ReceiverShelf {
    private final Path folder;
    private final Background background;
    private final Shelf<ReceiverAbilities> receivers = new Shelf<>(DataFiles::receivers, ReceiverAbilities::model);

    /// A shelf with everything that is in a folder.
    ///
    /// @param folder where the application keeps what it remembers
    public ReceiverShelf(Path folder, Background background) {
        this.folder = folder;
        this.background = background;
        background.run(() -> StockFile.ownReceivers(folder), own -> own.forEach(receivers::put));
    }

    /// The kinds of receiver, those that ship first.
    public List<ReceiverAbilities> receivers() {
        return receivers.all();
    }

    /// Whether a file's name says that it is a table of receivers or of pulse timings.
    public static boolean takes(Path file) {
        return receivers(file) || name(file).endsWith(StockFile.PULSES_ENDING);
    }

    private static boolean receivers(Path file) {
        return name(file).endsWith(StockFile.RECEIVERS_ENDING);
    }

    private static String name(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT);
    }

    /// Reads a table and keeps it among the firm's own. Which sort of table it is, its name says.
    ///
    /// @param then told what was read
    /// @param wrong told what is wrong with the file
    public void take(Path file, Consumer<String> then, Consumer<String> wrong) {
        if (receivers(file)) {
            background.run(
                    () -> {
                        List<ReceiverAbilities> read = StockFile.receivers(file);
                        StockFile.keep(file, folder);
                        return read;
                    },
                    own -> {
                        own.forEach(receivers::put);
                        then.accept(file.getFileName() + " read: " + own.size() + " kinds of receiver.");
                    },
                    wrong);
        } else {
            background.run(
                    () -> {
                        int read = StockFile.pulseTimings(file).size();
                        StockFile.keep(file, folder);
                        return read;
                    },
                    read -> then.accept(file.getFileName() + " read: " + read
                            + " timings of pulses, used when Answerback is started again."),
                    wrong);
        }
    }
}
