package io.answerback.files;

import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.path.TransmissionClass;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterCode;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.core.survey.KindCatalogue;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// The data that ships with the application: the event table, conductors and panel profiles. Each row carries
/// its source.
public final class DataFiles {
    private static final List<String> UNITS = List.of("unit-e", "unit-f", "unit-g", "unit-h", "unit-d");
    private static final CSVFormat WITH_NAMES =
            CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();
    private static final List<String> RULES =
            List.of("graded-2", "graded-3", "four-hours", "twenty-four-hours", "false-alarm-limits");
    private static final List<String> PROFILES = List.of("sample-a", "sample-b", "sample-c", "sample-d");

    /// What was read; it cannot change while the application runs.
    private static final Map<String, Object> READ = new ConcurrentHashMap<>();

    private DataFiles() {}

    /// The event table.
    public static EventTable events() {
        return (EventTable) READ.computeIfAbsent("events", its -> eventsAnew());
    }

    private static EventTable eventsAnew() {
        return new EventTable(rows("data/events.csv").stream()
                .map(row -> new EventClass(
                        row.get("code"),
                        row.get("words"),
                        row.get("sia_new"),
                        row.get("sia_restore"),
                        row.get("group"),
                        new EventClass.PulseDigits(
                                row.get("pulse_digit").charAt(0),
                                row.get("pulse_restore")
                                        .chars()
                                        .mapToObj(digit -> (char) digit)
                                        .findFirst(),
                                row.get("pulse_word")),
                        new EventClass.Said(row.get("begins"), row.get("ends"), Numbered.valueOf(row.get("number")))))
                .toList());
    }

    /// The letters of the events, and those that are no event of the table.
    public static LetterTable letters() {
        return letters(events());
    }

    private static LetterTable letters(EventTable events) {
        return new LetterTable(
                events,
                rows("data/letters.csv").stream()
                        .map(row -> new LetterCode(
                                row.get("letters"),
                                row.get("words"),
                                Optional.of(row.get("event")).filter(event -> !event.isEmpty()),
                                Qualifier.of(row.get("qualifier").charAt(0))))
                        .toList());
    }

    /// The tables that reports are made with.
    public static ReportTables reporting() {
        return reporting(List.of());
    }

    /// The same with timings of a firm's own, in place of those of the same speed.
    public static ReportTables reporting(List<PulseTiming> own) {
        EventTable events = events();
        List<PulseTiming> timings = new ArrayList<>(own);
        pulseTimings().stream()
                .filter(timing -> own.stream().noneMatch(its -> its.pulsesPerSecond() == timing.pulsesPerSecond()))
                .forEach(timings::add);
        return new ReportTables(events, letters(events), timings);
    }

    /// How pulses are timed at each speed.
    public static List<PulseTiming> pulseTimings() {
        return rows("data/pulses.csv").stream()
                .map(row -> ReceiverRow.timing(row::get))
                .toList();
    }

    /// The kinds of receiver there are to choose from.
    public static List<ReceiverAbilities> receivers() {
        return rows("data/receivers.csv").stream()
                .map(row -> ReceiverRow.abilities(row::get))
                .toList();
    }

    /// The classes of transmission there are to choose from.
    public static List<TransmissionClass> transmissionClasses() {
        return rows("data/transmission.csv").stream()
                .map(row -> new TransmissionClass(
                        row.get("name"),
                        Integer.parseInt(row.get("first_seconds")),
                        Optional.of(row.get("second_seconds"))
                                .filter(its -> !its.isEmpty())
                                .map(Integer::valueOf),
                        row.get("source")))
                .toList();
    }

    /// The conductors there are to choose from.
    public static List<Conductor> conductors() {
        return rows("data/conductors.csv").stream()
                .map(row -> new Conductor(row.get("name"), Double.parseDouble(row.get("ohms_per_kilometre"))))
                .toList();
    }

    /// The kinds of point there are, with the words people use for them.
    public static KindCatalogue kinds() {
        return new KindCatalogue(
                rows("data/kinds.csv").stream().map(KindRow::entry).toList());
    }

    /// How often each cause of a strange reading is met.
    public static Priors priors() {
        return new Priors(rows("data/causes.csv").stream()
                .collect(Collectors.toMap(
                        row -> Cause.byId(row.get("cause")).orElseThrow(),
                        row -> Double.parseDouble(row.get("share")))));
    }

    /// The types of cable that ship with the application, those with the fewest cores first.
    public static List<CableType> cableTypes() {
        List<Conductor> known = conductors();
        return rows("data/cables.csv").stream()
                .map(row -> stock(row).cableType(known))
                .toList();
    }

    /// The label sheets and tapes that ship with the application.
    public static List<LabelStock> labelStocks() {
        return rows("data/labels.csv").stream()
                .map(row -> stock(row).labelStock())
                .toList();
    }

    private static StockRow stock(CSVRecord row) {
        return new StockRow(column -> row.isMapped(column) ? row.get(column) : "");
    }

    /// The rule presets that ship with the application.
    public static List<HouseRules> rules() {
        return RULES.stream().map(DataFiles::rules).toList();
    }

    /// The rule preset that ships under this id, such as "graded-3".
    ///
    /// @throws IllegalArgumentException when none does
    public static HouseRules rules(String id) {
        return read("rules/" + id + ".rules.json", HouseRules.class);
    }

    /// The panel profiles that ship with the application.
    public static List<PanelProfile> profiles() {
        return PROFILES.stream().map(DataFiles::profile).toList();
    }

    /// The panel profile that ships under this id, such as "sample-b".
    ///
    /// @throws IllegalArgumentException when none does
    public static PanelProfile profile(String id) {
        return read("profiles/" + id + ".json", PanelProfile.class);
    }

    /// The profiles of communicators that ship with the application.
    public static List<UnitProfile> units() {
        return UNITS.stream().map(DataFiles::unit).toList();
    }

    /// The communicator's profile that ships under this id, such as "unit-e".
    public static UnitProfile unit(String id) {
        return read("units/" + id + ".json", UnitProfile.class);
    }

    private static <T> T read(String name, Class<T> type) {
        return type.cast(READ.computeIfAbsent(name, its -> readAnew(its, type)));
    }

    private static <T> T readAnew(String name, Class<T> type) {
        try (Reader text = open(name)) {
            return JobJson.PLAIN.readValue(text, type);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /// The lines of a data file that ships with the application, without blank ones and those that begin with
    /// #.
    public static List<String> lines(String name) {
        try (BufferedReader text = new BufferedReader(open(name))) {
            return text.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /// The rows of a data file that ships with the application, by column name.
    public static List<CSVRecord> rows(String name) {
        try (Reader text = open(name);
                var parser = WITH_NAMES.parse(text)) {
            return parser.getRecords();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Reader open(String name) {
        var stream = DataFiles.class.getResourceAsStream(name);
        if (stream == null) {
            throw new IllegalArgumentException("no data file " + name + " ships with this application");
        }
        return new InputStreamReader(stream, StandardCharsets.UTF_8);
    }
}
