package io.answerback.desktop.live;

import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.desktop.work.Background;
import io.answerback.files.secret.KeyFile;
import io.answerback.files.secret.MailPasswords;
import io.answerback.files.secret.Secrets;
import io.answerback.files.secret.StationKeys;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// The keys that stations gave and the passwords of mail servers, as far as this window may use them: from when
/// they are opened with their pass phrase until they are locked or the window closes. Called on the JavaFX
/// thread; the file is read and written off it.
public final class StoredKeys {
    /// How far the keys can be used.
    public enum State {
        /// There are none on this computer yet.
        NONE,
        /// There are keys, locked.
        LOCKED,
        /// They are being opened or changed.
        WORKING,
        /// They are open.
        OPEN
    }

    private final Path folder;
    private final Background background;
    private final int rounds;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.NONE);
    private volatile Secrets secrets = Secrets.NONE;
    private Optional<KeyFile> opened = Optional.empty();

    /// The keys in a folder, locked.
    ///
    /// @param folder where the application keeps what it remembers
    public StoredKeys(Path folder, Background background) {
        this(folder, background, KeyFile.ROUNDS);
    }

    /// The keys in a folder, locked, where a new file has another number of rounds than [KeyFile#ROUNDS].
    ///
    /// @param rounds what a guess of the pass phrase of a new file costs
    public StoredKeys(Path folder, Background background, int rounds) {
        this.folder = folder;
        this.background = background;
        this.rounds = rounds;
        look();
    }

    private void look() {
        background.run(() -> KeyFile.exists(folder), there -> {
            if (there && state.get() == State.NONE) {
                state.set(State.LOCKED);
            }
        });
    }

    /// How far they can be used now.
    public ReadOnlyObjectProperty<State> state() {
        return state.getReadOnlyProperty();
    }

    /// The keys; none while they are locked. For any thread.
    public StationKeys keys() {
        return secrets.keys();
    }

    /// The passwords of mail servers; none while they are locked. For any thread.
    public MailPasswords passwords() {
        return secrets.passwords();
    }

    /// Begins to keep keys on this computer.
    ///
    /// @param passPhrase wiped afterwards
    /// @param wrong told why not, in one line
    public void begin(char[] passPhrase, Consumer<String> wrong) {
        opening(() -> KeyFile.begin(folder, passPhrase, rounds), passPhrase, wrong);
    }

    /// Opens the keys.
    ///
    /// @param passPhrase wiped afterwards
    /// @param wrong told why not, in one line
    public void open(char[] passPhrase, Consumer<String> wrong) {
        opening(() -> KeyFile.open(folder, passPhrase), passPhrase, wrong);
    }

    private record Opening(KeyFile file, Secrets secrets) {}

    private void opening(Callable<KeyFile> how, char[] passPhrase, Consumer<String> wrong) {
        State before = state.get();
        state.set(State.WORKING);
        background.run(
                () -> {
                    try {
                        KeyFile file = how.call();
                        return new Opening(file, file.secrets());
                    } finally {
                        Arrays.fill(passPhrase, ' ');
                    }
                },
                opening -> {
                    opened = Optional.of(opening.file());
                    secrets = opening.secrets();
                    state.set(State.OPEN);
                },
                why -> {
                    state.set(before);
                    look();
                    wrong.accept(why);
                });
    }

    /// Locks them: nothing uses them until they are opened again.
    public void lock() {
        if (opened.isPresent()) {
            opened = Optional.empty();
            secrets.wipe();
            secrets = Secrets.NONE;
            state.set(State.LOCKED);
        }
    }

    /// Keeps a key for an account, in place of the one before.
    ///
    /// @param typed the key in hexadecimal digits; wiped afterwards
    /// @param bits the length that the receiver takes
    /// @param wrong told why not, in one line; it never repeats the key
    public void keep(StationKeys.Place place, char[] typed, int bits, Consumer<String> wrong) {
        try {
            EncryptionKey key = EncryptionKey.of(typed);
            if (key.bits() != bits) {
                wrong.accept("the key has " + key.bits() + " bits; " + place.receiver() + " takes " + bits);
                return;
            }
            change(all -> all.keys(keys -> keys.with(place, key)), wrong);
        } catch (IllegalArgumentException none) {
            wrong.accept(none.getMessage());
        } finally {
            Arrays.fill(typed, ' ');
        }
    }

    /// Removes the key for an account.
    ///
    /// @param wrong told why not, in one line
    public void remove(StationKeys.Place place, Consumer<String> wrong) {
        change(all -> all.keys(keys -> keys.without(place)), wrong);
    }

    /// Keeps a key under another name of its receiver.
    ///
    /// @param wrong told why not, in one line
    public void move(StationKeys.Place from, StationKeys.Place to, Consumer<String> wrong) {
        change(all -> all.keys(keys -> keys.moved(from, to)), wrong);
    }

    /// Keeps the password of an account at a mail server, in place of the one before.
    ///
    /// @param password not empty; wiped afterwards
    /// @param wrong told why not, in one line
    public void keep(MailPasswords.Login login, char[] password, Consumer<String> wrong) {
        change(
                all -> {
                    Secrets kept = all.passwords(passwords -> passwords.with(login, password));
                    Arrays.fill(password, ' ');
                    return kept;
                },
                wrong);
    }

    /// Removes the password of an account at a mail server.
    ///
    /// @param wrong told why not, in one line
    public void remove(MailPasswords.Login login, Consumer<String> wrong) {
        change(all -> all.passwords(passwords -> passwords.without(login)), wrong);
    }

    private void change(UnaryOperator<Secrets> change, Consumer<String> wrong) {
        opened.ifPresent(file -> {
            state.set(State.WORKING);
            background.run(
                    () -> file.change(change),
                    changed -> {
                        secrets = changed;
                        state.set(State.OPEN);
                    },
                    why -> {
                        state.set(State.OPEN);
                        wrong.accept(why);
                    });
        });
    }
}
