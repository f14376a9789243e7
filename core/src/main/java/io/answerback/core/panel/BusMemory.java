package io.answerback.core.panel;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/// What a panel remembers of what hangs on its bus and of what it hears by radio. Never changes; each step
/// makes another.
///
/// @param lost modules that no longer answer, by name
/// @param open modules whose cover is open, by name
/// @param heard when each wireless input was heard last, by the input's id; one that was never heard is not in
///     it
/// @param missing wireless inputs that were silent for longer than the panel waits, by id
public record BusMemory(Set<ModuleId> lost, Set<ModuleId> open, Map<InputId, Instant> heard, Set<InputId> missing) {
    /// Everybody answers, every cover is shut, nobody was heard yet.
    public static final BusMemory QUIET = new BusMemory(Set.of(), Set.of(), Map.of(), Set.of());

    public BusMemory {
        lost = Set.copyOf(lost);
        open = Set.copyOf(open);
        heard = Map.copyOf(heard);
        missing = Set.copyOf(missing);
    }

    BusMemory withLost(ModuleId module, boolean gone) {
        return new BusMemory(changed(lost, module, gone), open, heard, missing);
    }

    BusMemory withOpen(ModuleId module, boolean cover) {
        return new BusMemory(lost, changed(open, module, cover), heard, missing);
    }

    /// A wireless input gave a sign of life.
    BusMemory withHeard(InputId input, Instant at) {
        Map<InputId, Instant> next = new HashMap<>(heard);
        next.put(input, at);
        return new BusMemory(lost, open, next, changed(missing, input, false));
    }

    BusMemory withMissing(InputId input) {
        return new BusMemory(lost, open, heard, changed(missing, input, true));
    }

    static <T> Set<T> changed(Set<T> old, T member, boolean in) {
        Set<T> next = new HashSet<>(old);
        if (in) {
            next.add(member);
        } else {
            next.remove(member);
        }
        return next;
    }
}
