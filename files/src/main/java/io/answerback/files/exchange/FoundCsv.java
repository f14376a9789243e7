package io.answerback.files.exchange;

import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.Entries;
import io.answerback.core.setup.SetupWords;
import io.answerback.files.BrokenFile;
import io.answerback.files.CsvTable;
import io.answerback.files.TextEncoding;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// What was read out of a panel, as a table with the columns `setting`, `number` and `entry`. A setting is
/// named as in the profile, by its id or its name.
public final class FoundCsv {
    private static final List<String> COLUMNS = List.of("setting", "number", "entry");
    private static final int MOST_ROWS = 20_000;
    private static final CsvTable.Expected EXPECTED = new CsvTable.Expected(
            String.join(",", COLUMNS),
            MOST_ROWS,
            "at most %d are read. Keep those that are needed.".formatted(MOST_ROWS));

    private FoundCsv() {}

    /// A table as far as it could be understood.
    ///
    /// @param found what was read, the last row of a setting and number counting
    /// @param refused the rows that could not be understood, each with its line and why
    public record Read(List<PanelProgramming.Found> found, List<String> refused) {}

    /// Reads a table.
    ///
    /// @throws BrokenFile when there is no such file, it is too large, or it has other columns
    public static Read read(Path file, SettingCatalogue catalogue) throws BrokenFile {
        CsvTable table = CsvTable.read(file, TextEncoding.UTF_8, EXPECTED);
        List<String> headings = table.headings().stream()
                .map(heading -> heading.toLowerCase(Locale.ROOT))
                .toList();
        for (String column : COLUMNS) {
            if (!headings.contains(column)) {
                throw new BrokenFile("%s has no column \"%s\". Give the first line the names setting, number, entry."
                        .formatted(file.getFileName(), column));
            }
        }
        Map<String, PanelProgramming.Found> found = new LinkedHashMap<>();
        List<String> refused = new ArrayList<>();
        for (CsvTable.Row row : table.rows()) {
            Optional<String> wrong = row.cells().size() == headings.size()
                    ? take(column -> row.cells().get(headings.indexOf(column)).strip(), catalogue, found)
                    : Optional.of("it has %d cells".formatted(row.cells().size()));
            wrong.ifPresent(why -> refused.add("row %d: %s".formatted(row.line(), why)));
        }
        return new Read(List.copyOf(found.values()), refused);
    }

    private static Optional<String> take(
            UnaryOperator<String> row, SettingCatalogue catalogue, Map<String, PanelProgramming.Found> found) {
        String name = row.apply("setting");
        Optional<Setting> setting = catalogue.settings().stream()
                .filter(its -> its.id().equals(name) || its.name().equalsIgnoreCase(name))
                .findFirst();
        if (setting.isEmpty()) {
            return Optional.of("this panel has no setting \"%s\"".formatted(name));
        }
        String number = row.apply("number").isEmpty() ? "0" : row.apply("number");
        if (!number.matches("\\d{1,3}")) {
            return Optional.of("\"%s\" is no number".formatted(number));
        }
        String entry = row.apply("entry");
        if (Entries.value(setting.get(), entry).isEmpty()) {
            return Optional.of("\"%s\" cannot stand at %s: %s"
                    .formatted(entry, setting.get().name(), SetupWords.entries(setting.get())));
        }
        found.put(
                setting.get().id() + " " + number,
                new PanelProgramming.Found(setting.get().id(), Integer.parseInt(number), entry));
        return Optional.empty();
    }
}
