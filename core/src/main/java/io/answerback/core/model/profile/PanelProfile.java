package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What a make of panel expects and does, as far as the sums need it. Filled in from the maker's manual.
///
/// @param id the profile's file name without its ending
/// @param name the profile's name on screen
/// @param pullUpVolts the voltage that pulls each input up, in volts
/// @param pullUpOhms the resistance through which it does, in ohms
/// @param entrySeconds entry time the panel is set to, in seconds
/// @param schemes how the panel reads each scheme it supports
/// @param capacity how much it takes
/// @param radioBand the radio band it hears, such as "band P"; empty when it has no radio
/// @param modules the kinds of module it can have; the first is its own board
/// @param bus how it addresses modules and numbers their zones; empty where the profile does not say
/// @param radio what it hears by radio; empty for a panel without radio
/// @param setup its settings; without any where the profile does not say
/// @param manners what it does of itself; empty where the profile does not say
public record PanelProfile(
        String id,
        String name,
        double pullUpVolts,
        double pullUpOhms,
        int entrySeconds,
        List<SchemeBands> schemes,
        Capacity capacity,
        String radioBand,
        List<ModuleKind> modules,
        Optional<BusRule> bus,
        Optional<RadioRule> radio,
        SettingCatalogue setup,
        Optional<PanelManners> manners) {
    /// @throws IllegalArgumentException when a name is blank, a figure out of bounds, no scheme is given, the
    ///     first module is not the board, zones are numbered beyond what it takes, or the id of a setting begins
    ///     as those of a communicator do
    public PanelProfile {
        id = Require.text(id, "panel profile id");
        name = Require.text(name, "panel profile name");
        InputModel inputs = new InputModel(pullUpVolts, pullUpOhms, schemes);
        Require.within(entrySeconds, 0, 300, "entry time in seconds");
        schemes = inputs.schemes();
        Require.given(capacity, "capacity of panel profile " + name);
        radioBand = radioBand == null ? "" : radioBand.strip();
        modules = List.copyOf(Require.given(modules, "modules of panel profile " + name));
        if (modules.isEmpty() || modules.getFirst().sort() != ModuleSort.BOARD) {
            throw new IllegalArgumentException("the first module of panel profile " + name + " must be its board");
        }
        bus = bus == null ? Optional.empty() : bus;
        radio = radio == null ? Optional.empty() : radio;
        setup = setup == null ? SettingCatalogue.EMPTY : setup;
        manners = manners == null ? Optional.empty() : manners;
        requireZones(name, capacity, bus, radio);
        requireOwnIds(name, setup);
    }

    /// What it does of itself: as its profile says, else the usual working values.
    public PanelManners itsManners() {
        return manners.orElse(PanelManners.USUAL);
    }

    private static void requireZones(String name, Capacity capacity, Optional<BusRule> bus, Optional<RadioRule> radio) {
        int wired = bus.stream()
                .flatMap(rule -> rule.ranges().stream())
                .filter(range -> range.zonesEach() > 0)
                .mapToInt(BusRange::lastZone)
                .max()
                .orElse(0);
        int wireless =
                radio.map(rule -> rule.firstZone() + capacity.radioZones() - 1).orElse(0);
        if (Math.max(wired, wireless) > capacity.zones()) {
            throw new IllegalArgumentException(Text.of(
                    "panel profile %s numbers %s zones up to %d, and its capacity says %d zones; raise that or move the range",
                    name, wired > wireless ? "wired" : "wireless", Math.max(wired, wireless), capacity.zones()));
        }
    }

    private static void requireOwnIds(String name, SettingCatalogue setup) {
        setup.idThatBegins(SettingCatalogue.UNIT).ifPresent(id -> {
            throw new IllegalArgumentException(Text.of(
                    "panel profile %s has the id %s; what begins with \"%s\" is a communicator's, so give it another",
                    name, id, SettingCatalogue.UNIT));
        });
    }

    /// The same addressing its modules so.
    public PanelProfile withBus(BusRule other) {
        return with(modules, Optional.of(other), radio, setup);
    }

    /// The same hearing so by radio.
    public PanelProfile withRadio(RadioRule other) {
        return with(modules, bus, Optional.of(other), setup);
    }

    /// The same with other settings.
    public PanelProfile withSetup(SettingCatalogue other) {
        return with(modules, bus, radio, other);
    }

    /// The same with other kinds of module.
    public PanelProfile withModules(List<ModuleKind> other) {
        return with(other, bus, radio, setup);
    }

    private PanelProfile with(
            List<ModuleKind> kinds, Optional<BusRule> addresses, Optional<RadioRule> hears, SettingCatalogue settings) {
        return new PanelProfile(
                id,
                name,
                pullUpVolts,
                pullUpOhms,
                entrySeconds,
                schemes,
                capacity,
                radioBand,
                kinds,
                addresses,
                hears,
                settings,
                manners);
    }

    /// The panel's own board.
    public ModuleKind board() {
        return modules.getFirst();
    }

    /// The kind of module with this id; empty when the panel has none.
    public Optional<ModuleKind> module(String kindId) {
        return modules.stream().filter(kind -> kind.id().equals(kindId)).findFirst();
    }

    /// How the panel's own inputs measure, and those of every module without inputs of another make.
    public InputModel inputs() {
        return new InputModel(pullUpVolts, pullUpOhms, schemes);
    }

    /// How the inputs of a kind of module measure.
    public InputModel inputs(ModuleKind kind) {
        return kind.ownInputs().orElseGet(this::inputs);
    }

    /// How an input measures that reads a scheme: the panel's own, or those of the first kind of module that
    /// can; the panel's own where none can.
    public InputModel inputsReading(SchemeKind scheme) {
        return Stream.concat(Stream.of(inputs()), modules.stream().map(this::inputs))
                .filter(model -> model.reads(scheme).isPresent())
                .findFirst()
                .orElseGet(this::inputs);
    }

    /// How this panel's own inputs read loops of `kind`; empty when they cannot.
    public Optional<SchemeBands> reads(SchemeKind kind) {
        return schemes.stream().filter(bands -> bands.scheme() == kind).findFirst();
    }
}
