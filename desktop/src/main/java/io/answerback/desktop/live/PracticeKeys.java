package io.answerback.desktop.live;

import io.answerback.core.format.EncryptionKey;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Keys that the panel in the model and the practice station share for as long as the window is open, one of
/// each length. They are made anew at each start, are kept nowhere, and are never those of a real station.
final class PracticeKeys {
    private final Map<Integer, EncryptionKey> keys = Map.of(128, random(128), 192, random(192), 256, random(256));

    private static EncryptionKey random(int bits) {
        byte[] bytes = new byte[bits / 8];
        new SecureRandom().nextBytes(bytes);
        return EncryptionKey.of(HexFormat.of().formatHex(bytes));
    }

    /// The key of a length; empty for 0 bits.
    Optional<EncryptionKey> of(int bits) {
        return Optional.ofNullable(keys.get(bits));
    }

    List<EncryptionKey> all() {
        return List.copyOf(keys.values());
    }
}
