package io.answerback.files.secret;

import io.answerback.core.signal.format.EncryptionKey;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// The keys that stations gave, each for one account at one receiver. Never changes. Its text never shows a key.
public final class StationKeys {
    private static final Comparator<Place> BY_RECEIVER =
            Comparator.comparing(Place::receiver).thenComparing(Place::account);

    /// No keys.
    public static final StationKeys NONE = new StationKeys(Map.of());

    private final Map<Place, EncryptionKey> keys;

    /// What a key is for.
    ///
    /// @param receiver the name of the receiver
    /// @param account the account there, in hexadecimal digits
    public record Place(String receiver, String account) {
        /// @throws IllegalArgumentException when the receiver has no name, or the account is none
        public Place {
            receiver = receiver.strip();
            account = account.strip().toUpperCase(Locale.ROOT);
            if (receiver.isEmpty()) {
                throw new IllegalArgumentException("a key needs the name of its receiver");
            }
            if (!account.matches("[0-9A-F]{3,16}")) {
                throw new IllegalArgumentException(
                        "account is \"" + account + "\"; a key needs an account of 3 to 16 of 0-9 and A-F");
            }
        }

        /// What a key is for; empty when the receiver has no name, or the account is none.
        public static Optional<Place> of(String receiver, String account) {
            try {
                return Optional.of(new Place(receiver, account));
            } catch (IllegalArgumentException none) {
                return Optional.empty();
            }
        }
    }

    StationKeys(Map<Place, EncryptionKey> keys) {
        Map<Place, EncryptionKey> sorted = new TreeMap<>(BY_RECEIVER);
        sorted.putAll(keys);
        this.keys = sorted;
    }

    /// The key for an account at a receiver.
    public Optional<EncryptionKey> of(Place place) {
        return Optional.ofNullable(keys.get(place));
    }

    /// All keys for an account, whatever the receiver: a frame names its account only.
    public List<EncryptionKey> ofAccount(String account) {
        return keys.entrySet().stream()
                .filter(its -> its.getKey().account().equalsIgnoreCase(account))
                .map(Map.Entry::getValue)
                .toList();
    }

    /// What there are keys for, by receiver and account.
    public Set<Place> places() {
        return Set.copyOf(keys.keySet());
    }

    Map<Place, EncryptionKey> all() {
        return Map.copyOf(keys);
    }

    /// The same with a key, in place of the one that was there for the same account.
    public StationKeys with(Place place, EncryptionKey key) {
        Map<Place, EncryptionKey> more = new HashMap<>(keys);
        more.put(place, key);
        return new StationKeys(more);
    }

    /// The same with a key under another receiver's name or account; without that key the same. A key that was
    /// there before is replaced.
    public StationKeys moved(Place from, Place to) {
        return of(from).map(key -> without(from).with(to, key)).orElse(this);
    }

    /// Where else keys for the same account are kept, under other names of a receiver.
    public List<Place> elsewhere(Place place) {
        return keys.keySet().stream()
                .filter(its -> its.account().equals(place.account()) && !its.equals(place))
                .toList();
    }

    /// The same without the key for an account.
    public StationKeys without(Place place) {
        Map<Place, EncryptionKey> fewer = new HashMap<>(keys);
        fewer.remove(place);
        return new StationKeys(fewer);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof StationKeys its && keys.equals(its.keys);
    }

    @Override
    public int hashCode() {
        return keys.hashCode();
    }

    @Override
    public String toString() {
        return "keys for " + keys.keySet();
    }
}
