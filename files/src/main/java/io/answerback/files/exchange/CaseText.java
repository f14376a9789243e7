package io.answerback.files.exchange;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.PanelCase;
import java.util.Locale;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes stories of a panel as JSON, as [CaseFile] reads them. Times are exact to the
/// millisecond.
public final class CaseText {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static final long MINUTE = 60_000;

    private CaseText() {}

    /// A story as text.
    public static String of(PanelCase story) {
        ObjectNode tree = MAPPER.createObjectNode();
        tree.put("format", CaseFile.FORMAT).put("version", 1).put("name", story.name());
        tree.put("about", story.about());
        CasePanel.write(story.panel(), tree);
        ObjectNode zones = tree.putObject("zones");
        story.zones().forEach((zone, type) -> zones.put(zone.toString(), type.name()));
        tree.put("lasts", CaseWords.exact(story.lastsMillis()));
        ArrayNode happens = tree.putArray("happens");
        story.happens().stream()
                .filter(event -> known(event.happening()))
                .forEach(event -> happens.add(does(
                        MAPPER.createObjectNode().put("at", CaseWords.exact(event.atMillis())), event.happening())));
        ArrayNode expects = tree.putArray("expects");
        story.expects()
                .forEach(each -> expects.addObject()
                        .put("at", CaseWords.exact(each.atMillis()))
                        .put("event", each.event())
                        .put("qualifier", each.qualifier() - '0')
                        .put("area", each.area())
                        .put("zone", each.zone()));
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(tree) + "\n";
    }

    /// What a loop reads between its bands does nothing and has no word.
    private static boolean known(Happening happening) {
        return !(happening instanceof Happening.ZoneReads reads)
                || reads.reads().isPresent();
    }

    private static ObjectNode does(ObjectNode node, Happening happening) {
        return switch (happening) {
            case Happening.SetAsked asked ->
                how(node.put("does", asked.part() ? "part-set" : "set"), asked.how())
                        .put("area", asked.area())
                        .put("user", asked.user())
                        .put("force", asked.force());
            case Happening.UnsetAsked asked ->
                how(node.put("does", asked.threat() ? "unset-under-threat" : "unset"), asked.how())
                        .put("area", asked.area())
                        .put("user", asked.user());
            case Happening.ZoneReads reads ->
                node.put("does", word(reads.reads().orElseThrow())).put("zone", reads.zone());
            case Happening.LeftOut leftOut ->
                node.put("does", leftOut.out() ? "leave-out" : "watch-again")
                        .put("zone", leftOut.zone())
                        .put("user", leftOut.user());
            case Happening.Mains mains -> node.put("does", mains.there() ? "mains-back" : "mains-fails");
            case Happening.Battery battery ->
                node.put("does", "battery-" + battery.state().name().toLowerCase(Locale.ROOT));
            case Happening.Path path ->
                node.put("does", path.works() ? "path-back" : "path-lost").put("path", path.path());
            case Happening.Module module ->
                node.put("does", module.answers() ? "module-back" : "module-lost")
                        .put("address", module.address());
            case Happening.WrongCode wrong -> node.put("does", "wrong-code");
            case Happening.Silenced silenced -> node.put("does", "silence").put("user", silenced.user());
            case Happening.Programming programming ->
                node.put("does", programming.begins() ? "programming-begins" : "programming-ends");
            case Happening.WalkTest walk ->
                node.put("does", walk.begins() ? "walk-test-begins" : "walk-test-ends")
                        .put("area", walk.area());
            case Happening.Reset reset -> node.put("does", "reset").put("by", CasePanel.word(reset.by()));
            case Happening.BatteryTested tested -> node.put("does", "battery-test");
            case Happening.PowerGone gone -> node.put("does", "power-gone");
            case Happening.PowerBack back -> node.put("does", "power-back");
            case Happening.Clock clock -> node.put("does", "clock").put("minutes", clock.aheadMillis() / MINUTE);
            case Happening.TimePasses passes -> node.put("does", "wait");
        };
    }

    private static ObjectNode how(ObjectNode node, HowSet how) {
        return node.put("how", how.name().toLowerCase(Locale.ROOT));
    }

    /// The word of a reading; of two zones on one loop, each is open where the pair says so.
    private static String word(Meaning meaning) {
        return switch (meaning) {
            case NORMAL -> "close";
            case TAMPER -> "tamper";
            case MASKED -> "mask";
            case FAULT -> "fault";
            case ALARM, SECOND_ZONE, BOTH_ZONES -> "open";
        };
    }
}
