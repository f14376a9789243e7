package io.answerback.core.report.routing;

import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.List;

/// One receiver over one path, with all attempts of that path.
///
/// @param receiver who is tried
/// @param path how
public record Try(Receiver receiver, TransmissionPath path) {
    /// What a communicator tries, in order, until one of these receivers answers. A receiver that no path leads
    /// to is never tried.
    public static List<Try> of(Communicator communicator, List<Receiver> receivers) {
        List<Try> tries = new ArrayList<>();
        if (communicator.order() == PathOrder.RECEIVER_BY_RECEIVER) {
            receivers.forEach(receiver -> communicator.paths().forEach(path -> add(tries, receiver, path)));
        } else {
            communicator.paths().forEach(path -> receivers.forEach(receiver -> add(tries, receiver, path)));
        }
        return List.copyOf(tries);
    }

    private static void add(List<Try> tries, Receiver receiver, TransmissionPath path) {
        if (path.kind().carries(receiver.format())) {
            tries.add(new Try(receiver, path));
        }
    }
}
