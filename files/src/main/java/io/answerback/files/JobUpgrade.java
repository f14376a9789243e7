package io.answerback.files;

import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Brings a job of an earlier file version to the newest, one version at a time. Version 2 brought house rules
/// with options and figures, kinds of point as data, what the survey decided, modules, and what the panel
/// takes; version 3 brought cables to more than one point, to modules and to joint boxes; version 4 brought how
/// sounders are set, who watches a supply, and the batteries that were taken out; version 5 brought wireless
/// devices and three figures in the rules; version 6 keeps the sounder time among the decisions only; version 7
/// gave modules ids beside their names, and says of what an id is; version 8 says how is reported to each
/// receiver, and of what it is told; version 9 gives the communicator its paths; version 10
/// knows the box it is and its mail server; version 11 knows areas that follow and set by themselves; version 13
/// says how devices that stay in alarm are brought back.
final class JobUpgrade {
    private static final Map<String, String> KINDS = Map.of(
            "DOOR_CONTACT", "door-contact",
            "HATCH_CONTACT", "hatch-contact",
            "MOVEMENT", "movement",
            "GLASS_BREAK", "glass-break",
            "HOLD_UP_BUTTON", "hold-up-button",
            "GAS_ALARM", "gas-alarm",
            "TECHNICAL_CONTACT", "technical-input",
            "KEY_SWITCH", "key-switch");
    private static final String RULES = "graded-2";
    private static final Set<RuleFigure> LATER = EnumSet.of(
            RuleFigure.DEVICE_BATTERY_YEARS,
            RuleFigure.SUPERVISION_MINUTES,
            RuleFigure.RADIO_MARGIN_DECIBELS,
            RuleFigure.MOST_ALARMS,
            RuleFigure.REPORTING_HOURS,
            RuleFigure.STATION_WAIT_SECONDS,
            RuleFigure.MOST_CHARGE_PERCENT,
            RuleFigure.CONFIRMATION_MINUTES,
            RuleFigure.REPORT_DELAY_SECONDS,
            RuleFigure.LEAST_ENTRY_SECONDS,
            RuleFigure.LEAST_EXIT_SECONDS,
            RuleFigure.LEAST_REPORT_DELAY_SECONDS);
    private static final String PROFILE = "sample-b";

    private JobUpgrade() {}

    /// The same job as the newest version writes it.
    static ObjectNode toNewest(ObjectNode old) {
        ObjectNode job = version(old) < 2 ? toVersion2(old) : old.deepCopy();
        if (version(job) < 3) {
            job = toVersion3(job);
        }
        if (job.path("practice").path("firm") instanceof ObjectNode firm) {
            rulesToNewest(firm);
        }
        if (version(job) < 6) {
            sounderTime(job);
        }
        if (version(job) < 7) {
            Version7.give(job);
        }
        if (version(job) < 8) {
            Version8.give(job);
        }
        if (version(job) < 9) {
            Version9.give(job);
        }
        if (version(job) < 13) {
            job.path("kinds").forEach(JobUpgrade::latch);
        }
        job.put("version", JobCodec.VERSION);
        return job;
    }

    /// A kind that was kept before it was said how it is brought back, and for how long it opens, is as the
    /// catalogue has it.
    private static void latch(JsonNode kind) {
        if (kind instanceof ObjectNode its && !its.has("latch")) {
            DataFiles.kinds()
                    .byId(its.path("id").asString(""))
                    .flatMap(entry -> entry.kind().latch())
                    .ifPresent(latch -> its.put("latch", latch.name()));
            DataFiles.kinds()
                    .byId(its.path("id").asString(""))
                    .ifPresent(entry -> its.put("pulseMillis", entry.kind().pulseMillis()));
        }
    }

    /// The sounder time stood among the supply data, and beside the decisions: what was decided is what is typed.
    private static void sounderTime(ObjectNode job) {
        if (!(job.path("power").path("sounding") instanceof ObjectNode sounding)) {
            return;
        }
        JsonNode minutes = sounding.remove("minutes");
        if (minutes == null || !minutes.isNumber()) {
            return;
        }
        ObjectNode setup = job.path("setup") instanceof ObjectNode its ? its : job.putObject("setup");
        ArrayNode decided = setup.path("decided") instanceof ArrayNode its ? its : setup.putArray("decided");
        boolean already = decided.valueStream()
                .anyMatch(its -> its.path("decision").asString("").equals(Decision.SOUNDER_TIME.name()));
        if (!already) {
            decided.addObject()
                    .put("decision", Decision.SOUNDER_TIME.name())
                    .put("number", 0)
                    .put("value", new SettingValue.Amount(minutes.asDouble()).text())
                    .put("reason", "");
        }
    }

    /// Brings house rules of an earlier version to the newest: the figures that came since are as the preset
    /// has them.
    ///
    /// @return whether anything was otherwise
    static boolean rulesToNewest(ObjectNode rules) {
        boolean lacked = Version7.rename(rules, "schools", "options");
        for (RuleFigure figure : LATER) {
            if (rules.path("figures") instanceof ObjectNode figures && !figures.has(figure.name())) {
                figures.put(figure.name(), DataFiles.rules(RULES).figure(figure));
                lacked = true;
            }
        }
        return lacked;
    }

