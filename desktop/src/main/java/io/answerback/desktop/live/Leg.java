package io.answerback.desktop.live;

import io.answerback.core.printout.Printout;
import io.answerback.core.site.Receiver;
import java.time.Instant;
import java.util.Optional;

/// How sending one signal to one receiver went.
///
/// @param receiver who was tried
/// @param what what was sent: a frame without LF and CR, digits or rounds
/// @param answered whether it acknowledged
/// @param at when it ended
/// @param millis from the first try to the answer, or to giving up, in milliseconds; of a call how long it lasts
/// @param attempts tries made; 0 when it could not be sent at all
/// @param problem why it was not acknowledged, in plain words; empty when it was
/// @param printout what a receiver on a line prints; empty for one over IP
record Leg(
        Receiver receiver,
        String what,
        boolean answered,
        Instant at,
        long millis,
        int attempts,
        String problem,
        Optional<Printout> printout) {
    /// How it went, in a few words for the chain.
    String words() {
        if (!answered) {
            return receiver.name() + (attempts == 0 ? ": " + problem : " gave up after " + tries());
        }
        return printout.filter(Printout::misleads).isPresent()
                ? receiver.name() + " misreads it"
                : receiver.name() + ", " + (attempts == 1 ? "first try" : tries());
    }

    String tries() {
        return attempts == 1 ? "1 try" : attempts + " tries";
    }
}
