package io.answerback.files;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.signal.format.PulseTiming;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/// Tables of what a firm buys and works with, as comma-separated text: types of cable, sheets or tapes of
/// labels, kinds of receiver, and the timing of pulses. What is wrong is said with its line and column, and
/// nothing of the file is taken.
public final class StockFile {
    /// What the name of a table of cable types ends in.
    public static final String CABLES_ENDING = ".cables.csv";
    /// What the name of a table of label sheets ends in.
    public static final String LABELS_ENDING = ".labels.csv";

    /// What the name of a table of receivers ends in.
    public static final String RECEIVERS_ENDING = ".receivers.csv";
    /// What the name of a table of pulse timings ends in.
    public static final String PULSES_ENDING = ".pulses.csv";

    private static final String FOLDER = "stock";
    private static final int MOST_ROWS = 200;
    private static final CsvTable.Expected CABLES = expected("id,name,conductor,cores,screened,outdoor");
    private static final CsvTable.Expected LABELS =
            expected("id,name,page_width,page_height,left,top,label_width,label_height,step_x,step_y,columns,rows");

    private static final CsvTable.Expected RECEIVERS =
            expected("model,formats,handshake_hz,acknowledge_hz,joins,words,key_bits,source");
    private static final CsvTable.Expected PULSES =
            expected("pulses_per_second,on_ms,off_ms,digit_gap_ms,round_gap_ms,data_hz,acknowledge_ms,source");

    private StockFile() {}

    private static CsvTable.Expected expected(String headings) {
        return new CsvTable.Expected(
                headings, MOST_ROWS, "at most %d are read. Keep those that are in use.".formatted(MOST_ROWS));
    }

    /// Reads types of cable.
    ///
    /// @throws BrokenFile when there is no such file or a row of it is not a type of cable; says which and why
    public static List<CableType> cableTypes(Path file) throws BrokenFile {
        List<Conductor> known = DataFiles.conductors();
        return read(file, CABLES, row -> new StockRow(row).cableType(known));
    }

    /// Reads sheets and tapes of labels.
    ///
    /// @throws BrokenFile when there is no such file or a row of it is not a sheet of labels; says which and
    ///     why
    public static List<LabelStock> labelStocks(Path file) throws BrokenFile {
        return read(file, LABELS, row -> new StockRow(row).labelStock());
    }

    /// Reads kinds of receiver.
    ///
    /// @throws BrokenFile when there is no such file or a row of it is not a receiver; says which and why
    public static List<ReceiverAbilities> receivers(Path file) throws BrokenFile {
        return read(file, RECEIVERS, ReceiverRow::abilities);
    }

    /// Reads timings of pulses.
    ///
    /// @throws BrokenFile when there is no such file or a row of it is not a timing; says which and why
    public static List<PulseTiming> pulseTimings(Path file) throws BrokenFile {
        return read(file, PULSES, ReceiverRow::timing);
    }

    private static <T> List<T> read(Path file, CsvTable.Expected expected, Function<UnaryOperator<String>, T> reading)
            throws BrokenFile {
        return Boundary.read(file.toString(), "Correct it there.", () -> rows(file, expected, reading));
    }

    private static <T> List<T> rows(Path file, CsvTable.Expected expected, Function<UnaryOperator<String>, T> reading)
            throws BrokenFile {
        CsvTable table = CsvTable.read(file, TextEncoding.UTF_8, expected);
        for (String wanted : expected.headings().split(",")) {
            if (!table.headings().contains(wanted)) {
                throw new BrokenFile("%s has no column %s. Give the first line the names %s."
                        .formatted(file, wanted, expected.headings()));
            }
        }
        List<T> all = new ArrayList<>();
        for (CsvTable.Row row : table.rows()) {
            try {
                all.add(reading.apply(column -> cell(table, row, column)));
            } catch (NumberFormatException wrong) {
                throw new BrokenFile("%s, on line %d: a number is expected where there is none. Correct it there."
                        .formatted(file, row.line()));
            } catch (IllegalArgumentException wrong) {
                throw new BrokenFile(
                        "%s, on line %d: %s. Correct it there.".formatted(file, row.line(), wrong.getMessage()));
            }
        }
        return all;
    }

    private static String cell(CsvTable table, CsvTable.Row row, String column) {
        int at = table.headings().indexOf(column);
        return at >= 0 && at < row.cells().size() ? row.cells().get(at) : "";
    }

    /// The types of cable in the firm's own tables. Broken tables are passed over here; opening one says what
    /// is wrong with it.
    ///
    /// @param folder where the application keeps what it remembers
    public static List<CableType> ownCableTypes(Path folder) {
        return SettingsFile.all(folder.resolve(FOLDER), CABLES_ENDING, StockFile::cableTypes).stream()
                .flatMap(List::stream)
                .toList();
    }

    /// The label sheets in the firm's own tables. Broken tables are passed over here; opening one says what is
    /// wrong with it.
    ///
    /// @param folder where the application keeps what it remembers
    public static List<LabelStock> ownLabelStocks(Path folder) {
        return SettingsFile.all(folder.resolve(FOLDER), LABELS_ENDING, StockFile::labelStocks).stream()
                .flatMap(List::stream)
                .toList();
    }

    /// The kinds of receiver in the firm's own tables. Broken tables are passed over here; opening one says
    /// what is wrong with it.
    ///
    /// @param folder where the application keeps what it remembers
    public static List<ReceiverAbilities> ownReceivers(Path folder) {
        return SettingsFile.all(folder.resolve(FOLDER), RECEIVERS_ENDING, StockFile::receivers).stream()
                .flatMap(List::stream)
                .toList();
    }

    /// The timings of pulses in the firm's own tables, as for receivers.
    ///
    /// @param folder where the application keeps what it remembers
    public static List<PulseTiming> ownPulseTimings(Path folder) {
        return SettingsFile.all(folder.resolve(FOLDER), PULSES_ENDING, StockFile::pulseTimings).stream()
                .flatMap(List::stream)
                .toList();
    }

    /// Keeps a table that can be read among the firm's own, in place of one of the same name.
    ///
    /// @param folder where the application keeps what it remembers
    /// @throws IOException when the disk refuses; the firm's own are then as they were
    public static void keep(Path file, Path folder) throws IOException {
        Path kept = folder.resolve(FOLDER).resolve(file.getFileName());
        SafeFile.replace(kept, Files.readAllBytes(file));
    }
}
