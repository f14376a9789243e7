package io.answerback.command;

import io.answerback.core.model.mail.MailSecurity;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/// How a connection to a mail server is protected, as the command line says it.
final class MailSecurityOption {
    @Option(
            names = "--security",
            paramLabel = "HOW",
            defaultValue = "none",
            description = "none, starttls or tls (default: ${DEFAULT-VALUE})")
    private String how;

    /// @throws IllegalArgumentException when it is none of them
    MailSecurity read() {
        return Arrays.stream(MailSecurity.values())
                .filter(its -> its.name().equalsIgnoreCase(how.strip()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("security is \"%s\"; it is one of %s"
                        .formatted(
                                how,
                                Arrays.stream(MailSecurity.values())
                                        .map(its -> its.name().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", ")))));
    }
}
