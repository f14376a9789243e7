package io.answerback.core.prove.proof;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// The facts of the way out of the building on which an answer rests.
final class RouteFacts {
    private RouteFacts() {}

    /// The communicator, and each receiver that is told of a group of events in the order in which they are
    /// tried.
    static Map<String, String> of(Parts job, EventGroup group) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("communicator", job.communicator().name());
        String paths = job.communicator().paths().stream()
                .map(path -> path.kind().words())
                .collect(Collectors.joining(", "));
        if (job.communicator().path(PathKind.CELLULAR).isPresent()) {
            facts.put("paths", paths);
        }
        int order = 1;
        for (Receiver receiver : job.receivers()) {
            Told told = receiver.reception().of(group);
            if (told != Told.NEVER) {
                facts.put("receiver " + order, receiver(receiver) + reception(receiver) + told(told, order));
                order++;
            }
        }
        return facts;
    }

    /// Most jobs tell the first always and the others as its backups; only what is otherwise is said.
    private static String told(Told told, int order) {
        if (told == Told.ALWAYS) {
            return order == 1 ? "" : " always";
        }
        return order == 1 ? " as a backup" : "";
    }

    private static String receiver(Receiver receiver) {
        return receiver.format().overIp()
                ? Text.of(
                        "%s %s:%d R%s L%s",
                        receiver.name(),
                        receiver.host(),
                        receiver.port(),
                        receiver.receiverNumber(),
                        receiver.linePrefix())
                : receiver.name();
    }

    /// What is otherwise than for most receivers, so that the facts of those are as they always were.
    private static String reception(Receiver receiver) {
        Reception its = receiver.reception();
        StringBuilder facts = new StringBuilder();
        if (its.format() != ReportFormat.IP_EVENTS) {
            facts.append(" ").append(its.format().words());
        }
        if (its.transport() == Transport.UDP) {
            facts.append(" UDP");
        }
        if (!its.phone().isEmpty()) {
            facts.append(" dials ").append(its.phone());
        }
        if (!its.account().isEmpty()) {
            facts.append(" account ").append(its.account());
        }
        if (its.format().shape().isPresent()
                && its.abilities().handshakeHertz() != its.abilities().acknowledgeHertz()) {
            facts.append(Text.of(
                    " asks with %d Hz, acknowledges with %d Hz",
                    its.abilities().handshakeHertz(), its.abilities().acknowledgeHertz()));
        }
        if (its.keyBits() > 0) {
            facts.append(Text.of(" key of %d bits", its.keyBits()));
        }
        its.codes().forEach((event, digit) -> facts.append(Text.of(" %s as %s", event, digit)));
        return facts.toString();
    }
}
