package io.answerback.core.model.unit;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ModuleId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The communicator as a box on this site.
///
/// @param profile what its maker says of it
/// @param module which module of the job it is, whose cable, current and addresses are counted there; empty while
///     it is none
/// @param fitting how it is attached
/// @param identity what tells it from others
/// @param sim its SIM; empty for one without, or not looked at
/// @param service how far it has been put to work
/// @param readings its signal, oldest first
@RecordBuilder
public record Unit(
        UnitProfile profile,
        Optional<ModuleId> module,
        Fitting fitting,
        Identity identity,
        Optional<SimCard> sim,
        Service service,
        List<UnitReading> readings)
        implements UnitBuilder.With {
    /// @throws IllegalArgumentException when the profile is missing
    public Unit {
        Require.given(profile, "profile of the communicator");
        module = module == null ? Optional.empty() : module;
        fitting = fitting == null ? Fitting.UNDECIDED : fitting;
        identity = identity == null ? Identity.UNREAD : identity;
        sim = sim == null ? Optional.empty() : sim;
        service = service == null ? Service.NEW : service;
        readings = List.copyOf(readings == null ? List.of() : readings);
    }

    /// A unit of this make, of which nothing else is known.
    public static Unit of(UnitProfile profile, Optional<ModuleId> module) {
        Fitting fitting = profile.ways().size() == 1
                ? Fitting.UNDECIDED.withWay(profile.ways().getFirst())
                : Fitting.UNDECIDED;
        return new Unit(profile, module, fitting, Identity.UNREAD, Optional.empty(), Service.NEW, List.of());
    }

    /// The newest reading of its signal; empty while there is none.
    public Optional<UnitReading> lastReading() {
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.getLast());
    }

    /// The same with another SIM.
    public Unit withSim(SimCard other) {
        return new Unit(profile, module, fitting, identity, Optional.of(other), service, readings);
    }

    /// The same with one reading more.
    public Unit with(UnitReading reading) {
        List<UnitReading> more = new ArrayList<>(readings);
        more.add(reading);
        return new Unit(profile, module, fitting, identity, sim, service, more);
    }
}
