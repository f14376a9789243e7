package io.answerback.files.secret;

import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.DiskWords;
import io.answerback.files.OwnerOnly;
import io.answerback.files.SafeFile;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The keys that stations gave and the passwords of mail servers, in one file in the application's folder,
/// opened with its pass phrase. The file holds nothing in the clear but how it is encrypted. Blocks; use it
/// off the window's thread.
public final class KeyFile {
    /// Rounds of PBKDF2 in a new file, so that a guess of its pass phrase takes some tenths of a second.
    public static final int ROUNDS = 600_000;

    private static final String NAME = "station-keys.json";
    private static final String LOCK = ".station-keys.lock";
    private static final String FORMAT = "answerback-station-keys";
    /// The second has passwords beside the keys; a file without any is written as the first.
    private static final Set<Integer> VERSIONS = Set.of(1, 2);
    private static final int LARGEST_BYTES = 4 << 20;
    private static final String NEXT = "Move it away and type the keys again, or bring back a copy.";
    private static final int MOST_ROUNDS = 10_000_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Path file;
    private final PassPhrase passPhrase;

    private KeyFile(Path file, PassPhrase passPhrase) {
        this.file = file;
        this.passPhrase = passPhrase;
    }

    /// Whether there is such a file in a folder.
    public static boolean exists(Path folder) {
        return Files.exists(folder.resolve(NAME));
    }

    /// Begins a file without keys.
    ///
    /// @param typed the pass phrase: 12 letters or more
    /// @throws BrokenFile when the pass phrase is too short, or there is such a file already
    /// @throws IOException when the disk refuses
    public static KeyFile begin(Path folder, char[] typed) throws BrokenFile, IOException {
        return begin(folder, typed, ROUNDS);
    }

    /// Begins a file without keys, with another number of rounds of PBKDF2 than [#ROUNDS]. With fewer, a
    /// guess of the pass phrase costs less.
    ///
    /// @param typed the pass phrase: 12 letters or more
    /// @param rounds 1 or more
    /// @throws BrokenFile when the pass phrase is too short, or there is such a file already
    /// @throws IOException when the disk refuses
    /// @throws IllegalArgumentException when there are no rounds
    public static KeyFile begin(Path folder, char[] typed, int rounds) throws BrokenFile, IOException {
        if (typed.length < PassPhrase.LEAST_LETTERS) {
            throw new BrokenFile("The pass phrase has " + typed.length + " letters; take " + PassPhrase.LEAST_LETTERS
                    + " or more, such as four words that have nothing to do with each other.");
        }
        KeyFile begun = new KeyFile(folder.resolve(NAME), PassPhrase.of(typed, random(PassPhrase.SALT_BYTES), rounds));
        return alone(begun.file, () -> {
            if (exists(folder)) {
                throw new BrokenFile("There are keys on this computer already. Open them with their pass phrase.");
            }
            begun.write(Secrets.NONE);
            return begun;
        });
    }

    /// Opens the file in a folder.
    ///
    /// @throws WrongPassPhrase when the pass phrase is not the one it is encrypted with, or a byte of it has
    ///     changed
    /// @throws BrokenFile when it is no such file
    public static KeyFile open(Path folder, char[] typed) throws BrokenFile {
        Path file = folder.resolve(NAME);
        Sealed sealed = Boundary.read(file.toString(), NEXT, () -> sealed(file));
        KeyFile opened = new KeyFile(file, PassPhrase.of(typed, sealed.salt(), sealed.rounds()));
        opened.secrets();
        return opened;
    }

    /// What is in the file now.
    ///
    /// @throws WrongPassPhrase when the file has got another pass phrase since, or was damaged
    /// @throws BrokenFile when it is no such file any more
    public Secrets secrets() throws BrokenFile {
        Sealed sealed = Boundary.read(file.toString(), NEXT, () -> sealed(file));
        if (!passPhrase.fits(sealed.salt(), sealed.rounds())) {
            throw new WrongPassPhrase();
        }
        return read(passPhrase.decrypt(sealed.secret(), sealed.nonce()), file);
    }

    /// Changes what is in the file, which another window may have changed since it was opened.
    ///
    /// @return what it holds then
    /// @throws WrongPassPhrase when the file has got another pass phrase since, or was damaged; it stays as
    ///     it is
    /// @throws BrokenFile when it is no such file any more
    /// @throws IOException when the disk refuses; the file is then unchanged
    public Secrets change(UnaryOperator<Secrets> change) throws BrokenFile, IOException {
        return alone(file, () -> {
            Secrets changed = change.apply(secrets());
            write(changed);
            return changed;
        });
    }

