package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SounderUnit;
import java.util.List;
import java.util.Optional;

/// A kind of module a panel can have, from its profile.
///
/// @param id its name in files, such as "bus-8"
/// @param name its name on screen
/// @param sort what sort of thing it is
/// @param inputs how many inputs it brings
/// @param mostOf how many of them a panel takes
/// @param addresses how many bus addresses one of them uses up
/// @param milliamps what it takes from the panel at rest, in milliamps
/// @param boxes how many boxes it adds on the wall
/// @param ownSupply whether it has a supply and battery of its own
/// @param radioBand the radio band it speaks, such as "band P" or "cellular"; empty when it has no aerial
/// @param reserved the inputs that are kept for one use
/// @param ownInputs how its inputs measure where they do so otherwise than the panel's, as converters do; empty
///     when they measure as the panel's own
/// @param terminals its terminals from the left; empty where the profile does not name them
/// @param power what it takes beyond its current at rest; empty where the profile does not say
/// @param supply the supply it has, with a battery behind it; empty for none
/// @param sounder how it sounds; empty for what is no sounder, or of which no more is known than its currents
public record ModuleKind(
        String id,
        String name,
        ModuleSort sort,
        int inputs,
        int mostOf,
        int addresses,
        double milliamps,
        int boxes,
        boolean ownSupply,
        String radioBand,
        List<ReservedInput> reserved,
        Optional<InputModel> ownInputs,
        List<Terminal> terminals,
        Optional<ModulePower> power,
        Optional<SupplyUnit> supply,
        Optional<SounderUnit> sounder) {
    /// An input that is kept for one use.
    ///
    /// @param number its number on the module, from 1
    /// @param use the family of kinds it is kept for
    /// @param twoWire whether it powers two-wire detectors, and nothing else may be put there
    public record ReservedInput(int number, KindFamily use, boolean twoWire) {}

    /// @throws IllegalArgumentException when a name is blank, a figure out of bounds, or a reserved input is
    ///     not there
    public ModuleKind {
        id = Require.text(id, "id of a module");
        name = Require.text(name, "name of module " + id);
        Require.given(sort, "sort of module " + id);
        Require.within(inputs, 0, 64, "inputs of module " + id);
        Require.within(mostOf, 1, 99, "most of module " + id);
        Require.within(addresses, 0, 16, "addresses of module " + id);
        Require.within(milliamps, 0, 5000, "current of module " + id + " in milliamps");
        Require.within(boxes, 0, 4, "boxes of module " + id);
        radioBand = radioBand == null ? "" : radioBand.strip();
        reserved = List.copyOf(reserved == null ? List.of() : reserved);
        ownInputs = ownInputs == null ? Optional.empty() : ownInputs;
        terminals = List.copyOf(terminals == null ? List.of() : terminals);
        power = power == null ? Optional.empty() : power;
        supply = supply == null ? Optional.empty() : supply;
        sounder = sounder == null ? Optional.empty() : sounder;
        for (ReservedInput input : reserved) {
            Require.within(input.number(), 1, inputs, "reserved input of module " + id);
            Require.given(input.use(), "use of reserved input " + input.number() + " of module " + id);
        }
    }

    /// Whether it takes its supply from itself: it has one with a battery, or says so.
    public boolean suppliesItself() {
        return ownSupply || supply.isPresent();
    }

    /// The same with other terminals.
    public ModuleKind withTerminals(List<Terminal> other) {
        return with(other, power, supply, sounder);
    }

    /// The same with a supply and a battery behind it.
    public ModuleKind withSupply(SupplyUnit other) {
        return with(terminals, power, Optional.of(other), sounder);
    }

    private ModuleKind with(
            List<Terminal> ends,
            Optional<ModulePower> takes,
            Optional<SupplyUnit> gives,
            Optional<SounderUnit> sounds) {
        return new ModuleKind(
                id, name, sort, inputs, mostOf, addresses, milliamps, boxes, ownSupply, radioBand, reserved, ownInputs,
                ends, takes, gives, sounds);
    }

    /// What a panel takes it for on its bus: a communicator that listens is a keypad to it.
    public ModuleSort answersAs() {
        return sort == ModuleSort.COMMUNICATOR ? ModuleSort.KEYPAD : sort;
    }

    /// Whether it has an aerial, which metal around it makes deaf.
    public boolean aerial() {
        return !radioBand.isEmpty();
    }

    /// Whether a place on this module is one it hears by radio: those beyond its terminals.
    public boolean byRadio(int number) {
        return number > inputs;
    }

    /// Whether an input of this module may serve a kind of point: a reserved input serves its own use only, a
    /// two-wire detector needs an input made for it, and what sends by radio a place that is heard by radio.
    public boolean serves(int number, PointKind kind) {
        if (kind.radio() || byRadio(number)) {
            return kind.radio() && byRadio(number);
        }
        return reserved.stream()
                .filter(input -> input.number() == number)
                .findFirst()
                .map(input -> input.use() == kind.family() && input.twoWire() == kind.twoWire())
                .orElse(!kind.twoWire());
    }
}
