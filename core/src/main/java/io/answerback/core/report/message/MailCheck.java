package io.answerback.core.report.message;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is wrong with a mail server before anybody connects to it. Port 465 speaks TLS from its first byte
/// (RFC 8314), port 587 and port 25 begin in plain text and change by STARTTLS (RFC 6409, RFC 3207).
public final class MailCheck {
    private static final int TLS_PORT = 465;
    private static final int SUBMISSION_PORT = 587;
    private static final int RELAY_PORT = 25;

    private MailCheck() {}

    /// Every problem, those that stop it first; nothing for one that can be tried.
    public static List<MailProblem> of(MailPlan plan) {
        List<MailProblem> found = new ArrayList<>();
        if (plan.server().isEmpty()) {
            found.add(new MailProblem(
                    MailProblem.Field.SERVER, true, "The mail server is not known", "Ask the provider for its name."));
        }
        if (plan.sender().isEmpty()) {
            found.add(new MailProblem(
                    MailProblem.Field.SENDER,
                    true,
                    "Mails have no sender, and servers refuse them",
                    "Write the address they come from."));
        }
        portAndSecurity(plan).ifPresent(found::add);
        if (plan.security() == MailSecurity.NONE && !plan.account().isEmpty()) {
            found.add(new MailProblem(
                    MailProblem.Field.ACCOUNT,
                    false,
                    "The password travels in plain text",
                    "Choose STARTTLS on port 587, or TLS on port 465."));
        }
        return List.copyOf(found);
    }

    private static Optional<MailProblem> portAndSecurity(MailPlan plan) {
        boolean plainFirst = plan.port() == SUBMISSION_PORT || plan.port() == RELAY_PORT;
        if (plan.port() == TLS_PORT && plan.security() != MailSecurity.TLS) {
            return Optional.of(new MailProblem(
                    MailProblem.Field.SECURITY,
                    true,
                    Text.of(
                            "Port 465 is protected from the first byte; %s begins in plain text, so each side waits for the other",
                            plan.security() == MailSecurity.STARTTLS ? "STARTTLS" : "a connection without protection"),
                    "Choose TLS for port 465, or port 587 for STARTTLS."));
        }
        if (plainFirst && plan.security() == MailSecurity.TLS) {
            return Optional.of(new MailProblem(
                    MailProblem.Field.SECURITY,
                    true,
                    Text.of(
                            "Port %d begins in plain text; the server does not understand TLS from the first byte",
                            plan.port()),
                    Text.of("Choose STARTTLS for port %d, or port 465 for TLS.", plan.port())));
        }
        if (plan.port() == SUBMISSION_PORT && plan.security() == MailSecurity.NONE) {
            return Optional.of(new MailProblem(
                    MailProblem.Field.SECURITY,
                    false,
                    "Port 587 is meant for STARTTLS; most servers refuse mails without it",
                    "Choose STARTTLS."));
        }
        return Optional.empty();
    }
}
