package io.answerback.files;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Brings the ids of a job before version 7 to that version. Until then a module was known by its name, and a
/// text could be the number of a point, the name of a module or that of a joint box.
final class Version7 {
    private final Set<String> modules = new HashSet<>();
    private final Set<String> points = new HashSet<>();

    private Version7(ObjectNode job) {
        objects(job.path("modules"))
                .forEach(module -> modules.add(module.path("name").asString("")));
        objects(job.path("points")).forEach(point -> points.add(point.path("id").asString("")));
    }

    static void give(ObjectNode job) {
        Version7 ids = new Version7(job);
        objects(job.path("modules")).forEach(module -> module.set("id", module.path("name")));
        objects(job.path("power").path("loads")).forEach(ids::part);
        objects(job.path("radio").path("readings")).forEach(ids::part);
        objects(job.path("cables")).forEach(cable -> {
            if (cable.path("ends") instanceof ObjectNode ends) {
                ids.beginning(ends);
            }
            rename(cable, "laying", "installation");
            if (cable.path("installation") instanceof ObjectNode installation) {
                rename(installation, "landed", "terminated");
            }
        });
        objects(job.path("points")).forEach(point -> rename(point, "duty", "surveyed"));
        if (job.path("practice") instanceof ObjectNode practice) {
            rename(practice, "schools", "options");
        }
    }

    /// Gives a field another name, in its place among the others.
    ///
    /// @return whether it was there
    static boolean rename(ObjectNode node, String before, String now) {
        if (!node.has(before) || node.has(now)) {
            return false;
        }
        Map<String, JsonNode> fields = new LinkedHashMap<>();
        node.properties()
                .forEach(field -> fields.put(field.getKey().equals(before) ? now : field.getKey(), field.getValue()));
        node.removeAll();
        fields.forEach(node::set);
        return true;
    }

    private static Stream<ObjectNode> objects(JsonNode list) {
        return list.valueStream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast);
    }

    /// A point where a point and a module have one name: figures are typed for devices far more often.
    private void part(ObjectNode entry) {
        if (entry.get("part") instanceof JsonNode part && part.isString()) {
            String sort =
                    modules.contains(part.stringValue()) && !points.contains(part.stringValue()) ? "module" : "point";
            entry.putObject("part").put(sort, part.stringValue());
        }
    }

    private void beginning(ObjectNode ends) {
        JsonNode from = ends.remove("from");
        if (from != null && from.isString() && !from.stringValue().isBlank()) {
            String sort = modules.contains(from.stringValue().strip()) ? "module" : "joint";
            ends.putObject("from").put(sort, from.stringValue());
        }
    }
}
