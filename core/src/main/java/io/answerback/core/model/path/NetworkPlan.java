package io.answerback.core.model.path;

import java.util.List;

/// How the communicator gets its address, as it was typed: what is wrong with it, the check of addresses says.
///
/// @param byRouter whether the router hands it out (DHCP); the other fields but `reserved` are then not used
/// @param reserved whether the router keeps the same address for it
/// @param address its own address; empty while not known
/// @param mask the mask of its network, or the length of the prefix, such as /24; empty while not known
/// @param gateway the address of the router; empty while not known
/// @param nameServer the server that resolves names; empty for none
/// @param taken other addresses of that network that are in use
public record NetworkPlan(
        boolean byRouter,
        boolean reserved,
        String address,
        String mask,
        String gateway,
        String nameServer,
        List<String> taken) {
    /// The router hands the address out, and may hand out another.
    public static final NetworkPlan BY_ROUTER = new NetworkPlan(true, false, "", "", "", "", List.of());

    private static final int LONGEST = 60;

    /// @throws IllegalArgumentException when a field has more than 60 letters
    public NetworkPlan {
        address = field(address, "address");
        mask = field(mask, "mask");
        gateway = field(gateway, "gateway");
        nameServer = field(nameServer, "name server");
        taken = taken == null
                ? List.of()
                : taken.stream().map(its -> field(its, "address in use")).toList();
    }

    private static String field(String text, String what) {
        String bare = text == null ? "" : text.strip();
        if (bare.length() > LONGEST) {
            throw new IllegalArgumentException(
                    what + " has " + bare.length() + " letters; no address has more than 45");
        }
        return bare;
    }

    /// The same by the router, or with a fixed address.
    public NetworkPlan withByRouter(boolean other) {
        return new NetworkPlan(other, reserved, address, mask, gateway, nameServer, taken);
    }

    /// The same with the address reserved in the router, or not.
    public NetworkPlan withReserved(boolean other) {
        return new NetworkPlan(byRouter, other, address, mask, gateway, nameServer, taken);
    }

    /// The same with another address.
    public NetworkPlan withAddress(String other) {
        return new NetworkPlan(byRouter, reserved, other, mask, gateway, nameServer, taken);
    }

    /// The same with another mask.
    public NetworkPlan withMask(String other) {
        return new NetworkPlan(byRouter, reserved, address, other, gateway, nameServer, taken);
    }

    /// The same with another gateway.
    public NetworkPlan withGateway(String other) {
        return new NetworkPlan(byRouter, reserved, address, mask, other, nameServer, taken);
    }

    /// The same with another name server.
    public NetworkPlan withNameServer(String other) {
        return new NetworkPlan(byRouter, reserved, address, mask, gateway, other, taken);
    }

    /// The same with other addresses in use.
    public NetworkPlan withTaken(List<String> other) {
        return new NetworkPlan(byRouter, reserved, address, mask, gateway, nameServer, other);
    }
}
