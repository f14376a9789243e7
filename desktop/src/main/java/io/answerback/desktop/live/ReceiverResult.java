package io.answerback.desktop.live;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.printout.Printout;
import java.time.Instant;
import java.util.Optional;

/// How sending one signal to one receiver over one path went.
///
/// @param tried who was tried, and how
/// @param what what was sent: a frame without LF and CR, digits or rounds
/// @param answered whether it acknowledged
/// @param at when it ended
/// @param millis from the first try to the answer, or to giving up, in milliseconds; of a call how long it lasts
/// @param attempts tries made; 0 when it could not be sent at all
/// @param problem why it was not acknowledged, in plain words; empty when it was
/// @param printout what a receiver on a line prints; empty for one over IP
public record ReceiverResult(
        Try tried,
        String what,
        boolean answered,
        Instant at,
        long millis,
        int attempts,
        String problem,
        Optional<Printout> printout) {
    /// Who was tried.
    Receiver receiver() {
        return tried.receiver();
    }

    /// How it went, in a few words for the chain.
    String words() {
        String name = receiver().name() + (tried.path().kind() == PathKind.CELLULAR ? " by cellular" : "");
        if (!answered) {
            return name + (attempts == 0 ? ": " + problem : " gave up after " + tries());
        }
        return printout.filter(Printout::misleads).isPresent()
                ? name + " misreads it"
                : name + ", " + (attempts == 1 ? "first try" : tries());
    }

    String tries() {
        return attempts == 1 ? "1 try" : attempts + " tries";
    }
}
