package io.answerback.core.model.site;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// What is on the keypad bus: which addresses the modules answer to, what the panel has learned, and what is
/// not on the wall.
///
/// @param addresses the addresses the modules are set to; two modules at one address are a fault of the wall
/// @param learned what the panel has learned, at most one an address; empty while nobody has read it out
/// @param absent the modules of the job that are not on the wall yet or no more
/// @param service the address of a service keypad that is on the bus for now; empty for none
/// @param terminated the modules at which the bus has a terminator
@RecordBuilder
public record Bus(
        List<BusAddress> addresses,
        List<Learned> learned,
        List<ModuleId> absent,
        Optional<Integer> service,
        List<ModuleId> terminated)
        implements BusBuilder.With {
    /// Nothing decided.
    public static final Bus UNDECIDED = new Bus(List.of(), List.of(), List.of(), Optional.empty());

    /// @throws IllegalArgumentException when an address is given to one module or learned twice
    public Bus {
        addresses = Keyed.of(
                addresses == null ? List.of() : addresses,
                given -> given.module() + " at address " + given.address(),
                "addresses",
                "module");
        learned = Keyed.of(
                learned == null ? List.of() : learned,
                its -> Integer.toString(its.address()),
                "learned",
                "module learned at address");
        service = service == null ? Optional.empty() : service;
        service.ifPresent(its -> Require.within(its, 0, 255, "address of the service keypad"));
        absent = List.copyOf(new TreeSet<>(absent == null ? List.of() : absent));
        terminated = List.copyOf(new TreeSet<>(terminated == null ? List.of() : terminated));
    }

    /// A bus without terminators.
    public Bus(List<BusAddress> addresses, List<Learned> learned, List<ModuleId> absent, Optional<Integer> service) {
        this(addresses, learned, absent, service, List.of());
    }

    /// The addresses of a module, lowest first.
    public List<BusAddress> of(ModuleId module) {
        return addresses.stream()
                .filter(given -> given.module().equals(module))
                .sorted((one, other) -> Integer.compare(one.address(), other.address()))
                .toList();
    }

    /// The first address of a module; empty while it has none.
    public Optional<Integer> address(ModuleId module) {
        return of(module).stream().map(BusAddress::address).findFirst();
    }

    /// Who has an address; empty while it is free.
    public Optional<BusAddress> at(int address) {
        return addresses.stream().filter(given -> given.address() == address).findFirst();
    }

    /// What the panel has learned at an address; empty for nothing.
    public Optional<Learned> learnedAt(int address) {
        return learned.stream().filter(its -> its.address() == address).findFirst();
    }

    /// Whether a module is on the wall.
    public boolean present(ModuleId module) {
        return !absent.contains(module);
    }

    /// The same with other addresses for a module, in place of those it has.
    ///
    /// @throws IllegalArgumentException when one is another module's
    public Bus withAddresses(ModuleId module, List<BusAddress> others) {
        for (BusAddress other : others) {
            at(other.address()).filter(given -> !given.module().equals(module)).ifPresent(given -> {
                throw new IllegalArgumentException(
                        Text.of("address %d is %s's; choose one that is free", other.address(), given.module()));
            });
        }
        Stream<BusAddress> rest =
                addresses.stream().filter(given -> !given.module().equals(module));
        return new Bus(Stream.concat(rest, others.stream()).toList(), learned, absent, service, terminated);
    }

    /// The same with something else learned.
    public Bus withLearned(UnaryOperator<List<Learned>> change) {
        return new Bus(addresses, change.apply(learned), absent, service, terminated);
    }

    /// The same with a module on the wall or not.
    public Bus withPresent(ModuleId module, boolean present) {
        Stream<ModuleId> rest = absent.stream().filter(its -> !its.equals(module));
        return new Bus(
                addresses,
                learned,
                present ? rest.toList() : Stream.concat(rest, Stream.of(module)).toList(),
                service,
                terminated);
    }

    /// The same without a module; what the panel has learned of it stays learned.
    public Bus without(ModuleId module) {
        return withAddresses(module, List.of())
                .withPresent(module, true)
                .withTerminated(
                        terminated.stream().filter(its -> !its.equals(module)).toList());
    }
}
