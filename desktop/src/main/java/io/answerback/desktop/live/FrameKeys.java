package io.answerback.desktop.live;

import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.files.secret.StationKeys;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/// What frames are encrypted with: the key that the station gave for the account, while the keys of this
/// computer are open; else one that the panel in the model and the practice station share for as long as the
/// window is open. Those are made anew at each start and are kept nowhere. For any thread.
public final class FrameKeys {
    private final Map<Integer, EncryptionKey> ofSession = Map.of(128, random(128), 192, random(192), 256, random(256));
    private final Supplier<StationKeys> stored;

    /// @param stored the keys of this computer; none while they are locked
    public FrameKeys(Supplier<StationKeys> stored) {
        this.stored = stored;
    }

    private static EncryptionKey random(int bits) {
        byte[] bytes = new byte[bits / 8];
        new SecureRandom().nextBytes(bytes);
        return EncryptionKey.of(HexFormat.of().formatHex(bytes));
    }

    /// The key for frames of an account to a receiver; empty for a receiver that takes them in the clear.
    public Optional<EncryptionKey> of(Receiver receiver, String account) {
        return given(receiver, account)
                .or(() -> Optional.ofNullable(ofSession.get(receiver.reception().keyBits())));
    }

    /// The key that the station gave for an account, of the length the receiver takes; empty while there is
    /// none, or while the keys are locked.
    public Optional<EncryptionKey> given(Receiver receiver, String account) {
        int bits = receiver.reception().keyBits();
        return StationKeys.Place.of(receiver.name(), account)
                .flatMap(stored.get()::of)
                .filter(key -> key.bits() == bits);
    }

    /// Every key that a frame of an account may be encrypted with, those that stations gave first.
    List<EncryptionKey> ofAccount(String account) {
        List<EncryptionKey> all = new ArrayList<>(stored.get().ofAccount(account));
        all.addAll(ofSession.values());
        return all;
    }
}
