package io.answerback.core.model.cable;

import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.JointKind;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// What was found of a cable otherwise than it would be planned.
///
/// @param uses what its cores are used for by colour, where that is not the firm's convention, as in an old
///     system
/// @param joints how its cores are joined; empty while nobody looked
/// @param faults what was seen to be wrong with the work on it
@RecordBuilder
public record AsFound(Map<String, CoreUse> uses, Optional<JointKind> joints, Set<CableFault> faults)
        implements AsFoundBuilder.With {
    /// Nobody looked, or all is as planned.
    public static final AsFound NOTHING = new AsFound(Map.of(), Optional.empty(), Set.of());

    public AsFound {
        uses = Collections.unmodifiableMap(new TreeMap<>(uses == null ? Map.of() : uses));
        joints = joints == null ? Optional.empty() : joints;
        EnumSet<CableFault> seen = EnumSet.noneOf(CableFault.class);
        seen.addAll(faults == null ? Set.of() : faults);
        faults = Collections.unmodifiableSet(seen);
    }

    /// The same with a core used for something else; empty for what the convention says.
    public AsFound withUse(String colour, Optional<CoreUse> use) {
        Map<String, CoreUse> other = new TreeMap<>(uses);
        use.ifPresentOrElse(its -> other.put(colour, its), () -> other.remove(colour));
        return new AsFound(other, joints, faults);
    }

    /// The same with a fault seen, or seen to no more.
    public AsFound withFault(CableFault fault, boolean seen) {
        EnumSet<CableFault> other = EnumSet.noneOf(CableFault.class);
        other.addAll(faults);
        if (seen) {
            other.add(fault);
        } else {
            other.remove(fault);
        }
        return new AsFound(uses, joints, other);
    }
}
