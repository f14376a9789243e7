package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// How a panel addresses its modules and numbers the zones they bring.
///
/// @param ranges the addresses and zones of its kinds of module; no two share an address or a zone
/// @param mostMetres the most cable its bus may have in all, in metres; 0 where that is not known
/// @param mostRunMetres the farthest a module may be from the board along the cable, in metres; 0 where that is
///     not known
/// @param star whether cables may branch
/// @param reaches how far a module may be in which conductor; empty where the maker gives no such table
/// @param mostOhms the most a data core and the return may have together to the farthest module, in ohms; 0
///     where that is not known
/// @param mostNanofarads the most its cable may have between two cores in all, in nanofarads; 0 where that is
///     not known
/// @param steps how modules are learned and forgotten
/// @param text which keypads show text, and what needs one
/// @param terminatorOhms the terminator across the two data cores at each of the two ends of the bus, in ohms; 0
///     where its maker asks for none
public record BusRule(
        List<BusRange> ranges,
        double mostMetres,
        double mostRunMetres,
        boolean star,
        List<BusReach> reaches,
        double mostOhms,
        double mostNanofarads,
        BusSteps steps,
        TextKeypads text,
        double terminatorOhms) {
    /// @throws IllegalArgumentException when two ranges share an address or a zone, or a figure is out of
    ///     bounds
    public BusRule {
        ranges = List.copyOf(ranges == null ? List.of() : ranges);
        Require.within(mostMetres, 0, 10_000, "cable of the bus in metres");
        Require.within(mostRunMetres, 0, 10_000, "farthest module of the bus in metres");
        reaches = List.copyOf(reaches == null ? List.of() : reaches);
        Require.within(mostOhms, 0, 10_000, "resistance of the bus in ohms");
        Require.within(mostNanofarads, 0, 100_000, "capacitance of the bus in nanofarads");
        steps = steps == null ? BusSteps.UNKNOWN : steps;
        text = text == null ? TextKeypads.UNKNOWN : text;
        Require.within(terminatorOhms, 0, 10_000, "terminator of the bus in ohms");
        for (int i = 0; i < ranges.size(); i++) {
            for (BusRange other : ranges.subList(i + 1, ranges.size())) {
                requireApart(ranges.get(i), other);
            }
        }
    }

    /// A bus whose maker asks for no resistors at its ends.
    public BusRule(
            List<BusRange> ranges,
            double mostMetres,
            double mostRunMetres,
            boolean star,
            List<BusReach> reaches,
            double mostOhms,
            double mostNanofarads,
            BusSteps steps,
            TextKeypads text) {
        this(ranges, mostMetres, mostRunMetres, star, reaches, mostOhms, mostNanofarads, steps, text, 0);
    }

    /// How far a module may be in a conductor, in metres: the best of the rows whose conductor is no better;
    /// 0 where the table has none, for then nothing is promised. Empty without a table.
    public Optional<Double> reachMetres(double ohmsPerKilometre) {
        return reaches.isEmpty()
                ? Optional.empty()
                : Optional.of(reaches.stream()
                        .filter(reach -> reach.ohmsPerKilometre() >= ohmsPerKilometre)
                        .mapToDouble(BusReach::metres)
                        .max()
                        .orElse(0));
    }

    private static void requireApart(BusRange one, BusRange other) {
        boolean addresses = !one.offTheBus()
                && !other.offTheBus()
                && one.leastAddress() <= other.mostAddress()
                && other.leastAddress() <= one.mostAddress();
        boolean zones = one.zonesEach() > 0
                && other.zonesEach() > 0
                && one.firstZone() <= other.lastZone()
                && other.firstZone() <= one.lastZone();
        if (addresses || zones) {
            throw new IllegalArgumentException(Text.of(
                    "%s and %s share %s; move one of them",
                    one.kinds(),
                    other.kinds(),
                    addresses
                            ? Text.of("address %d", Math.max(one.leastAddress(), other.leastAddress()))
                            : Text.of("zone %d", Math.max(one.firstZone(), other.firstZone()))));
        }
    }

    /// The range of a kind of module; empty where the rule does not say.
    public Optional<BusRange> range(String kindId) {
        return ranges.stream().filter(range -> range.kinds().contains(kindId)).findFirst();
    }

    /// The zone a place of a module has by the rule; empty where the rule does not say, or the address is none
    /// of its kind.
    ///
    /// @param address its address; 0 for a module without one
    /// @param place the input on it, from 1
    public Optional<Integer> zone(String kindId, int address, int place) {
        return range(kindId)
                .filter(range -> range.holds(address) && place >= 1 && place <= range.zonesEach())
                .map(range -> range.firstZone() + (address - range.leastAddress()) * range.zonesEach() + place - 1);
    }

    /// Where a zone is by the rule; empty for a zone no module brings.
    public Optional<Home> home(int zone) {
        return ranges.stream()
                .filter(range -> range.zonesEach() > 0 && zone >= range.firstZone() && zone <= range.lastZone())
                .map(range -> new Home(
                        range,
                        range.leastAddress() + (zone - range.firstZone()) / range.zonesEach(),
                        (zone - range.firstZone()) % range.zonesEach() + 1))
                .findFirst();
    }

    /// Where a zone is.
    ///
    /// @param range the kinds of module it can be on
    /// @param address the module's address; 0 for one without
    /// @param place the input on it, from 1
    public record Home(BusRange range, int address, int place) {}

    /// The addresses a kind of module can have, lowest first; none for one without.
    public Stream<Integer> addresses(String kindId) {
        return range(kindId).filter(range -> !range.offTheBus()).stream()
                .flatMap(range -> IntStream.rangeClosed(range.leastAddress(), range.mostAddress())
                        .boxed());
    }
}
