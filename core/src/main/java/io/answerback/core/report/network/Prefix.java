package io.answerback.core.report.network;

import java.math.BigInteger;

/// How many bits of an address name its network.
public final class Prefix {
    private Prefix() {}

    /// The count, from a mask such as 255.255.255.0, or from the count itself, such as /24.
    ///
    /// @param bits bits of the address it belongs to, 32 or 128
    /// @throws IllegalArgumentException when it is none, or its ones do not stand together
    public static int of(String typed, int bits) {
        String text = typed.strip();
        String count = text.startsWith("/") ? text.substring(1) : text;
        if (count.matches("\\d{1,3}")) {
            return within(Integer.parseInt(count), bits, text);
        }
        if (bits != Address.IPV4) {
            throw new IllegalArgumentException("\"" + text + "\" is no length of a prefix; write it as /64");
        }
        BigInteger mask = Address.of(text).value();
        int ones = mask.bitCount();
        int zeros = mask.getLowestSetBit() < 0 ? Address.IPV4 : mask.getLowestSetBit();
        if (ones + zeros != Address.IPV4) {
            throw new IllegalArgumentException(
                    text + " is no mask: its ones must stand together, as in 255.255.255.0 or 255.255.254.0");
        }
        return within(ones, bits, text);
    }

    /// A network with one or two addresses has no room for a router and a communicator.
    private static int within(int prefix, int bits, String text) {
        int most = bits - 2;
        if (prefix < 1 || prefix > most) {
            throw new IllegalArgumentException(
                    text + " leaves no network with a router in it; it must be from /1 to /" + most);
        }
        return prefix;
    }
}
