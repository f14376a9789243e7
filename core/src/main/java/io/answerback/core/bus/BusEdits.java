package io.answerback.core.bus;

import io.answerback.core.loop.zone.Unprogrammed;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Edits to what is on the keypad bus and where zones are read.
public final class BusEdits {
    private BusEdits() {}

    /// The addresses a kind of module could be given, lowest first.
    public static List<Integer> free(Parts job, String kindId) {
        return rule(job).stream()
                .flatMap(rule -> rule.addresses(kindId))
                .filter(address -> job.bus().at(address).isEmpty())
                .toList();
    }

    private static Optional<BusRule> rule(Parts job) {
        return job.panel().profile().bus();
    }

    /// Sets a module to an address, in place of those it has. Its inputs bring the zones of that address then;
    /// what is programmed stays.
    ///
    /// @throws IllegalArgumentException when applied and the address is none of its kind or another module's
    public static Edit address(ModuleId module, int address) {
        return new Edit("address", module, job -> {
            ModuleKind kind = kind(job, module);
            requireOf(job, kind, module, address);
            Job set = job.withBus(
                    job.bus().withAddresses(module, List.of(new BusAddress(address, module, Optional.empty()))));
            return moved(job, set, module, kind);
        });
    }

    private static ModuleKind kind(Job job, ModuleId module) {
        return job.kindOf(module)
                .orElseThrow(() -> new IllegalArgumentException(
                        Text.of("the panel's profile does not know what %s is", job.nameOf(module))));
    }

    private static void requireOf(Job job, ModuleKind kind, ModuleId module, int address) {
        Optional<BusRange> range = rule(job).flatMap(rule -> rule.range(kind.id()));
        range.filter(its -> its.offTheBus() || !its.holds(address)).ifPresent(its -> {
            throw new IllegalArgumentException(
                    its.offTheBus()
                            ? Text.of("%s has no address on the bus", job.nameOf(module))
                            : Text.of(
                                    "%s can have address %d to %d, not %d; free are %s",
                                    job.nameOf(module),
                                    its.leastAddress(),
                                    its.mostAddress(),
                                    address,
                                    free(job, kind.id())));
        });
    }

    /// Brings a module's inputs to the zones of its new address, but for those of a keypad that took over
    /// another zone.
    private static Job moved(Job before, Job set, ModuleId module, ModuleKind kind) {
        return set.withInputs(set.inputs().stream()
                .map(input -> input.module().equals(module) && !input.second() && follows(before, input, kind)
                        ? own(set, input, kind).map(input::withZone).orElse(input)
                        : input)
                .toList());
    }

    private static boolean follows(Job before, Input input, ModuleKind kind) {
        return kind.sort() != ModuleSort.KEYPAD
                || own(before, input, kind).filter(zone -> zone == input.zone()).isPresent();
    }

    /// The zone that is an input's own by the rule; empty where that does not say, or its module has no
    /// address.
    private static Optional<Integer> own(Job job, Input input, ModuleKind kind) {
        return job.bus()
                .address(input.module())
                .flatMap(address -> rule(job).flatMap(rule -> rule.zone(kind.id(), address, input.number())));
    }

    /// Programs the zones a module brings as its points were surveyed, and takes the programming of zones that
    /// no input brings away: what follows an address that was changed.
    public static Edit programmed(ModuleId module) {
        return new Edit("zones", module, job -> {
            Set<Integer> brought = job.inputs().stream().map(Input::zone).collect(Collectors.toSet());
            List<Zone> kept = job.zones().stream()
                    .filter(zone -> brought.contains(zone.number()))
                    .toList();
            return job.withZones(Unprogrammed.programmed(kept, unprogrammed(job, module)));
        });
    }

    /// The zones of a module that a point needs and nobody has programmed, with that point.
    public static Map<Integer, Point> unprogrammed(Job job, ModuleId module) {
        return Unprogrammed.of(job, input -> input.module().equals(module));
    }

    /// Sets a communicator that listens to one free keypad address for each area.
    ///
    /// @throws IllegalArgumentException when applied and there are fewer free addresses than areas
    public static Edit listening(ModuleId module) {
        return new Edit("addresses", module, job -> {
            ModuleKind kind = kind(job, module);
            Bus bus = job.bus().withAddresses(module, List.of());
            List<Integer> free = free(job.withBus(bus), kind.id());
            if (free.size() < job.areas().size()) {
                throw new IllegalArgumentException(Text.of(
                        "%s needs an address for each of %d areas; only %s are free",
                        job.nameOf(module), job.areas().size(), free));
            }
            List<BusAddress> given = new ArrayList<>();
            for (int i = 0; i < job.areas().size(); i++) {
                given.add(new BusAddress(
                        free.get(i), module, Optional.of(job.areas().get(i).number())));
            }
            return job.withBus(bus.withAddresses(module, given));
        });
    }

