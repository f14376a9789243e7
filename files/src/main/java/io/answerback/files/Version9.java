package io.answerback.files;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Gives the communicator of a job before version 9 its paths. Until then it had one over IP; a receiver on a
/// line was dialled without a path of its own.
final class Version9 {
    private Version9() {}

    static void give(ObjectNode job) {
        if (!(job.path("communicator") instanceof ObjectNode communicator) || communicator.has("paths")) {
            return;
        }
        JsonNode ip = communicator.remove("ip");
        ArrayNode paths = communicator.putArray("paths");
        ObjectNode path = JobJson.PLAIN.valueToTree(TransmissionPath.usual(PathKind.IP));
        if (ip != null) {
            path.set("attempts", ip.path("attempts"));
            path.set("timeoutMillis", ip.path("timeoutMillis"));
        }
        paths.add(path);
        if (job.path("receivers").valueStream().anyMatch(Version9::onLine)) {
            paths.add(JobJson.PLAIN.<JsonNode>valueToTree(TransmissionPath.usual(PathKind.LINE)));
        }
    }

    private static boolean onLine(JsonNode receiver) {
        String format = receiver.path("reception").path("format").asString("");
        return !format.isEmpty() && !format.startsWith("IP_");
    }
}
