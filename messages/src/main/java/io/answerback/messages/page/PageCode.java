package io.answerback.messages.page;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;

/// The code that opens the page, and who has opened it. Guessing is slow: after each wrong code nobody is let in for a
/// while that doubles, and after ten wrong codes the page stays locked until it is opened anew in the window.
final class PageCode {
    private static final int DIGITS = 1_000_000;
    private static final int TOKEN_BYTES = 16;
    private static final int MOST_WRONG = 10;
    private static final long FIRST_WAIT_MILLIS = 1000;

    private final SecureRandom random = new SecureRandom();
    private final String code = "%06d".formatted(random.nextInt(DIGITS));
    private final Set<String> tokens = new HashSet<>();
    private final LongSupplier millis;
    private int wrong;
    private long closedUntil = Long.MIN_VALUE;

    /// @param millis a clock that never jumps, in milliseconds
    PageCode(LongSupplier millis) {
        this.millis = millis;
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

    /// How many wrong codes were tried.
    synchronized int wrong() {
        return wrong;
    }

    /// Somebody tries a code.
    synchronized Try open(String typed) {
        if (wrong >= MOST_WRONG) {
            return new Try(Optional.empty(), "Locked after too many wrong codes. Open the page anew in the window.");
        }
        long now = millis.getAsLong();
        if (now < closedUntil) {
            return new Try(Optional.empty(), "Wait " + (closedUntil - now + 999) / 1000 + " s before the next try.");
        }
        if (!same(typed)) {
            wrong++;
            closedUntil = now + (FIRST_WAIT_MILLIS << wrong - 1);
            return new Try(Optional.empty(), "That is not the code.");
        }
        wrong = 0;
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