    /// Gives every module that has none the address whose zones its inputs bring already, or else the lowest
    /// that is free. Modules for which there is none stay without.
    public static Edit giveAddresses() {
        return new Edit("addresses for all modules", job -> {
            Job next = job;
            for (var module : job.modules()) {
                Optional<ModuleKind> kind = job.kindOf(module);
                if (kind.isPresent() && next.bus().of(module.id()).isEmpty()) {
                    next = addressed(next, module.id(), kind.get());
                }
            }
            return next;
        });
    }

    /// A job with the address proposed for a module that was just fitted; as it is where the rule says none or
    /// none is free.
    public static Job addressed(Job job, ModuleId module, ModuleKind kind) {
        List<Integer> free = free(job, kind.id());
        if (free.isEmpty()) {
            return job;
        }
        if (kind.sort() == ModuleSort.COMMUNICATOR) {
            return free.size() < job.areas().size() ? job : listening(module).on(job);
        }
        int address = home(job, module, kind).filter(free::contains).orElse(free.getFirst());
        return address(module, address).on(job);
    }

    /// The first zones modules of a kind would bring at the addresses that are free, lowest first; for a kind
    /// without addresses those of the rule.
    public static Stream<Integer> firstZones(Job job, String kindId) {
        Optional<BusRule> rule = rule(job);
        boolean offTheBus = rule.flatMap(its -> its.range(kindId))
                .filter(BusRange::offTheBus)
                .isPresent();
        Stream<Integer> addresses = offTheBus ? Stream.of(0) : free(job, kindId).stream();
        return addresses.flatMap(address -> rule.flatMap(its -> its.zone(kindId, address, 1)).stream());
    }

    private static Optional<Integer> home(Job job, ModuleId module, ModuleKind kind) {
        return job.inputs().stream()
                .filter(input -> input.module().equals(module) && !input.second())
                .findFirst()
                .flatMap(input -> rule(job)
                        .flatMap(rule -> rule.home(input.zone()))
                        .filter(home -> home.range().kinds().contains(kind.id()) && home.place() == input.number())
                        .map(BusRule.Home::address));
    }

    /// An input on a keypad takes over the number of a zone; the zone it had is programmed no more, and the new
    /// one as its point was surveyed.
    ///
    /// @throws IllegalArgumentException when applied and the input is on no keypad or the panel has no such
    ///     zone
    public static Edit takeOver(InputId inputId, int zone) {
        return new Edit("zone", inputId, job -> {
            Input input = input(job, inputId);
            int most = job.panel().profile().capacity().zones();
            if (kind(job, input.module()).sort() != ModuleSort.KEYPAD) {
                throw new IllegalArgumentException(
                        Text.of("%s is on no keypad; only a keypad's input can take over a zone", job.nameOf(input)));
            }
            if (zone < 1 || zone > most) {
                throw new IllegalArgumentException(
                        Text.of("the panel has zones 1 to %d; there is no zone %d", most, zone));
            }
            Job taken = job.withInputs(with(job, input.withZone(zone)));
            return input.pointId()
                    .flatMap(job::point)
                    .map(point -> programmed(taken, input.zone(), zone, point))
                    .orElse(taken);
        });
    }

    private static Job programmed(Job job, int left, int zone, Point point) {
        Stream<Zone> rest = job.zones().stream().filter(its -> its.number() != left && its.number() != zone);
        Zone now = new Zone(zone, point.surveyed().type(), point.surveyed().area(), Optional.empty());
        return job.withZones(Stream.concat(rest, Stream.of(now)).toList());
    }

    /// A keypad's input has its own number again. What is programmed stays: the zone falls back to the input
    /// whose number it is.
    ///
    /// @throws IllegalArgumentException when applied and the rule does not say what its own number is
    public static Edit release(InputId inputId) {
        return new Edit("release", inputId, job -> {
            Input input = input(job, inputId);
            int own = own(job, input, kind(job, input.module()))
                    .orElseThrow(() -> new IllegalArgumentException(Text.of(
                            "%s has no number of its own; give %s an address first",
                            job.nameOf(input), job.nameOf(input.module()))));
            return job.withInputs(with(job, input.withZone(own)));
        });
    }

    private static Input input(Job job, InputId inputId) {
        return job.inputs().stream()
                .filter(input -> input.id().equals(inputId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no input " + inputId));
    }

    private static List<Input> with(Job job, Input changed) {
        return job.inputs().stream()
                .map(input -> input.id().equals(changed.id()) ? changed : input)
                .toList();
    }
}
