package io.answerback.files.secret;

import io.answerback.core.model.mail.MailPlan;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// The passwords of accounts at mail servers. Never changes. Its text never shows a password.
public final class MailPasswords {
    private static final Comparator<Login> BY_SERVER =
            Comparator.comparing(Login::server).thenComparing(Login::account);

    /// No passwords.
    public static final MailPasswords NONE = new MailPasswords(Map.of());

    private final Map<Login, char[]> passwords;

    /// What a password is for.
    ///
    /// @param server the name or address of the mail server
    /// @param account the account there
    public record Login(String server, String account) {
        /// @throws IllegalArgumentException when the server or the account is blank
        public Login {
            server = server.strip().toLowerCase(Locale.ROOT);
            account = account.strip();
            if (server.isEmpty() || account.isEmpty()) {
                throw new IllegalArgumentException(
                        "a password needs the name of its mail server and the account there");
            }
        }

        /// The account of a mail server that asks for one; empty while the server or the account is not known.
        public static Optional<Login> of(MailPlan plan) {
            return plan.server().isEmpty() || plan.account().isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Login(plan.server(), plan.account()));
        }
    }

    MailPasswords(Map<Login, char[]> passwords) {
        Map<Login, char[]> sorted = new TreeMap<>(BY_SERVER);
        sorted.putAll(passwords);
        this.passwords = sorted;
    }

    /// The password for an account; whoever takes it wipes it once it is sent.
    public Optional<char[]> of(Login login) {
        return Optional.ofNullable(passwords.get(login)).map(char[]::clone);
    }

    /// Whether there is a password for an account.
    public boolean has(Login login) {
        return passwords.containsKey(login);
    }

    Map<Login, char[]> all() {
        return Map.copyOf(passwords);
    }

    /// Overwrites every password: they cannot be used any more.
    void wipe() {
        passwords.values().forEach(password -> Arrays.fill(password, ' '));
    }

    boolean none() {
        return passwords.isEmpty();
    }

    /// The same with a password, in place of the one before for the same account.
    ///
    /// @param password kept as a copy: whoever typed it can wipe it
    /// @throws IllegalArgumentException when the password is empty
    public MailPasswords with(Login login, char[] password) {
        if (password.length == 0) {
            throw new IllegalArgumentException("there is no password to save; type it first");
        }
        Map<Login, char[]> more = new HashMap<>(passwords);
        more.put(login, password.clone());
        return new MailPasswords(more);
    }

    /// The same without the password for an account.
    public MailPasswords without(Login login) {
        Map<Login, char[]> fewer = new HashMap<>(passwords);
        fewer.remove(login);
        return new MailPasswords(fewer);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof MailPasswords its
                && passwords.keySet().equals(its.passwords.keySet())
                && passwords.entrySet().stream()
                        .allMatch(entry -> Arrays.equals(entry.getValue(), its.passwords.get(entry.getKey())));
    }

    @Override
    public int hashCode() {
        return passwords.keySet().hashCode();
    }

    @Override
    public String toString() {
        return "passwords for " + passwords.keySet();
    }
}
