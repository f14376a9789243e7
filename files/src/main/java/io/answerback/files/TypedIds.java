package io.answerback.files;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Brings the ids of a job before version 7 to that version. Until then a module was known by its name, and a
/// text could be the number of a point, the name of a module or that of a joint box.
final class TypedIds {
    private final Set<String> modules = new HashSet<>();
    private final Set<String> points = new HashSet<>();

    private TypedIds(ObjectNode job) {
        objects(job.path("modules"))
                .forEach(module -> modules.add(module.path("name").asString("")));
        objects(job.path("points")).forEach(point -> points.add(point.path("id").asString("")));
    }

    static void give(ObjectNode job) {
        TypedIds ids = new TypedIds(job);
        objects(job.path("modules")).forEach(module -> module.set("id", module.path("name")));
        objects(job.path("power").path("loads")).forEach(ids::part);
        objects(job.path("radio").path("readings")).forEach(ids::part);
        objects(job.path("cables")).forEach(cable -> {
            if (cable.path("ends") instanceof ObjectNode ends) {
                ids.beginning(ends);
            }
        });
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
