package io.answerback.core.model.unit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/// How a communicator is attached and supplied on this site.
///
/// @param way how it is attached; empty while undecided, and for one that works without a panel
/// @param supplies every supply that reaches it; empty while not known
/// @param portType what the panel's serial port is set to; empty while not known
/// @param jumper the position of its jumper; empty while nobody looked
@RecordBuilder
public record Fitting(Optional<Attachment> way, Set<UnitSupply> supplies, String portType, String jumper)
        implements FittingBuilder.With {
    /// Nothing decided yet.
    public static final Fitting UNDECIDED = new Fitting(Optional.empty(), Set.of(), "", "");

    public Fitting {
        way = way == null ? Optional.empty() : way;
        Set<UnitSupply> given = EnumSet.noneOf(UnitSupply.class);
        given.addAll(supplies == null ? Set.of() : supplies);
        supplies = Collections.unmodifiableSet(given);
        portType = portType == null ? "" : portType.strip();
        jumper = jumper == null ? "" : jumper.strip();
    }

    /// Whether cores bring it a supply: from the bus or the auxiliary output, or from one of them while nobody has said
    /// from which. A port and a plug-in supply bring their own leads.
    public boolean wiredSupply() {
        return supplies.contains(UnitSupply.AUXILIARY)
                || supplies.contains(UnitSupply.BUS)
                || supplies.isEmpty()
                        && way.filter(its -> its != Attachment.PLUG_ON && its != Attachment.SERIAL_PORT)
                                .isPresent();
    }

    /// The same attached in another way; the jumper is to be looked at again.
    public Fitting withWay(Attachment other) {
        return new Fitting(Optional.of(other), supplies, portType, "");
    }

    /// The same with a supply more, or without it.
    public Fitting withSupply(UnitSupply supply, boolean reaches) {
        Set<UnitSupply> other = EnumSet.noneOf(UnitSupply.class);
        other.addAll(supplies);
        if (reaches) {
            other.add(supply);
        } else {
            other.remove(supply);
        }
        return new Fitting(way, other, portType, jumper);
    }
}
