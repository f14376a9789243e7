package io.answerback.core.model.path;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record NetworkPlan(
        boolean byRouter,
        boolean reserved,
        String address,
        String mask,
        String gateway,
        String nameServer,
        List<String> taken)
        implements NetworkPlanBuilder.With {
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
}
