package io.answerback.core.survey.capacity;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which wired-to-wireless converter takes the wired zones that have no input: each kind the profile knows,
/// with what it takes, what it uses up, and why it does not do where it does not.
///
/// @param zones the points that have no input
/// @param offers every kind of converter, those that do first
public record ConverterChoice(List<Point> zones, List<Offer> offers) {
    /// The choice for a job.
    public static final Fact<ConverterChoice> FACT =
            Fact.of("choice of converter", facts -> of(facts, facts.of(Inventory.FACT)));

    /// A kind of converter.
    ///
    /// @param kind which
    /// @param count how many of them the zones need; 0 where it does not do
    /// @param boxes how many boxes that makes on the wall: of some kinds two go into one
    /// @param taken the points they take, in the order of the list
    /// @param radioZones how many of the panel's wireless zones they use up
    /// @param supply what feeds and charges it; empty where the profile does not say
    /// @param work what has to be changed at points it takes, such as a resistor of another value
    /// @param against why it does not do, or not for all; empty when it takes them all
    /// @param refused whether it does not do at all
    public record Offer(
            ModuleKind kind,
            int count,
            int boxes,
            List<Point> taken,
            int radioZones,
            Optional<SupplyUnit> supply,
            List<String> work,
            List<String> against,
            boolean refused) {
        public Offer {
            taken = List.copyOf(taken);
            work = List.copyOf(work);
            against = List.copyOf(against);
        }

        /// Whether it takes every zone that has no input.
        public boolean enough() {
            return !refused && against.isEmpty();
        }
    }

    public ConverterChoice {
        zones = List.copyOf(zones);
        offers = List.copyOf(offers);
    }

    /// The choice for a job.
    public static ConverterChoice of(Parts job, Inventory inventory) {
        List<Point> zones = job.points().stream()
                .filter(point ->
                        job.inputOf(point.id()).isEmpty() && !point.kind().radio())
                .toList();
        List<Offer> offers = job.panel().profile().modules().stream()
                .filter(kind -> kind.sort() == ModuleSort.CONVERTER)
                .map(kind -> offer(job, inventory, kind, zones))
                .sorted((one, other) -> Integer.compare(rank(one), rank(other)))
                .toList();
        return new ConverterChoice(zones, offers);
    }

    private static int rank(Offer offer) {
        return offer.enough() ? offer.boxes() : offer.refused() ? 200 : 100;
    }

    private static Offer offer(Parts job, Inventory inventory, ModuleKind kind, List<Point> zones) {
        PanelProfile profile = job.panel().profile();
        if (!kind.radioBand().equals(profile.radioBand())) {
            String hears = profile.radioBand().isEmpty() ? "has no radio" : "hears " + profile.radioBand();
            String why = Text.of("It speaks %s; this panel %s: it is never heard.", kind.radioBand(), hears);
            return new Offer(kind, 0, 0, List.of(), 0, kind.supply(), List.of(), List.of(why), true);
        }
        List<String> against = new ArrayList<>();
        List<Point> taken = new ArrayList<>();
        Room room = new Room(kind, left(job, kind));
        for (Point point : zones) {
            Optional<String> why = room.refuses(profile.inputs(kind), point);
            why.ifPresentOrElse(against::add, () -> taken.add(point));
        }
        Count radio = inventory.count("wireless zones");
        int usedUp = room.count() * RadioPlaces.zonesOf(kind);
        if (usedUp > radio.of() - radio.used()) {
            against.add(Text.of(
                    "Their inputs use up %d of the panel's wireless zones; %d are left.",
                    usedUp, Math.max(0, radio.of() - radio.used())));
        }
        List<String> work = taken.stream()
                .flatMap(point -> work(profile.inputs(kind), point).stream())
                .toList();
        List<String> sharedBox = profile.radio().map(RadioRule::sharedBox).orElse(List.of());
        return new Offer(
                kind,
                room.count(),
                CapacityOption.boxesFor(kind, room.count(), sharedBox),
                taken,
                usedUp,
                kind.supply(),
                work,
                against,
                taken.isEmpty() && !zones.isEmpty());
    }

    /// The resistor that has to be exchanged at a point.
    private static Optional<String> work(InputModel reads, Point point) {
        return reads.reads(point.loop().scheme())
                .filter(bands ->
                        point.loop().scheme().hasEndOfLine() && !point.kind().twoWire())
                .filter(bands -> bands.endOfLineOhms() != point.loop().endOfLineOhms())
                .map(bands -> Text.of(
                        "%s %s: fit %s at the end of the line in place of %s.",
                        point.id(),
                        point.name(),
                        Figures.ohms(bands.endOfLineOhms()),
                        Figures.ohms(point.loop().endOfLineOhms())));
    }

    private static int left(Parts job, ModuleKind kind) {
        long fitted = job.modules().stream()
                .filter(module -> module.kindId().equals(kind.id()))
                .count();
        return (int) Math.max(0, kind.mostOf() - fitted);
    }

    /// The inputs of as many converters of one kind as the panel takes.
    private static final class Room {
        private final int each;
        private final int twoWireEach;
        private final int most;
        private int ordinary;
        private int twoWire;

        Room(ModuleKind kind, int most) {
            this.twoWireEach = (int) kind.reserved().stream()
                    .filter(ModuleKind.ReservedInput::twoWire)
                    .count();
            this.each = kind.inputs() - kind.reserved().size();
            this.most = most;
        }

        /// Why a point finds no place; it is given one where it does.
        Optional<String> refuses(InputModel reads, Point point) {
            String title = point.id() + " " + point.name();
            if (point.kind().twoWire()) {
                if (twoWire >= twoWireEach * most) {
                    return Optional.of(Text.of("%s: it has no input left for two-wire detectors.", title));
                }
                twoWire++;
                return Optional.empty();
            }
            Optional<SchemeBands> bands = reads.reads(point.loop().scheme());
            if (bands.isEmpty()) {
                return Optional.of(Text.of(
                        "%s: it does not read %s.", title, point.loop().scheme().words()));
            }
            if (ordinary >= each * most) {
                return Optional.of(Text.of("%s: no input is left.", title));
            }
            ordinary++;
            return Optional.empty();
        }

        int count() {
            int byOrdinary = each == 0 ? 0 : (ordinary + each - 1) / each;
            int byTwoWire = twoWireEach == 0 ? 0 : (twoWire + twoWireEach - 1) / twoWireEach;
            return Math.max(byOrdinary, byTwoWire);
        }
    }
}
