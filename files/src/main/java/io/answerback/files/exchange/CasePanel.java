package io.answerback.files.exchange;

import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.panel.operation.StoryPanel;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// The panel that a story brings with it, as JSON.
final class CasePanel {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final long MINUTE = 60_000;
    private static final Set<String> KEYS =
            new TreeSet<>(Set.of("manners", "confirmationMinutes", "exitRestarts", "fireVerified", "resetBy"));

    private CasePanel() {}

    /// The panel; that of the job where the story brings none.
    ///
    /// @throws IllegalArgumentException when something of it is not known, or not what is expected there
    static StoryPanel of(JsonNode node) {
        known(node, "panel", KEYS);
        return new StoryPanel(
                manners(node.path("manners")),
                minutes(node.path("confirmationMinutes")).map(minutes -> minutes * MINUTE),
                yes(node, "exitRestarts"),
                yes(node, "fireVerified"),
                Optional.of(node.path("resetBy"))
                        .filter(by -> !by.isMissingNode())
                        .map(by -> resetBy(by, "panel")));
    }

    /// The panel as JSON; nothing where it is that of the job.
    static void write(StoryPanel panel, ObjectNode story) {
        if (panel.equals(StoryPanel.OF_JOB)) {
            return;
        }
        ObjectNode node = story.putObject("panel");
        panel.manners().ifPresent(manners -> node.set("manners", MAPPER.valueToTree(manners)));
        panel.confirmationMillis().ifPresent(millis -> node.put("confirmationMinutes", millis / MINUTE));
        panel.exitRestarts().ifPresent(yes -> node.put("exitRestarts", yes));
        panel.fireVerified().ifPresent(yes -> node.put("fireVerified", yes));
        panel.resetBy().ifPresent(by -> node.put("resetBy", word(by)));
    }

    /// Who resets.
    ///
    /// @throws IllegalArgumentException when it is none of those who can
    static ResetBy resetBy(JsonNode by, String where) {
        return Arrays.stream(ResetBy.values())
                .filter(its -> word(its).equals(by.asString("")))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("who resets, in \"%s\", is \"%s\"; it is one of %s"
                        .formatted(
                                where,
                                by.asString(""),
                                Arrays.stream(ResetBy.values())
                                        .map(CasePanel::word)
                                        .collect(Collectors.joining(", ")))));
    }

    static String word(ResetBy by) {
        return by.name().toLowerCase(Locale.ROOT);
    }

    /// What the panel does of itself: as usual but for what is named.
    private static Optional<PanelManners> manners(JsonNode node) {
        if (node.isMissingNode()) {
            return Optional.empty();
        }
        ObjectNode manners = MAPPER.valueToTree(PanelManners.USUAL);
        known(node, "manners", manners.propertyNames());
        node.properties().forEach(entry -> manners.set(entry.getKey(), entry.getValue()));
        return Optional.of(MAPPER.treeToValue(manners, PanelManners.class));
    }

    private static Optional<Long> minutes(JsonNode node) {
        if (node.isMissingNode()) {
            return Optional.empty();
        }
        if (!node.isIntegralNumber()) {
            throw new IllegalArgumentException("\"confirmationMinutes\" is " + node + "; it is a whole number");
        }
        return Optional.of(node.asLong());
    }

    private static Optional<Boolean> yes(JsonNode node, String key) {
        JsonNode value = node.path(key);
        if (value.isMissingNode()) {
            return Optional.empty();
        }
        if (!value.isBoolean()) {
            throw new IllegalArgumentException("\"" + key + "\" is " + value + "; it is true or false");
        }
        return Optional.of(value.asBoolean());
    }

    private static void known(JsonNode node, String where, Iterable<String> keys) {
        Set<String> may = new TreeSet<>();
        keys.forEach(may::add);
        node.properties().forEach(entry -> {
            if (!may.contains(entry.getKey())) {
                throw new IllegalArgumentException(
                        "\"%s\" has \"%s\"; it may have %s".formatted(where, entry.getKey(), String.join(", ", may)));
            }
        });
    }
}
