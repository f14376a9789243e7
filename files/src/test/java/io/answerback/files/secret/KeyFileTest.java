package io.answerback.files.secret;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.files.BrokenFile;
import io.answerback.files.secret.MailPasswords.Login;
import io.answerback.files.secret.StationKeys.Place;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import javax.crypto.Cipher;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.PBEKeySpec;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// Keys of stations on disk: what is in the clear, what opens them, what is refused.
class KeyFileTest {
    private static final int MANY = 25;
    private static final char[] PHRASE = "kettle orbit maple".toCharArray();
    private static final int ROUNDS = 1234;
    private static final String HEX = "00112233445566778899aabbccddeeff";
    private static final Place AT_A = new Place("Station A", "4711");

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("station-keys.json");
    }

    /// With few rounds: what the tests say does not depend on them.
    private KeyFile withOneKey() throws Exception {
        KeyFile begun = KeyFile.begin(folder, PHRASE, ROUNDS);
        begun.change(its -> its.keys(keys -> keys.with(AT_A, EncryptionKey.of(HEX))));
        return begun;
    }

    @Test
    void keysComeBackWithThePassPhraseOnly() throws Exception {
        assertThat(KeyFile.exists(folder)).isFalse();
        withOneKey();
        assertThat(KeyFile.open(folder, PHRASE).secrets().keys().of(AT_A)).contains(EncryptionKey.of(HEX));
        assertThatThrownBy(() -> KeyFile.open(folder, "kettle orbit mapls".toCharArray()))
                .isInstanceOf(WrongPassPhrase.class)
                .hasMessageContaining("does not open the keys");
        assertThatThrownBy(() -> KeyFile.begin(folder, PHRASE)).hasMessageContaining("already");
    }

    @Test
    void theFileShowsNeitherKeysNorWhatTheyAreFor() throws Exception {
        withOneKey();
        assertThat(Files.readString(file()))
                .doesNotContainIgnoringCase(HEX)
                .doesNotContain("Station A", "4711")
                .doesNotContain(new String(PHRASE));
        assertThat(Files.getPosixFilePermissions(file()))
                .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
    }

    /// Decrypted here by the standards that the file names, without the code that wrote it.
    @Test
    void theFileIsEncryptedAsItSays() throws Exception {
        withOneKey();
        JsonNode root = JsonMapper.shared().readTree(Files.readString(file()));
        assertThat(root.path("rounds").asInt()).isEqualTo(ROUNDS);
        byte[] salt = Base64.getDecoder().decode(root.path("salt").asString());
        byte[] derived = SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                .generateSecret(new PBEKeySpec(PHRASE, salt, ROUNDS, 256))
                .getEncoded();
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(
                Cipher.DECRYPT_MODE,
                new SecretKeySpec(derived, "AES"),
                new GCMParameterSpec(
                        128, Base64.getDecoder().decode(root.path("nonce").asString())));
        byte[] clear =
                cipher.doFinal(Base64.getDecoder().decode(root.path("secret").asString()));
        assertThat(new String(clear, StandardCharsets.UTF_8))
                .isEqualTo("[{\"receiver\":\"Station A\",\"account\":\"4711\",\"key\":\"" + HEX + "\"}]");
    }

    @Test
    void aNewFileMakesAGuessCostSixHundredThousandRounds() throws Exception {
        KeyFile.begin(folder, PHRASE);
        assertThat(JsonMapper.shared()
                        .readTree(Files.readString(file()))
                        .path("rounds")
                        .asInt())
                .isEqualTo(600_000);
    }

    @Test
    void everyWritingHasANonceOfItsOwn() throws Exception {
        KeyFile keys = withOneKey();
        String before = Files.readString(file());
        keys.change(same -> same);
        String after = Files.readString(file());
        JsonMapper json = JsonMapper.shared();
        assertThat(json.readTree(after).path("nonce"))
                .isNotEqualTo(json.readTree(before).path("nonce"));
        assertThat(json.readTree(after).path("salt"))
                .isEqualTo(json.readTree(before).path("salt"));
    }

    @Test
    void twoWindowsLoseNothingOfEachOther() throws Exception {
        KeyFile one = withOneKey();
        KeyFile two = KeyFile.open(folder, PHRASE);
        Place atB = new Place("Station B", "4711");
        two.change(its -> its.keys(keys -> keys.with(atB, EncryptionKey.of(HEX + HEX))));
        StationKeys both = one.change(
                        its -> its.keys(keys -> keys.with(new Place("Station B", "20a1"), EncryptionKey.of(HEX))))
                .keys();
        assertThat(both.places()).containsExactlyInAnyOrder(AT_A, atB, new Place("Station B", "20A1"));
        assertThat(both.ofAccount("4711")).hasSize(2);
        assertThat(one.change(its -> its.keys(keys -> keys.without(atB))).keys().ofAccount("4711"))
                .hasSize(1);
        assertThat(both.toString()).contains("Station B").doesNotContain(HEX);
    }

    @Test
    void passwordsOfMailServersAreKeptBesideTheKeys() throws Exception {
        KeyFile keys = withOneKey();
        Login login = new Login("Mail.Example", "alarm@site.example");
        keys.change(its -> its.passwords(all -> all.with(login, "not a real one".toCharArray())));
        assertThat(Files.readString(file())).doesNotContain("real", "site.example");
        Secrets read = KeyFile.open(folder, PHRASE).secrets();
        Login found = new Login("mail.example", "alarm@site.example");
        assertThat(read.passwords().of(found)).contains("not a real one".toCharArray());
        assertThat(read.keys().of(AT_A)).contains(EncryptionKey.of(HEX));
        assertThat(read.toString()).contains("mail.example").doesNotContain("real");
        assertThat(keys.change(its -> its.passwords(all -> all.without(login))))
                .isEqualTo(new Secrets(read.keys(), MailPasswords.NONE));
        read.wipe();
        assertThat(read.passwords().of(found)).contains("              ".toCharArray());
    }

    /// Two windows, each with the file open, that add keys at the same time.
    @Test
    void twoWindowsThatChangeTheFileLoseNothing() throws Exception {
        KeyFile.begin(folder, PHRASE, ROUNDS);
        try (var both = Executors.newFixedThreadPool(2)) {
            for (var done : both.invokeAll(List.of(adding("North"), adding("South")))) {
                done.get();
            }
        }
        assertThat(KeyFile.open(folder, PHRASE).secrets().keys().places()).hasSize(2 * MANY);
    }

    private Callable<Object> adding(String receiver) {
        return () -> {
            KeyFile window = KeyFile.open(folder, PHRASE);
            for (int i = 0; i < MANY; i++) {
                Place place = new Place(receiver, "1%03d".formatted(i));
                window.change(its -> its.keys(keys -> keys.with(place, EncryptionKey.of(HEX))));
            }
            return null;
        };
    }

    @Test
    void aKeyIsKeptUnderAnotherName() {
        Place renamed = new Place("Station North", "4711");
        StationKeys keys = StationKeys.NONE.with(AT_A, EncryptionKey.of(HEX));
        assertThat(keys.elsewhere(renamed)).containsExactly(AT_A);
        assertThat(keys.moved(AT_A, renamed).places()).containsExactly(renamed);
        assertThat(keys.moved(renamed, AT_A)).isEqualTo(keys);
    }

    @Test
    void aChangedByteIsNoticed() throws Exception {
        KeyFile keys = withOneKey();
        ObjectNode root = (ObjectNode) JsonMapper.shared().readTree(Files.readString(file()));
        byte[] secret = Base64.getDecoder().decode(root.path("secret").asString());
        secret[3] ^= 1;
        root.put("secret", Base64.getEncoder().encodeToString(secret));
        Files.writeString(file(), root.toString());
        assertThatThrownBy(keys::secrets).isInstanceOf(WrongPassPhrase.class);
        String damaged = Files.readString(file());
        assertThatThrownBy(() -> keys.change(all -> Secrets.NONE)).isInstanceOf(WrongPassPhrase.class);
        assertThat(Files.readString(file())).isEqualTo(damaged);
    }

    @Test
    void whatIsNoKeyFileSaysWhatIsWrong() throws Exception {
        withOneKey();
        String good = Files.readString(file());
        for (List<String> change : List.of(
                List.of("\"answerback-station-keys\"", "\"other\"", "\"format\" must be"),
                List.of(": ?1234", ": 2000000000", "\"rounds\" must be from 1 to 10000000"),
                List.of("(\"salt\" ?: ?\")", "$1AAAA", "\"salt\" has 19 bytes"),
                List.of("(\"nonce\" ?: ?\")", "$1??", "\"nonce\" is not Base64"),
                List.of("\\{", "{{", "it is not JSON"))) {
            String broken = good.replaceFirst(change.get(0), change.get(1));
            assertThat(broken).isNotEqualTo(good);
            Files.writeString(file(), broken);
            assertThatThrownBy(() -> KeyFile.open(folder, PHRASE))
                    .isInstanceOf(BrokenFile.class)
                    .hasMessageContaining("station-keys.json")
                    .hasMessageContaining(change.get(2))
                    .hasMessageNotContaining("\n");
        }
        Files.delete(file());
        assertThatThrownBy(() -> KeyFile.open(folder, PHRASE)).hasMessageContaining("is not there");
    }

    @Test
    void aShortPassPhraseBeginsNothing() {
        assertThatThrownBy(() -> KeyFile.begin(folder, "too short".toCharArray()))
                .hasMessageContaining("The pass phrase has 9 letters; take 12 or more");
        assertThat(KeyFile.exists(folder)).isFalse();
        assertThatThrownBy(() -> new Place("Station A", "47")).hasMessageContaining("3 to 16");
        assertThatThrownBy(() -> new Place(" ", "4711")).hasMessageContaining("name of its receiver");
    }

    @Test
    void whereNothingCanBeWrittenNothingIsBegun() throws IOException {
        Path notAFolder = Files.writeString(folder.resolve("file"), "text");
        assertThatThrownBy(() -> KeyFile.begin(notAFolder, PHRASE, ROUNDS)).isInstanceOf(IOException.class);
    }
}
