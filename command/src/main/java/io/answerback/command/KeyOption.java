package io.answerback.command;

import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import java.io.BufferedReader;
import java.io.FileReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Option;

/// Keys of encrypted frames from a file or from standard input. Never as an argument: arguments stand in the
/// list of processes and in the history of the shell.
final class KeyOption {
    private static final int LONGEST_LINE = 200;
    private static final int MOST_KEYS = 10_000;

    @Option(
            names = "--key-file",
            paramLabel = "FILE",
            description = "reads keys of encrypted frames: a line each of 32, 48 or 64 hexadecimal digits, with"
                    + " ACCOUNT= in front where a key is for one account; - for standard input")
    private String file;

    /// A key with the account that it is for.
    ///
    /// @param account empty for a key of every account
    record AccountKey(String account, EncryptionKey key) {
        boolean of(String other) {
            return account.isEmpty() || account.equalsIgnoreCase(other);
        }
    }

    /// For a format that is never encrypted.
    void refuse(String format) {
        if (file != null) {
            throw new IllegalArgumentException(
                    format + " is never encrypted; leave the key out, or use dc09-cid or dc09-sia");
        }
    }

    /// All keys; none without a file.
    List<AccountKey> all() throws BrokenFile {
        if (file == null) {
            return List.of();
        }
        return Boundary.read(file, "Write one key on each line.", () -> {
            try (BufferedReader lines = new BufferedReader(opened())) {
                return read(lines);
            }
        });
    }

    /// The first key; empty without a file.
    Optional<EncryptionKey> one() throws BrokenFile {
        return all().stream().findFirst().map(AccountKey::key);
    }

    private Reader opened() throws IOException {
        return file.equals("-")
                ? new InputStreamReader(System.in, StandardCharsets.UTF_8)
                : new FileReader(file, StandardCharsets.UTF_8);
    }

    private List<AccountKey> read(Reader lines) throws BrokenFile, IOException {
        List<AccountKey> keys = new ArrayList<>();
        char[] line = new char[LONGEST_LINE];
        int length = 0;
        int number = 1;
        for (int letter = lines.read(); letter >= 0 || length > 0; letter = lines.read()) {
            if (letter >= 0 && letter != '\n' && letter != '\r') {
                require(length < LONGEST_LINE && keys.size() < MOST_KEYS, number);
                line[length++] = (char) letter;
                continue;
            }
            key(Arrays.copyOf(line, length), number).ifPresent(keys::add);
            length = 0;
            number += letter == '\n' ? 1 : 0;
        }
        Arrays.fill(line, ' ');
        require(!keys.isEmpty(), number);
        return keys;
    }

    private void require(boolean sound, int line) throws BrokenFile {
        if (!sound) {
            throw new BrokenFile("%s, on line %d: a key is missing. Write one key on each line.".formatted(file, line));
        }
    }

    /// Blank lines and those that begin with # are passed over.
    private Optional<AccountKey> key(char[] line, int number) throws BrokenFile {
        try {
            int separator = -1;
            for (int at = 0; at < line.length && separator < 0; at++) {
                separator = line[at] == '=' ? at : -1;
            }
            char[] digits = Arrays.copyOfRange(line, separator + 1, line.length);
            if (line.length == 0 || line[0] == '#') {
                return Optional.empty();
            }
            String account = separator < 0 ? "" : new String(line, 0, separator).strip();
            EncryptionKey key = EncryptionKey.of(digits);
            Arrays.fill(digits, ' ');
            return Optional.of(new AccountKey(account, key));
        } catch (IllegalArgumentException wrong) {
            throw new BrokenFile("%s, on line %d: %s. Correct it there.".formatted(file, number, wrong.getMessage()));
        } finally {
            Arrays.fill(line, ' ');
        }
    }
}
