package io.answerback.files.secret;

import java.util.function.UnaryOperator;

/// Everything that one pass phrase keeps. Never changes.
///
/// @param keys the keys that stations gave
/// @param passwords the passwords of accounts at mail servers
public record Secrets(StationKeys keys, MailPasswords passwords) {
    /// Nothing yet.
    public static final Secrets NONE = new Secrets(StationKeys.NONE, MailPasswords.NONE);

    /// Overwrites what can be: called when they are locked.
    public void wipe() {
        passwords.wipe();
    }

    /// The same with other keys.
    public Secrets keys(UnaryOperator<StationKeys> change) {
        return new Secrets(change.apply(keys), passwords);
    }

    /// The same with other passwords.
    public Secrets passwords(UnaryOperator<MailPasswords> change) {
        return new Secrets(keys, change.apply(passwords));
    }
}
