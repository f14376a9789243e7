package io.answerback.files.exchange;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/// One thing that happens in a story, read from JSON.
final class CaseHappening {
    private static final int MOST_MINUTES = 1440;
    private static final long MINUTE = 60_000;
    private static final Set<String> DOES = new TreeSet<>(Set.of(
            "set",
            "part-set",
            "unset",
            "unset-under-threat",
            "open",
            "close",
            "tamper",
            "mask",
            "fault",
            "mains-fails",
            "mains-back",
            "battery-low",
            "battery-well",
            "battery-missing",
            "battery-test",
            "leave-out",
            "watch-again",
            "programming-begins",
            "programming-ends",
            "walk-test-begins",
            "walk-test-ends",
            "power-gone",
            "path-lost",
            "path-back",
            "reset",
            "module-lost",
            "module-back",
            "wrong-code",
            "silence",
            "power-back",
            "clock",
            "wait"));

    private CaseHappening() {}

    /// What happens.
    ///
    /// @throws IllegalArgumentException when it is nothing that can happen to a panel
    static Happening of(JsonNode each) {
        String does = each.path("does").asString("");
        return switch (does) {
            case "set", "part-set" ->
                new Happening.SetAsked(
                        number(each, "area"),
                        how(each),
                        number(each, "user"),
                        does.equals("part-set"),
                        each.path("force").asBoolean(false));
            case "unset", "unset-under-threat" ->
                new Happening.UnsetAsked(
                        number(each, "area"), how(each), number(each, "user"), does.equals("unset-under-threat"));
            case "open" -> reads(each, Meaning.ALARM);
            case "close" -> reads(each, Meaning.NORMAL);
            case "tamper" -> reads(each, Meaning.TAMPER);
            case "mask" -> reads(each, Meaning.MASKED);
            case "fault" -> reads(each, Meaning.FAULT);
            case "mains-fails", "mains-back" -> new Happening.Mains(does.equals("mains-back"));
            case "battery-low" -> new Happening.Battery(Happening.BatteryState.LOW);
            case "battery-missing" -> new Happening.Battery(Happening.BatteryState.MISSING);
            case "battery-well" -> new Happening.Battery(Happening.BatteryState.WELL);
            case "leave-out", "watch-again" ->
                new Happening.LeftOut(number(each, "zone"), number(each, "user"), does.equals("leave-out"));
            case "programming-begins", "programming-ends" ->
                new Happening.Programming(does.equals("programming-begins"));
            case "walk-test-begins", "walk-test-ends" ->
                new Happening.WalkTest(number(each, "area"), does.equals("walk-test-begins"));
            case "battery-test" -> new Happening.BatteryTested();
            case "reset" ->
                new Happening.Reset(
                        CasePanel.resetBy(each.path("by"), each.path("at").asString("")));
            case "power-gone" -> new Happening.PowerGone();
            case "path-lost", "path-back" -> new Happening.Path(path(each), does.equals("path-back"));
            case "module-lost", "module-back" ->
                new Happening.Module(number(each, "address"), does.equals("module-back"));
            case "wrong-code" -> new Happening.WrongCode();
            case "silence" -> new Happening.Silenced(number(each, "user"));
            case "power-back" -> new Happening.PowerBack();
            case "clock" -> new Happening.Clock(minutes(each) * MINUTE);
            case "wait" -> new Happening.TimePasses();
            default ->
                throw new IllegalArgumentException("what happens at %s is \"%s\"; it is one of %s"
                        .formatted(each.path("at").asString(""), does, String.join(", ", DOES)));
        };
    }

    private static Happening reads(JsonNode each, Meaning meaning) {
        return new Happening.ZoneReads(number(each, "zone"), Optional.of(meaning));
    }

    /// A number of a field; 0 where it is left out.
    ///
    /// @throws IllegalArgumentException when it is no whole number from 0 to 999
    static int number(JsonNode each, String field) {
        JsonNode number = each.path(field);
        if (number.isMissingNode()) {
            return 0;
        }
        if (!number.isIntegralNumber() || number.asInt() < 0 || number.asInt() > 999) {
            throw new IllegalArgumentException("\"%s\" at %s is %s; it is a whole number from 0 to 999"
                    .formatted(field, each.path("at").asString(""), number));
        }
        return number.asInt();
    }

    private static HowSet how(JsonNode each) {
        String how = each.path("how").asString("code");
        return Arrays.stream(HowSet.values())
                .filter(its -> its.name().toLowerCase(Locale.ROOT).equals(how))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"how\" at %s is \"%s\"; it is one of %s"
                        .formatted(
                                each.path("at").asString(""),
                                how,
                                Arrays.stream(HowSet.values())
                                        .map(its -> its.name().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", ")))));
    }

    /// The first path where none is named.
    private static int path(JsonNode each) {
        return each.path("path").isMissingNode() ? 1 : number(each, "path");
    }

    private static int minutes(JsonNode each) {
        JsonNode minutes = each.path("minutes");
        if (!minutes.isIntegralNumber() || Math.abs(minutes.asInt()) > MOST_MINUTES) {
            throw new IllegalArgumentException(
                    "\"minutes\" at %s is %s; it is by how many minutes the clock is ahead, or behind below 0"
                            .formatted(each.path("at").asString(""), minutes));
        }
        return minutes.asInt();
    }
}