    /// Does something while no other window or program of this computer reads the file to change it.
    private static <T> T alone(Path file, Boundary.Reading<T> what) throws BrokenFile, IOException {
        OwnerOnly.folder(file.toAbsolutePath().getParent());
        synchronized (KeyFile.class) {
            try (FileChannel channel =
                    FileChannel.open(file.resolveSibling(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
                channel.lock();
                return what.read();
            }
        }
    }

    /// What the file holds, still encrypted.
    private record Sealed(byte[] salt, int rounds, byte[] nonce, byte[] secret) {}

    private static Sealed sealed(Path file) throws BrokenFile {
        try {
            if (Files.size(file) > LARGEST_BYTES) {
                throw broken(file, "it is larger than 4 MB");
            }
            JsonNode root = JSON.readTree(Files.readString(file));
            if (!root.path("format").asString("").equals(FORMAT)
                    || !VERSIONS.contains(root.path("version").asInt(0))) {
                throw broken(file, "\"format\" must be \"" + FORMAT + "\" and \"version\" 1 or 2");
            }
            int rounds = root.path("rounds").asInt(0);
            if (rounds < 1 || rounds > MOST_ROUNDS) {
                throw broken(file, "\"rounds\" must be from 1 to " + MOST_ROUNDS);
            }
            return new Sealed(
                    bytes(file, root, "salt", PassPhrase.SALT_BYTES),
                    rounds,
                    bytes(file, root, "nonce", PassPhrase.NONCE_BYTES),
                    bytes(file, root, "secret", 0));
        } catch (IOException refused) {
            throw new BrokenFile(file + " cannot be read: " + DiskWords.of(refused) + ".");
        } catch (JacksonException notJson) {
            throw broken(file, "it is not JSON");
        }
    }

    private static byte[] bytes(Path file, JsonNode root, String name, int length) throws BrokenFile {
        try {
            byte[] bytes = Base64.getDecoder().decode(root.path(name).asString(""));
            if (bytes.length == 0 || length > 0 && bytes.length != length) {
                throw broken(file, "\"" + name + "\" has " + bytes.length + " bytes");
            }
            return bytes;
        } catch (IllegalArgumentException wrong) {
            throw broken(file, "\"" + name + "\" is not Base64");
        }
    }

    private static BrokenFile broken(Path file, String what) {
        return new BrokenFile(file + " does not hold keys: " + what + ". " + NEXT);
    }

    private static Secrets read(byte[] clear, Path file) throws BrokenFile {
        try {
            JsonNode root = JSON.readTree(clear);
            return root.isArray()
                    ? new Secrets(keys(root), MailPasswords.NONE)
                    : new Secrets(keys(root.path("keys")), passwords(root.path("passwords")));
        } catch (JacksonException | IllegalArgumentException damaged) {
            throw broken(file, "what was encrypted is not a list of keys");
        }
    }

    private static StationKeys keys(JsonNode list) {
        Map<StationKeys.Place, EncryptionKey> keys = new HashMap<>();
        for (JsonNode its : list) {
            keys.put(
                    new StationKeys.Place(text(its, "receiver"), text(its, "account")),
                    EncryptionKey.of(text(its, "key")));
        }
        return new StationKeys(keys);
    }

    private static MailPasswords passwords(JsonNode list) {
        MailPasswords passwords = MailPasswords.NONE;
        for (JsonNode its : list) {
            passwords = passwords.with(
                    new MailPasswords.Login(text(its, "server"), text(its, "account")),
                    text(its, "password").toCharArray());
        }
        return passwords;
    }

    private static String text(JsonNode node, String name) {
        return node.path(name).asString("");
    }

    private static JsonNode clear(Secrets secrets) {
        ArrayNode keys = JSON.createArrayNode();
        secrets.keys()
                .all()
                .forEach((place, key) -> keys.addObject()
                        .put("receiver", place.receiver())
                        .put("account", place.account())
                        .put("key", HexFormat.of().formatHex(key.bytes())));
        if (secrets.passwords().none()) {
            return keys;
        }
        ObjectNode both = JSON.createObjectNode();
        both.set("keys", keys);
        ArrayNode passwords = both.putArray("passwords");
        secrets.passwords()
                .all()
                .forEach((login, password) -> passwords
                        .addObject()
                        .put("server", login.server())
                        .put("account", login.account())
                        .put("password", new String(password)));
        return both;
    }

    private void write(Secrets secrets) throws IOException {
        byte[] nonce = random(PassPhrase.NONCE_BYTES);
        byte[] secret = passPhrase.encrypt(clear(secrets).toString().getBytes(StandardCharsets.UTF_8), nonce);
        ObjectNode root = JSON.createObjectNode()
                .put("format", FORMAT)
                .put("version", secrets.passwords().none() ? 1 : 2)
                .put("encryption", "PBKDF2 with HMAC-SHA-256, AES-256-GCM")
                .put("rounds", passPhrase.rounds())
                .put("salt", PassPhrase.text(passPhrase.salt()))
                .put("nonce", PassPhrase.text(nonce))
                .put("secret", PassPhrase.text(secret));
        SafeFile.replace(file, root.toPrettyString() + "\n");
        if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }

    private static byte[] random(int length) {
        byte[] bytes = new byte[length];
        RANDOM.nextBytes(bytes);
        return bytes;
    }
}