    /// The objects in a list; what is none is left for the schema to refuse.
    private static Stream<ObjectNode> objects(JsonNode list) {
        return list.valueStream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast);
    }

    private static ObjectNode toVersion3(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        job.put("version", 3);
        objects(job.path("modules")).forEach(module -> module.put("besideMetal", false));
        objects(job.path("cables")).forEach(cable -> {
            JsonNode point = cable.remove("pointId");
            if (point != null) {
                cable.putObject("ends").putArray("points").add(point);
            }
        });
        return job;
    }

    private static ObjectNode toVersion2(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        job.put("version", 2);
        job.set("practice", practice(job.path("practice")));
        profile(job);
        job.set("modules", modules(job));
        job.set("kinds", kinds());
        objects(job.path("points")).forEach(point -> point(point, job));
        objects(job.path("proofs")).forEach(JobUpgrade::proof);
        job.putArray("measurements");
        return job;
    }

    private static ObjectNode practice(JsonNode old) {
        ObjectNode firm = JobJson.PLAIN.valueToTree(DataFiles.rules(RULES));
        firm.put("name", "Rules of an earlier version");
        firm.set("grade", old.path("grade"));
        ((ObjectNode) firm.path("options")).set("WORDING", old.path("wording"));
        ((ObjectNode) firm.path("options")).set("LOOP", old.path("scheme"));
        ObjectNode figures = (ObjectNode) firm.path("figures");
        figures.put(
                "LEAST_LOOP_MARGIN_PERCENT", 100 * old.path("leastLoopMargin").asDouble(0));
        figures.set("DAMP_JOINT_OHMS", old.path("dampJointOhms"));
        ObjectNode practice = JobJson.PLAIN.createObjectNode();
        practice.set("firm", firm);
        practice.putObject("options");
        practice.putObject("figures");
        practice.putObject("reasons");
        return practice;
    }

    /// Version 1 knew one profile only, so what it did not say is that one's.
    private static void profile(ObjectNode job) {
        ObjectNode shipped = JobJson.PLAIN.valueToTree(DataFiles.profile(PROFILE));
        if (job.path("panel").path("profile") instanceof ObjectNode profile) {
            for (String field : new String[] {"capacity", "radioBand", "modules"}) {
                profile.set(field, shipped.get(field));
            }
        }
    }

    private static ArrayNode modules(ObjectNode job) {
        ArrayNode modules = JobJson.PLAIN.createArrayNode();
        Set<String> names = new LinkedHashSet<>();
        names.add("Panel");
        job.path("inputs").forEach(input -> names.add(input.path("module").asString("")));
        for (String name : names) {
            String kind = name.equals("Panel") ? "board" : name.startsWith("Keypad") ? "keypad" : "bus-8";
            ObjectNode module = modules.addObject().put("name", name).put("kindId", kind);
            ArrayNode areas = module.putArray("areas");
            if (kind.equals("keypad")) {
                job.path("areas").forEach(area -> areas.add(area.path("number")));
            }
        }
        return modules;
    }

    private static ArrayNode kinds() {
        ArrayNode kinds = JobJson.PLAIN.createArrayNode();
        DataFiles.kinds().entries().stream()
                .filter(entry -> KINDS.containsValue(entry.kind().id()))
                .forEach(entry -> kinds.add(JobJson.PLAIN.<JsonNode>valueToTree(entry.kind())));
        return kinds;
    }

    private static void point(ObjectNode point, ObjectNode job) {
        point.put("kind", KINDS.getOrDefault(point.path("kind").asString(""), ""));
        ObjectNode surveyed = point.putObject("duty");
        JsonNode zone = zoneOf(point.path("id").asString(""), job);
        surveyed.put("type", zone.path("type").asString("NOT_USED"));
        surveyed.set("area", zone.path("area").isNumber() ? zone.get("area") : JobJson.PLAIN.nullNode());
        surveyed.put("wayIn", zone.path("type").asString("").equals("ENTRY_EXIT"));
        point.putArray("inSeries");
    }

    private static JsonNode zoneOf(String pointId, ObjectNode job) {
        for (JsonNode input : job.path("inputs")) {
            if (input.path("pointId").asString("").equals(pointId)) {
                for (JsonNode zone : job.path("zones")) {
                    if (zone.path("number").equals(input.path("zone"))) {
                        return zone;
                    }
                }
            }
        }
        return JobJson.PLAIN.missingNode();
    }

    private static void proof(ObjectNode proof) {
        if (proof.path("upstream").path("POINT") instanceof ObjectNode facts) {
            String kind = KINDS.get(facts.path("kind").asString(""));
            if (kind != null) {
                facts.put(
                        "kind",
                        DataFiles.kinds().byId(kind).orElseThrow().kind().name());
            }
        }
    }

    /// The version a document says it has; the newest when it does not say.
    static int version(JsonNode document) {
        return document.path("version").asInt(JobCodec.VERSION);
    }
}
