package io.answerback.core.proof;

import io.answerback.core.common.Text;
import io.answerback.core.receiver.Reception;
import io.answerback.core.receiver.ReportFormat;
import io.answerback.core.receiver.Transport;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Receiver;
import java.util.Map;
import java.util.TreeMap;

/// The facts of the way out of the building on which an answer rests.
final class RouteFacts {
    private RouteFacts() {}

    /// The communicator, and each receiver that is told of anything in the order in which they are tried.
    static Map<String, String> of(Parts job) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("communicator", job.communicator().name());
        int order = 1;
        for (Receiver receiver : job.routeReceivers()) {
            facts.put("receiver " + order++, receiver(receiver) + reception(receiver));
        }
        return facts;
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
        if (its.keyBits() > 0) {
            facts.append(Text.of(" key of %d bits", its.keyBits()));
        }
        its.codes().forEach((event, digit) -> facts.append(Text.of(" %s as %s", event, digit)));
        return facts.toString();
    }
}
