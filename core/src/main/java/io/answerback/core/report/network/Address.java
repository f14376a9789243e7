package io.answerback.core.report.network;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/// An address of IPv4 (RFC 791) or IPv6 (RFC 4291), as a number.
///
/// @param bits 32 or 128
/// @param value the address, from 0 to 2 to the power of its bits, less 1
public record Address(int bits, BigInteger value) {
    /// Bits of an address of IPv4.
    public static final int IPV4 = 32;
    /// Bits of an address of IPv6.
    public static final int IPV6 = 128;

    private static final int GROUPS = 8;

    /// The address that was typed.
    ///
    /// @throws IllegalArgumentException when it is none, saying which slip it has
    public static Address of(String typed) {
        String text = typed.strip();
        return text.contains(":") ? sixth(text) : fourth(text);
    }

    private static Address fourth(String text) {
        String[] parts = text.split("\\.", -1);
        if (parts.length != 4) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is no address; write four numbers with dots between, such as 192.168.1.20");
        }
        BigInteger value = BigInteger.ZERO;
        for (String part : parts) {
            value = value.shiftLeft(8).or(BigInteger.valueOf(number(part, text)));
        }
        return new Address(IPV4, value);
    }

    private static int number(String part, String text) {
        if (!part.matches("\\d{1,3}") || Integer.parseInt(part) > 255) {
            throw new IllegalArgumentException("\"" + part + "\" in " + text + " is no number from 0 to 255");
        }
        if (part.length() > 1 && part.startsWith("0")) {
            throw new IllegalArgumentException("\"" + part + "\" in " + text
                    + " begins with 0, which some devices read as another number; leave the 0 out");
        }
        return Integer.parseInt(part);
    }

    private static Address sixth(String text) {
        if (text.contains("%")) {
            throw new IllegalArgumentException("leave out what stands behind % in " + text);
        }
        int gap = text.indexOf("::");
        if (gap != text.lastIndexOf("::") || text.contains(":::")) {
            throw new IllegalArgumentException("\"::\" may stand once in an address; " + text + " has more");
        }
        List<Integer> head = groups(gap < 0 ? text : text.substring(0, gap), text);
        List<Integer> tail = gap < 0 ? List.of() : groups(text.substring(gap + 2), text);
        int there = head.size() + tail.size();
        if (gap < 0 ? there != GROUPS : there >= GROUPS) {
            throw new IllegalArgumentException(text + " has " + there
                    + " groups of digits; an address has 8, or fewer and \"::\" once, such as 2001:db8::20");
        }
        List<Integer> all = new ArrayList<>(head);
        for (int i = there; i < GROUPS; i++) {
            all.add(0);
        }
        all.addAll(tail);
        BigInteger value = BigInteger.ZERO;
        for (int group : all) {
            value = value.shiftLeft(16).or(BigInteger.valueOf(group));
        }
        return new Address(IPV6, value);
    }

    private static List<Integer> groups(String part, String text) {
        List<Integer> groups = new ArrayList<>();
        if (part.isEmpty()) {
            return groups;
        }
        for (String group : part.split(":", -1)) {
            if (!group.matches("[0-9A-Fa-f]{1,4}")) {
                throw new IllegalArgumentException(
                        "\"" + group + "\" in " + text + " is no group of 1 to 4 hexadecimal digits");
            }
            groups.add(Integer.parseInt(group, 16));
        }
        return groups;
    }

    /// The first bits of it, the others 0.
    ///
    /// @param prefix how many, 0 to its bits
    public Address network(int prefix) {
        return new Address(bits, value.shiftRight(bits - prefix).shiftLeft(bits - prefix));
    }

    /// The last address of its network.
    ///
    /// @param prefix how many bits name the network, 0 to its bits
    public Address last(int prefix) {
        BigInteger ones = BigInteger.ONE.shiftLeft(bits - prefix).subtract(BigInteger.ONE);
        return new Address(bits, value.or(ones));
    }

    /// Whether both are in one network.
    public boolean sharesNetwork(Address other, int prefix) {
        return bits == other.bits && network(prefix).equals(other.network(prefix));
    }

    /// Whether it is in the network that another address names.
    boolean in(String network, int prefix) {
        return sharesNetwork(of(network), prefix);
    }

    /// As it is written: with points, or in groups of hexadecimal digits.
    @Override
    public String toString() {
        List<String> parts = new ArrayList<>();
        int step = bits == IPV4 ? 8 : 16;
        for (int shift = bits - step; shift >= 0; shift -= step) {
            int part = value.shiftRight(shift)
                    .and(BigInteger.valueOf((1L << step) - 1))
                    .intValue();
            parts.add(bits == IPV4 ? Integer.toString(part) : Integer.toHexString(part));
        }
        return String.join(bits == IPV4 ? "." : ":", parts);
    }
}
