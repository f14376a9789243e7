package io.answerback.files;

import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.Told;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Says of each receiver of a job before version 8 how is reported to it. Until then the route named receivers
/// of IP frames in the order in which they were tried: the first was told of everything, the others were its
/// backups.
final class Version8 {
    private Version8() {}

    static void give(ObjectNode job) {
        if (!(job.path("communicator").path("ip") instanceof ObjectNode ip)) {
            return;
        }
        JsonNode route = ip.remove("receiverIds");
        Map<String, ObjectNode> receivers = new LinkedHashMap<>();
        List<JsonNode> others = new ArrayList<>();
        job.path("receivers").forEach(its -> {
            if (its instanceof ObjectNode receiver) {
                receivers.put(receiver.path("id").asString(""), receiver);
            } else {
                others.add(its);
            }
        });
        List<ObjectNode> ordered = new ArrayList<>();
        if (route != null) {
            for (JsonNode id : route) {
                ObjectNode receiver = receivers.remove(id.asString(""));
                if (receiver != null) {
                    ordered.add(told(receiver, ordered.isEmpty() ? Told.ALWAYS : Told.BACKUP));
                }
            }
        }
        receivers.values().forEach(receiver -> ordered.add(told(receiver, Told.NEVER)));
        if (job.path("receivers").isArray()) {
            job.putArray("receivers").addAll(ordered).addAll(others);
        }
    }

    private static ObjectNode told(ObjectNode receiver, Told told) {
        if (!receiver.has("reception")) {
            receiver.set("reception", JobJson.PLAIN.valueToTree(Reception.OVER_IP.toldOfEverything(told)));
        }
        return receiver;
    }
}
