package io.answerback.core.report.network;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The outbound connections that the customer's network administrator has to allow, as text to send to them.
public final class FirewallNote {
    private FirewallNote() {}

    /// The lines; none while no receiver over IP has an address.
    public static List<String> of(Parts job) {
        List<Receiver> receivers = job.routeReceivers().stream()
                .filter(receiver -> receiver.format().overIp() && receiver.reachable())
                .toList();
        if (receivers.isEmpty()) {
            return List.of();
        }
        List<String> lines = new ArrayList<>();
        lines.add("The alarm communicator at " + job.site().name()
                + from(job.communicator().network()) + " opens outbound connections only. Please allow:");
        for (Receiver receiver : receivers) {
            lines.add(Text.of(
                    "- %s to %s port %d (%s)",
                    receiver.reception().transport().name(), receiver.host(), receiver.port(), receiver.name()));
        }
        if (namesNeeded(job)) {
            lines.add("- UDP and TCP to port 53 of the name server, since a receiver is given by its name");
        }
        lines.add("No inbound rule and no port forwarding is needed.");
        return List.copyOf(lines);
    }

    private static String from(Optional<NetworkPlan> plan) {
        return plan.map(its -> {
                    if (its.byRouter()) {
                        return its.reserved()
                                ? ", with an address the router keeps for it,"
                                : ", with an address from the router,";
                    }
                    return its.address().isEmpty() ? "" : ", " + its.address() + ",";
                })
                .orElse("");
    }

    /// Whether a receiver is reached by a name and not by an address.
    public static boolean namesNeeded(Parts job) {
        return job.routeReceivers().stream()
                .filter(receiver ->
                        receiver.format().overIp() && !receiver.host().isEmpty())
                .anyMatch(receiver -> receiver.host().matches(".*[A-Za-z].*")
                        && !receiver.host().contains(":"));
    }
}
