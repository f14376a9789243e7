package io.answerback.messages.page;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;

/// The code that opens the page, and who has opened it. Guessing is slow, for each address by itself, so that a
/// stranger who guesses does not shut the engineer out: after each wrong code the address waits for a while
/// that doubles, and after ten it is locked until the page is opened anew in the window. After a thousand
/// wrong codes of all addresses together, which is one in a thousand of all codes, the page is locked for
/// all.
final class PageCode {
    private static final int DIGITS = 1_000_000;
    private static final int TOKEN_BYTES = 16;
    private static final int MOST_WRONG = 10;
    private static final int MOST_WRONG_OF_ALL = 1000;
    private static final long FIRST_WAIT_MILLIS = 1000;

    private final SecureRandom random = new SecureRandom();
    private final String code = "%06d".formatted(random.nextInt(DIGITS));
    private final Set<String> tokens = new HashSet<>();
    private final LongSupplier millis;
    private final Map<String, Wrong> byAddress = new HashMap<>();
    private int wrong;

    /// @param millis a clock that never jumps, in milliseconds
    PageCode(LongSupplier millis) {
        this.millis = millis;
    }

    /// How many wrong codes an address has tried since its last right one, and until when it waits.
    private record Wrong(int codes, long closedUntil) {
        static final Wrong NONE = new Wrong(0, Long.MIN_VALUE);

        Wrong again(long now) {
            return new Wrong(codes + 1, now + (FIRST_WAIT_MILLIS << codes));
        }
    }

    /// What came of a code.
    ///
    /// @param token what opens the page from now on; empty when it stays shut
    /// @param says why it stays shut; empty when it opens
    record Try(Optional<String> token, String says) {}

    /// The code, to be shown in the window.
    String code() {
        return code;
    }

    /// How many wrong codes were tried from all addresses.
    synchronized int wrong() {
        return wrong;
    }

    /// Somebody tries a code.
    ///
    /// @param address from where
    synchronized Try open(String typed, String address) {
        Wrong its = byAddress.getOrDefault(address, Wrong.NONE);
        if (its.codes() >= MOST_WRONG || wrong >= MOST_WRONG_OF_ALL) {
            return new Try(Optional.empty(), "Locked after too many wrong codes. Open the page anew in the window.");
        }
        long now = millis.getAsLong();
        if (now < its.closedUntil()) {
            return new Try(
                    Optional.empty(), "Wait " + (its.closedUntil() - now + 999) / 1000 + " s before the next try.");
        }
        if (!same(typed)) {
            wrong++;
            byAddress.put(address, its.again(now));
            return new Try(Optional.empty(), "That is not the code.");
        }
        byAddress.remove(address);
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = HexFormat.of().formatHex(bytes);
        tokens.add(token);
        return new Try(Optional.of(token), "");
    }

    /// Takes as long for a code that is nearly right as for any other.
    private boolean same(String typed) {
        return MessageDigest.isEqual(
                typed.strip().getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }

    /// Whether somebody has opened the page with the code.
    synchronized boolean opened(String token) {
        return tokens.contains(token);
    }
}
