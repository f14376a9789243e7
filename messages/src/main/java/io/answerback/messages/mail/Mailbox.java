package io.answerback.messages.mail;

import io.answerback.core.model.mail.MailSecurity;
import io.answerback.messages.ShownCertificate;
import jakarta.mail.Address;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.subethamail.smtp.MessageHandlerFactory;
import org.subethamail.smtp.server.SMTPServer;

/// A mail server that stands in for the provider's: on this computer only, it takes every mail and hands it
/// to a listener. Bounded in connections, time and the size of a mail.
public final class Mailbox implements AutoCloseable {
    /// So many sit idle without a good caller being refused; each costs a virtual thread and a few kilobytes.
    private static final int MOST_CONNECTIONS = 2000;

    private static final int MOST_BYTES = 256 * 1024;
    private static final int MOST_RECIPIENTS = 20;
    private static final int SILENCE_SECONDS = 30;
    private static final Duration VALID = Duration.ofDays(30);
    private static final Duration BEFORE = Duration.ofDays(1);

    private final SMTPServer server;
    private final Optional<String> fingerprint;

    private Mailbox(SMTPServer server, Optional<String> fingerprint) {
        this.server = server;
        this.fingerprint = fingerprint;
    }

    /// Starts one on the loopback address.
    ///
    /// @param port where it listens; 0 for a free port
    /// @param security how connections are protected, by a certificate of its own
    /// @param listener is told of each mail, on the thread that took it
    /// @throws IOException when the port is taken
    public static Mailbox open(int port, MailSecurity security, InstantSource clock, Consumer<ReceivedMail> listener)
            throws IOException {
        return open(port, security, clock, listener, VALID);
    }

    /// @param lasts for how long its certificate is valid, beginning a day before now; negative for one that
    ///     has expired
    static Mailbox open(
            int port, MailSecurity security, InstantSource clock, Consumer<ReceivedMail> listener, Duration lasts)
            throws IOException {
        SMTPServer.Builder builder = SMTPServer.port(port)
                .bindAddress(InetAddress.getLoopbackAddress())
                .softwareName("Answerback stand-in")
                .hostName("localhost")
                .maxConnections(MOST_CONNECTIONS)
                .maxRecipients(MOST_RECIPIENTS)
                .maxMessageSize(MOST_BYTES)
                .connectionTimeout(SILENCE_SECONDS, TimeUnit.SECONDS)
                .executorService(Executors.newThreadPerTaskExecutor(
                        Thread.ofVirtual().name("mailbox-", 0).factory()))
                .messageHandlerFactory(taking(clock, listener));
        Optional<OwnCertificate> own = Optional.empty();
        if (security != MailSecurity.NONE) {
            own = Optional.of(OwnCertificate.of("localhost", clock.instant().minus(BEFORE), BEFORE.plus(lasts)));
        }
        switch (security) {
            case NONE -> {}
            case STARTTLS ->
                builder.enableTLS().requireTLS().startTlsSocketFactory(own.get().context());
            case TLS -> builder.serverSocketFactory(own.get().context());
        }
        SMTPServer server = builder.build();
        try {
            server.start();
        } catch (RuntimeException taken) {
            throw new IOException(
                    "the stand-in mail server cannot listen on port %d: %s. Choose another port, or 0 for a free one."
                            .formatted(port, reason(taken)),
                    taken);
        }
        return new Mailbox(server, own.map(its -> ShownCertificate.fingerprint(its.certificate())));
    }

    private static String reason(Throwable failed) {
        return failed.getCause() == null
                ? failed.getMessage()
                : failed.getCause().getMessage();
    }

    private static MessageHandlerFactory taking(InstantSource clock, Consumer<ReceivedMail> listener) {
        Session session = Session.getInstance(new Properties());
        return context ->
                new Intake(MOST_BYTES, (from, to, data) -> listener.accept(read(clock, session, from, to, data)));
    }

    private static ReceivedMail read(InstantSource clock, Session session, String from, String to, byte[] data) {
        try {
            MimeMessage mail = new MimeMessage(session, new ByteArrayInputStream(data));
            return new ReceivedMail(
                    clock.instant(),
                    from,
                    to,
                    mail.getSubject() == null ? "" : mail.getSubject(),
                    text(mail),
                    addresses(mail.getFrom()));
        } catch (MessagingException | IOException unreadable) {
            return new ReceivedMail(clock.instant(), from, to, "", "It cannot be read: " + unreadable.getMessage(), "");
        }
    }

    private static String text(MimeMessage mail) throws MessagingException, IOException {
        return mail.getContent() instanceof String text ? text.stripTrailing() : "It has no plain text.";
    }

    private static String addresses(Address[] from) {
        return from == null ? "" : Arrays.stream(from).map(Address::toString).collect(Collectors.joining(", "));
    }

    /// Where it listens.
    public int port() {
        return server.getPortAllocated();
    }

    /// The SHA-256 of the certificate it shows, as 64 hex digits; empty for one that is not protected.
    public Optional<String> fingerprint() {
        return fingerprint;
    }

    @Override
    public void close() {
        server.stop();
    }
}
