package io.answerback.messages.mail;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.messages.Outcome;
import io.answerback.messages.ShownCertificate;
import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.MessagingException;
import java.net.ConnectException;
import java.net.NoRouteToHostException;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import java.util.stream.Stream;
import javax.net.ssl.SSLException;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.eclipse.angus.mail.smtp.SMTPSenderFailedException;

/// Why a mail server did not take a mail, in words.
final class MailRefusal {
    static final String SILENT_REMEDY =
            "See that the port and the protection belong together, and that the firewall lets the port out.";

    private static final int LONGEST = 160;
    private static final int FIRST_REFUSAL = 400;

    private MailRefusal() {}

    static String silent(MailPlan plan, Duration patience) {
        return "%s port %d did not speak within %d s.".formatted(plan.server(), plan.port(), patience.toSeconds());
    }

    static Outcome of(
            MessagingException refused,
            MailPlan plan,
            OneCertificate trust,
            MailSender.Step step,
            InstantSource clock) {
        Optional<SSLException> tls = cause(refused, SSLException.class);
        if (tls.isPresent() && trust.shown().isPresent()) {
            ShownCertificate shown = ShownCertificate.of(trust.shown().get(), plan.server(), clock.instant());
            return Outcome.untrusted(plan.trusted().isEmpty() ? shown : shown.inPlaceOfTheTrustedOne());
        }
        if (refused instanceof AuthenticationFailedException) {
            return Outcome.notSent(
                    "The server did not take the account or its password: " + said(refused),
                    "Type the password again; some providers want one made for this use.");
        }
        if (code(refused) >= FIRST_REFUSAL) {
            return Outcome.notSent("The server refused the mail: " + said(refused), "See what it says, and mend that.");
        }
        return step == MailSender.Step.CONNECTING ? notConnected(refused, plan, tls) : halfWay(refused);
    }

    private static Outcome notConnected(MessagingException refused, MailPlan plan, Optional<SSLException> tls) {
        if (tls.isPresent()) {
            return Outcome.notSent(
                    "%s port %d does not speak TLS from the first byte.".formatted(plan.server(), plan.port()),
                    "Choose STARTTLS, or the port for TLS, which is 465 as a rule.");
        }
        if (plan.security() == MailSecurity.STARTTLS && said(refused).contains("STARTTLS")) {
            return Outcome.notSent(
                    "%s port %d offers no STARTTLS.".formatted(plan.server(), plan.port()),
                    "Ask the provider for the port for sending mail, which is 587 as a rule.");
        }
        if (cause(refused, UnknownHostException.class).isPresent()) {
            return Outcome.notSent(
                    "There is no server called " + plan.server() + ".",
                    "See that the name is right and that this computer is on line.");
        }
        if (cause(refused, SocketTimeoutException.class).isPresent()) {
            return Outcome.notSent(plan.server() + " port " + plan.port() + " did not speak in time.", SILENT_REMEDY);
        }
        if (cause(refused, ConnectException.class).isPresent()
                || cause(refused, NoRouteToHostException.class).isPresent()) {
            return Outcome.notSent(
                    "%s does not take connections at port %d.".formatted(plan.server(), plan.port()),
                    "See that the port is right, and that the firewall lets it out.");
        }
        return Outcome.notSent(
                "%s port %d does not answer as a mail server does: %s"
                        .formatted(plan.server(), plan.port(), said(refused)),
                SILENT_REMEDY);
    }

    /// What the server answered (RFC 5321); -1 where it answered nothing, as when the connection is lost.
    private static int code(MessagingException refused) {
        return Stream.iterate((Exception) refused, its -> its != null, MailRefusal::next)
                .mapToInt(MailRefusal::ownCode)
                .max()
                .orElse(-1);
    }

    private static int ownCode(Exception refused) {
        return switch (refused) {
            case SMTPSendFailedException failed -> failed.getReturnCode();
            case SMTPAddressFailedException failed -> failed.getReturnCode();
            case SMTPSenderFailedException failed -> failed.getReturnCode();
            default -> -1;
        };
    }

    /// One refusal may hold others, such as that of each address.
    private static Exception next(Exception refused) {
        return refused instanceof MessagingException held ? held.getNextException() : null;
    }

    /// The server was told of the mail and the connection was lost: it may have taken it.
    private static Outcome halfWay(MessagingException lost) {
        return Outcome.unknown("The connection was lost while the mail was on its way: " + said(lost));
    }

    private static String said(Throwable failed) {
        String words = failed.getMessage() == null ? "" : failed.getMessage();
        String line =
                words.lines().findFirst().orElse("").replaceAll("\\p{Cc}", " ").strip();
        String cut = line.length() > LONGEST ? line.substring(0, LONGEST) + "…" : line;
        return cut.isEmpty() ? "it said nothing" : cut;
    }

    private static <T> Optional<T> cause(Throwable failed, Class<T> type) {
        return Stream.iterate(failed, its -> its != null, Throwable::getCause)
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst();
    }
}
