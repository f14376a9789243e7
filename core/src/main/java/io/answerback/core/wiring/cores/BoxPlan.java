package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.profile.Terminal;
import java.util.List;
import java.util.Optional;

/// A place where ends of cables come to: its terminals, and the cores that land on them.
///
/// @param place where it is
/// @param title what it is called
/// @param strip its terminals, from the left; empty where the profile names none, and in a joint box
/// @param cables the ends of cables that come to it, in the order of its inputs
/// @param ring its tamper ring
/// @param parts the resistors and links between its terminals
public record BoxPlan(
        EndId place,
        String title,
        List<Terminal> strip,
        List<CableCores> cables,
        TamperRing ring,
        List<FittedPart> parts) {
    public BoxPlan {
        strip = List.copyOf(strip);
        parts = List.copyOf(parts);
        cables = List.copyOf(cables);
    }

    /// The end of a cable that comes to it; empty when none does.
    public Optional<CableCores> cable(CableId id) {
        return cables.stream().filter(cable -> cable.id().equals(id)).findFirst();
    }

    /// The cores that belong under a terminal.
    ///
    /// @param terminal its place on the strip, from 0
    public List<CoreEnd> under(int terminal) {
        return cables.stream()
                .flatMap(cable -> cable.cores().stream()
                        .filter(core -> core.termination() instanceof CoreTermination.Under under
                                && under.terminal() == terminal)
                        .map(core -> new CoreEnd(cable.id(), core.colour())))
                .toList();
    }

    /// How many cores there are to land, spares and those without a place left out.
    public int coresToTerminate() {
        return (int) cables.stream()
                .flatMap(cable -> cable.cores().stream())
                .filter(core -> core.termination() instanceof CoreTermination.Under
                        || core.termination() instanceof CoreTermination.Joined)
                .count();
    }

    /// The cables that begin here with a core under a terminal, by label.
    ///
    /// @param terminal its place on the strip, from 0
    public List<CableId> cablesUnder(int terminal) {
        return cables.stream()
                .filter(cable -> cable.end() == CableEnd.NEAR)
                .filter(cable -> cable.cores().stream()
                        .anyMatch(core -> core.termination() instanceof CoreTermination.Under under
                                && under.terminal() == terminal))
                .map(CableCores::id)
                .toList();
    }

    /// The terminal that is called this at the place; empty when none is.
    ///
    /// @param words as [TerminationWords] has it
    public Optional<Terminal> terminalCalled(String words) {
        for (int i = 0; i < strip.size(); i++) {
            if (TerminationWords.terminal(strip, i).equals(words)) {
                return Optional.of(strip.get(i));
            }
        }
        return Optional.empty();
    }
}
