package io.answerback.desktop.cable;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.paper.LabelStock;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Shelf;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.StockFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// The types of cable and the label sheets there are to choose from: those that ship with the application and
/// those of the firm's own tables. Used on the JavaFX thread; files are read off it.
public final class CableShelf {
    private final Path folder;
    private final Background background;
    private final Shelf<CableType> types = new Shelf<>(DataFiles::cableTypes, CableType::id);
    private final Shelf<LabelStock> stocks = new Shelf<>(DataFiles::labelStocks, LabelStock::id);

    /// A shelf with everything that is in a folder.
    ///
    /// @param folder where the application keeps what it remembers
    public CableShelf(Path folder, Background background) {
        this.folder = folder;
        this.background = background;
        background.run(() -> StockFile.ownCableTypes(folder), own -> own.forEach(types::put));
        background.run(() -> StockFile.ownLabelStocks(folder), own -> own.forEach(stocks::put));
    }

    /// The types of cable, those that ship first.
    public List<CableType> types() {
        return types.all();
    }

    List<LabelStock> stocks() {
        return stocks.all();
    }

    /// Whether a file's name says that it is a table of cable types or of label sheets.
    public static boolean takes(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(StockFile.CABLES_ENDING) || labels(file);
    }

    private static boolean labels(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(StockFile.LABELS_ENDING);
    }

    /// Reads a table and keeps it among the firm's own. Which sort of table it is, its name says.
    ///
    /// @param then told what was read
    /// @param wrong told what is wrong with the file
    public void take(Path file, Consumer<String> then, Consumer<String> wrong) {
        if (labels(file)) {
            background.run(
                    () -> kept(file, StockFile::labelStocks),
                    own -> taken(file, stocks, own, "label sheet", then),
                    wrong);
        } else {
            background.run(
                    () -> kept(file, StockFile::cableTypes), own -> taken(file, types, own, "cable type", then), wrong);
        }
    }

    private static <T> void taken(Path file, Shelf<T> shelf, List<T> own, String what, Consumer<String> then) {
        own.forEach(shelf::put);
        then.accept("%s read: %d %s%s on offer from now on."
                .formatted(file.getFileName(), own.size(), what, own.size() == 1 ? "" : "s"));
    }

    private interface Reading<T> {
        List<T> read(Path file) throws BrokenFile;
    }

    private <T> List<T> kept(Path file, Reading<T> reading) throws BrokenFile, IOException {
        List<T> read = reading.read(file);
        StockFile.keep(file, folder);
        return read;
    }
}
