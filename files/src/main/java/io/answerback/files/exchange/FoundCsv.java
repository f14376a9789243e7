package io.answerback.files.exchange;

import io.answerback.core.profile.Setting;
import io.answerback.core.profile.SettingCatalogue;
import io.answerback.core.setup.Entries;
import io.answerback.core.setup.SetupWords;
import io.answerback.core.site.PanelProgramming;
import io.answerback.files.BrokenFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// What was read out of a panel, as a table with the columns `setting`, `number` and `entry`. A setting is
/// named as in the profile, by its id or its name.
public final class FoundCsv {
    private static final long LARGEST_BYTES = 1L << 20;

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
        Map<String, PanelProgramming.Found> found = new LinkedHashMap<>();
        List<String> refused = new ArrayList<>();
        for (CSVRecord row : rows(file)) {
            Optional<String> wrong = take(row, catalogue, found);
            wrong.ifPresent(why -> refused.add("row %d: %s".formatted(row.getRecordNumber() + 1, why)));
        }
        return new Read(List.copyOf(found.values()), refused);
    }

    private static List<CSVRecord> rows(Path file) throws BrokenFile {
        try {
            if (Files.size(file) > LARGEST_BYTES) {
                throw new BrokenFile("%s is larger than a panel's settings can be".formatted(file.getFileName()));
            }
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setTrim(true)
                    .setIgnoreHeaderCase(true)
                    .get();
            try (var text = Files.newBufferedReader(file);
                    var parser = format.parse(text)) {
                for (String column : List.of("setting", "number", "entry")) {
                    if (!parser.getHeaderMap().containsKey(column)) {
                        throw new BrokenFile("%s has no column \"%s\"; it needs setting, number and entry"
                                .formatted(file.getFileName(), column));
                    }
                }
                return parser.getRecords();
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException unreadable) {
            throw new BrokenFile(
                    "%s cannot be read as a table: %s".formatted(file.getFileName(), unreadable.getMessage()));
        }
    }

    private static Optional<String> take(
            CSVRecord row, SettingCatalogue catalogue, Map<String, PanelProgramming.Found> found) {
        if (!row.isConsistent()) {
            return Optional.of("it has %d cells".formatted(row.size()));
        }
        String name = row.get("setting");
        Optional<Setting> setting = catalogue.settings().stream()
                .filter(its -> its.id().equals(name) || its.name().equalsIgnoreCase(name))
                .findFirst();
        if (setting.isEmpty()) {
            return Optional.of("this panel has no setting \"%s\"".formatted(name));
        }
        String number = row.get("number").isEmpty() ? "0" : row.get("number");
        if (!number.matches("\\d{1,3}")) {
            return Optional.of("\"%s\" is no number".formatted(number));
        }
        String entry = row.get("entry");
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
