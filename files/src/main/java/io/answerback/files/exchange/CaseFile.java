package io.answerback.files.exchange;

import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.TextFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Stories of a panel as JSON: what happens at which time, and which signals must follow.
public final class CaseFile {
    /// What the name of a story's file ends in.
    public static final String ENDING = ".case.json";

    static final String FORMAT = "answerback-case";
    private static final long LARGEST_BYTES = 4 << 20;
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final List<String> SHIPPED = List.of(
            "normal-day",
            "late-cleaner",
            "exit-fault",
            "entry-too-slow",
            "confirmed-alarm",
            "swinger",
            "hold-up-under-threat",
            "mains-fail-overnight",
            "cut-bus",
            "path-loss",
            "all-paths-cut",
            "confirmed-and-reset",
            "second-call-for-help",
            "smoke-verified",
            "back-for-the-keys",
            "key-switch-refused",
            "fire-while-set");

    private static final String NEXT = "Correct it there.";

    private CaseFile() {}

    /// The names of the stories that ship with the application.
    public static List<String> shipped() {
        return SHIPPED;
    }

    /// A story that ships, by its name; else the one in a file.
    ///
    /// @throws BrokenFile when there is none of that name and no such file, or it is no story
    public static PanelCase find(String nameOrFile) throws BrokenFile {
        if (SHIPPED.contains(nameOrFile)) {
            return read(String.join("\n", DataFiles.lines("cases/" + nameOrFile + ENDING)), nameOrFile);
        }
        Path file = Path.of(nameOrFile);
        if (!Files.isRegularFile(file)) {
            throw new BrokenFile("There is no case \"%s\": neither a file nor one of %s."
                    .formatted(nameOrFile, String.join(", ", SHIPPED)));
        }
        return Boundary.read(nameOrFile, NEXT, () -> {
            if (Files.size(file) > LARGEST_BYTES) {
                throw new BrokenFile(nameOrFile + " is larger than any story. Choose another file.");
            }
            return read(TextFile.text(Files.readAllBytes(file), nameOrFile), nameOrFile);
        });
    }

    /// A story in a text.
    ///
    /// @param name what the text is called, for messages
    /// @throws BrokenFile when it is none; the message says where and what is expected there
    public static PanelCase read(String text, String name) throws BrokenFile {
        return Boundary.read(name, NEXT, () -> {
            JsonNode tree = MAPPER.readTree(text);
            if (!tree.path("format").asString("").equals(FORMAT)) {
                throw new BrokenFile(
                        name + " is not a story: its \"format\" is not \"" + FORMAT + "\". Choose another file.");
            }
            List<PanelCase.Event> happens = new ArrayList<>();
            for (JsonNode each : tree.path("happens")) {
                happens.add(new PanelCase.Event(time(each), CaseHappening.of(each)));
            }
            List<PanelCase.Expected> expects = new ArrayList<>();
            for (JsonNode each : tree.path("expects")) {
                expects.add(expected(each));
            }
            return new PanelCase(
                    tree.path("name").asString(""),
                    tree.path("about").asString(""),
                    CasePanel.of(tree.path("panel")),
                    zones(tree.path("zones")),
                    happens,
                    CaseWords.millis(tree.path("lasts").asString("00:00:00")),
                    expects);
        });
    }

    private static Map<Integer, ZoneType> zones(JsonNode node) {
        Map<Integer, ZoneType> zones = new TreeMap<>();
        node.properties().forEach(entry -> {
            String type = entry.getValue().asString("");
            boolean known =
                    Arrays.stream(ZoneType.values()).anyMatch(its -> its.name().equals(type));
            if (!entry.getKey().matches("[1-9]\\d{0,2}") || !known) {
                throw new IllegalArgumentException("zone \"%s\" is \"%s\"; write a number and one of %s"
                        .formatted(entry.getKey(), type, Arrays.toString(ZoneType.values())));
            }
            zones.put(Integer.valueOf(entry.getKey()), ZoneType.valueOf(type));
        });
        return zones;
    }

    private static long time(JsonNode each) {
        return CaseWords.millis(each.path("at").asString(""));
    }

    private static PanelCase.Expected expected(JsonNode each) {
        String event = each.path("event").asString("");
        int qualifier = each.path("qualifier").asInt(0);
        if (!event.matches("[0-9A-F]{3}") || qualifier != 1 && qualifier != 3) {
            throw new IllegalArgumentException("what is expected at "
                    + each.path("at").asString("") + " needs an event of three digits and a qualifier of 1 or 3");
        }
        return new PanelCase.Expected(
                time(each),
                event,
                (char) ('0' + qualifier),
                CaseHappening.number(each, "area"),
                CaseHappening.number(each, "zone"));
    }
}
