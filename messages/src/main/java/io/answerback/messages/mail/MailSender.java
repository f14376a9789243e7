package io.answerback.messages.mail;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.report.message.MailCheck;
import io.answerback.core.report.message.MailProblem;
import io.answerback.core.report.message.Message;
import io.answerback.messages.Outcome;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.Transport;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.Date;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;

/// Sends mails over SMTP. Nothing is tried that cannot work, everything ends within a time, and nothing is sent
/// twice.
public final class MailSender {
    private final Duration patience;
    private final InstantSource clock;

    /// A sender.
    ///
    /// @param patience how long one mail may take from connecting to its end
    public MailSender(Duration patience, InstantSource clock) {
        this.patience = patience;
        this.clock = clock;
    }

    /// Sends a mail to one address, and waits until the server has taken it. Called off the window's thread.
    ///
    /// @param password of the account at the server; empty for a server that asks for none. It is wiped once
    ///     the mail was sent or refused
    public Outcome send(MailPlan plan, char[] password, String to, Message message) {
        Optional<MailProblem> stops =
                MailCheck.of(plan).stream().filter(MailProblem::stops).findFirst();
        if (stops.isPresent()) {
            return Outcome.notSent(stops.get().says() + ".", stops.get().remedy());
        }
        try {
            return within(new Sending(plan, password, to, message));
        } catch (GeneralSecurityException noTls) {
            return Outcome.notSent("This Java cannot make a protected connection.", "Install a full Java.");
        } finally {
            Arrays.fill(password, ' ');
        }
    }

    /// A server that sends one byte now and then would outlast every time-out of a read, so the whole has one.
    private Outcome within(Sending sending) {
        CompletableFuture<Outcome> done = new CompletableFuture<>();
        Thread thread = Thread.ofVirtual().name("mail-sender").start(() -> {
            try {
                done.complete(sending.run());
            } catch (RuntimeException failed) {
                done.completeExceptionally(failed);
            }
        });
        try {
            return done.get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException slow) {
            thread.interrupt();
            return sending.stopped();
        } catch (InterruptedException stop) {
            thread.interrupt();
            Thread.currentThread().interrupt();
            return sending.stopped();
        } catch (ExecutionException failed) {
            return Outcome.notSent(
                    "The mail could not be sent: " + failed.getCause().getMessage(), "Try again.");
        }
    }

    private final class Sending {
        private final MailPlan plan;
        private final char[] password;
        private final String to;
        private final Message message;
        private final OneCertificate trust;
        private final AtomicReference<Step> step = new AtomicReference<>(Step.CONNECTING);

        Sending(MailPlan plan, char[] password, String to, Message message) throws GeneralSecurityException {
            this.plan = plan;
            this.password = password;
            this.to = to;
            this.message = message;
            this.trust = new OneCertificate(plan.trusted());
        }

        Outcome run() {
            long began = System.nanoTime();
            Session session = Session.getInstance(properties());
            try (Transport transport = session.getTransport("smtp")) {
                MimeMessage mail = mail(session);
                transport.connect(
                        plan.server(), plan.port(), user(), plan.account().isEmpty() ? null : new String(password));
                step.set(Step.SENDING);
                transport.sendMessage(mail, mail.getAllRecipients());
                step.set(Step.TAKEN);
                return taken(began);
            } catch (MessagingException refused) {
                // The end of the conversation may fail once the mail is taken; that changes nothing.
                return step.get() == Step.TAKEN
                        ? taken(began)
                        : MailRefusal.of(refused, plan, trust, step.get(), clock);
            }
        }

        private String user() {
            return plan.account().isEmpty() ? null : plan.account();
        }

        private Outcome taken(long began) {
            return Outcome.taken(
                    "The server took the mail to " + to + ".", Duration.ofNanos(System.nanoTime() - began));
        }

        Outcome stopped() {
            return switch (step.get()) {
                case CONNECTING -> Outcome.notSent(MailRefusal.silent(plan, patience), MailRefusal.SILENT_REMEDY);
                case SENDING, TAKEN -> Outcome.unknown("The server did not say in time whether it took the mail.");
            };
        }

        private MimeMessage mail(Session session) throws MessagingException {
            MimeMessage mail = new MimeMessage(session);
            mail.setFrom(new InternetAddress(plan.sender()));
            mail.setRecipient(jakarta.mail.Message.RecipientType.TO, new InternetAddress(to));
            mail.setSubject(message.subject().replaceAll("[\\r\\n]+", " "), StandardCharsets.UTF_8.name());
            mail.setText(message.text(), StandardCharsets.UTF_8.name());
            mail.setSentDate(Date.from(clock.instant()));
            return mail;
        }

        private Properties properties() {
            String millis = Long.toString(patience.toMillis());
            Properties properties = new Properties();
            properties.put("mail.smtp.connectiontimeout", millis);
            properties.put("mail.smtp.timeout", millis);
            properties.put("mail.smtp.writetimeout", millis);
            properties.put("mail.smtp.auth", Boolean.toString(!plan.account().isEmpty()));
            properties.put("mail.smtp.starttls.enable", plan.security() == MailSecurity.STARTTLS);
            properties.put("mail.smtp.starttls.required", plan.security() == MailSecurity.STARTTLS);
            properties.put("mail.smtp.ssl.enable", plan.security() == MailSecurity.TLS);
            properties.put("mail.smtp.ssl.checkserveridentity", plan.trusted().isEmpty());
            properties.put("mail.smtp.localhost", "answerback.invalid");
            try {
                properties.put("mail.smtp.ssl.socketFactory", trust.context().getSocketFactory());
            } catch (GeneralSecurityException noTls) {
                throw new IllegalStateException("this Java cannot make a protected connection", noTls);
            }
            return properties;
        }
    }

    /// How far a mail has come.
    enum Step {
        /// Nothing of it has left.
        CONNECTING,
        /// It is on its way.
        SENDING,
        /// The server said that it took it.
        TAKEN
    }
}
