package io.answerback.core.report.network;

import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.report.network.AddressProblem.Field;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is wrong with a fixed address, field by field. IPv4 and IPv6; special addresses by RFC 6890 and RFC 4291.
public final class AddressCheck {
    private final NetworkPlan plan;
    private final boolean namesNeeded;
    private final List<AddressProblem> problems = new ArrayList<>();

    private AddressCheck(NetworkPlan plan, boolean namesNeeded) {
        this.plan = plan;
        this.namesNeeded = namesNeeded;
    }

    /// Everything that is wrong; nothing where the router hands the address out.
    ///
    /// @param namesNeeded whether a receiver is reached by a name, so that a name server is needed
    public static List<AddressProblem> of(NetworkPlan plan, boolean namesNeeded) {
        if (plan.byRouter()) {
            return List.of();
        }
        AddressCheck check = new AddressCheck(plan, namesNeeded);
        check.run();
        return List.copyOf(check.problems);
    }

    private void run() {
        Optional<Address> own = needed(plan.address(), Field.ADDRESS, "the communicator's own address");
        own.flatMap(AddressCheck::special).ifPresent(says -> wrong(Field.ADDRESS, says));
        Optional<Integer> prefix = own.flatMap(this::prefix);
        if (prefix.isPresent()) {
            host(own.get(), prefix.get(), Field.ADDRESS);
        }
        gateway(own, prefix);
        nameServer(own);
        own.ifPresent(this::taken);
    }

    private void wrong(Field field, String says) {
        problems.add(new AddressProblem(field, says));
    }

    private Optional<Address> needed(String typed, Field field, String what) {
        if (typed.isEmpty()) {
            wrong(field, what + " is missing; ask the network administrator");
            return Optional.empty();
        }
        return read(typed, field);
    }

    private Optional<Address> read(String typed, Field field) {
        try {
            return Optional.of(Address.of(typed));
        } catch (IllegalArgumentException slip) {
            wrong(field, slip.getMessage());
            return Optional.empty();
        }
    }

    private Optional<Integer> prefix(Address own) {
        if (plan.mask().isEmpty()) {
            wrong(Field.MASK, "the mask is missing; most sites have 255.255.255.0, but ask");
            return Optional.empty();
        }
        try {
            return Optional.of(Prefix.of(plan.mask(), own.bits()));
        } catch (IllegalArgumentException slip) {
            wrong(Field.MASK, slip.getMessage());
            return Optional.empty();
        }
    }

    /// An address that a device can have in this network.
    private void host(Address address, int prefix, Field field) {
        if (address.equals(address.network(prefix))) {
            wrong(field, address + " is the address of the network itself; no device can have it");
        } else if (address.bits() == Address.IPV4 && address.equals(address.last(prefix))) {
            wrong(field, address + " is the broadcast address of the network; no device can have it");
        }
    }

    private void gateway(Optional<Address> own, Optional<Integer> prefix) {
        Optional<Address> gateway = needed(plan.gateway(), Field.GATEWAY, "the router's address");
        if (gateway.isEmpty() || own.isEmpty()) {
            return;
        }
        if (gateway.get().bits() != own.get().bits()) {
            wrong(Field.GATEWAY, "one address is of IPv4 and the other of IPv6; both must be of the same");
        } else if (gateway.get().equals(own.get())) {
            wrong(Field.GATEWAY, "the communicator has the router's address; it needs one of its own");
        } else if (prefix.isPresent()) {
            if (gateway.get().sharesNetwork(own.get(), prefix.get())) {
                host(gateway.get(), prefix.get(), Field.GATEWAY);
            } else {
                wrong(
                        Field.GATEWAY,
                        gateway.get() + " is outside the network " + own.get().network(prefix.get()) + "/"
                                + prefix.get() + "; nothing gets past it");
            }
        }
    }

    private void nameServer(Optional<Address> own) {
        if (plan.nameServer().isEmpty()) {
            if (namesNeeded) {
                wrong(
                        Field.NAME_SERVER,
                        "a receiver is given by its name; without a name server it cannot be resolved");
            }
            return;
        }
        Optional<Address> server = read(plan.nameServer(), Field.NAME_SERVER);
        if (server.isPresent() && server.equals(own)) {
            wrong(Field.NAME_SERVER, "the communicator is no name server; give the router or another one");
        }
        server.flatMap(AddressCheck::special).ifPresent(says -> wrong(Field.NAME_SERVER, says));
    }

    private void taken(Address own) {
        for (String typed : plan.taken()) {
            if (read(typed, Field.TAKEN).filter(own::equals).isPresent()) {
                wrong(Field.ADDRESS, own + " is in use by another device; both would lose their connection");
            }
        }
    }

    /// Why no device on a site can have an address for itself; empty where it can.
    private static Optional<String> special(Address address) {
        if (address.bits() == Address.IPV6) {
            return specialSixth(address);
        }
        if (address.in("0.0.0.0", 8)) {
            return Optional.of(address + " is no address of a device");
        }
        if (address.in("127.0.0.0", 8)) {
            return Optional.of(address + " is a loopback address; no other device reaches it");
        }
        if (address.in("169.254.0.0", 16)) {
            return Optional.of(
                    address + " is what a device gives itself when no router answers; take one of the site's");
        }
        if (address.in("224.0.0.0", 3)) {
            return Optional.of(address + " is a multicast or reserved address; no device can have it");
        }
        return Optional.empty();
    }

    private static Optional<String> specialSixth(Address address) {
        if (address.in("::", 127)) {
            return Optional.of(address + " is no address of a device on a network");
        }
        if (address.in("fe80::", 10)) {
            return Optional.of(
                    address + " is link-local: it works on its own network segment only; take one of the site's");
        }
        if (address.in("ff00::", 8)) {
            return Optional.of(address + " is a multicast address; no device can have it");
        }
        return Optional.empty();
    }
}
