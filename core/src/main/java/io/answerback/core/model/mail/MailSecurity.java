package io.answerback.core.model.mail;

/// How a connection to a mail server is protected.
public enum MailSecurity {
    /// Not at all: anybody on the way can read the password.
    NONE("not protected"),
    /// It begins in plain text and is then protected (STARTTLS, RFC 3207).
    STARTTLS("STARTTLS"),
    /// It is protected from its first byte (TLS, RFC 8314).
    TLS("TLS");

    private final String words;

    MailSecurity(String words) {
        this.words = words;
    }

    /// How, in plain words.
    public String words() {
        return words;
    }
}
