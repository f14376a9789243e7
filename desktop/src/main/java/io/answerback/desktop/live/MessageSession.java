package io.answerback.desktop.live;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.report.message.Message;
import io.answerback.messages.Outcome;
import io.answerback.messages.mail.MailSender;
import io.answerback.messages.mail.Mailbox;
import io.answerback.messages.mail.ReceivedMail;
import io.answerback.messages.text.ReceivedText;
import io.answerback.messages.text.TextGateway;
import io.answerback.messages.text.TextSender;
import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/// Mails and texts that are sent from the window, and what the stand-ins on this computer have taken. Called on
/// the JavaFX thread; everything that waits, waits on a thread of its own.
public final class MessageSession implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final int MOST_KEPT = 200;

    private final InstantSource clock;
    private final ExecutorService threads;
    private final Executor window;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final List<ReceivedMail> mails = new ArrayList<>();
    private final List<Consumer<ReceivedText>> textListeners = new ArrayList<>();
    private Optional<Mailbox> mailbox = Optional.empty();
    private MailSecurity mailboxSecurity = MailSecurity.STARTTLS;
    private Optional<TextGateway> gateway = Optional.empty();

    /// Nothing started, nothing sent.
    ///
    /// @param window comes back to the JavaFX thread
    public MessageSession(InstantSource clock, Executor window) {
        this(clock, window, Executors.newVirtualThreadPerTaskExecutor());
    }

    /// The same on other threads.
    public MessageSession(InstantSource clock, Executor window, ExecutorService threads) {
        this.clock = clock;
        this.window = window;
        this.threads = threads;
    }

    /// Grows whenever something changed that a sheet may show.
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    /// The mails the stand-in took, newest first.
    public List<ReceivedMail> mails() {
        return List.copyOf(mails.reversed());
    }

    /// Tells a listener of each text the stand-in takes.
    public void onText(Consumer<ReceivedText> listener) {
        textListeners.add(listener);
    }

    /// The stand-in mail server; empty while none runs.
    public Optional<Mailbox> mailbox() {
        return mailbox;
    }

    /// How the stand-in mail server is protected.
    public MailSecurity mailboxSecurity() {
        return mailboxSecurity;
    }

    /// Starts the stand-in mail server on a free port, in the place of one that runs.
    ///
    /// @param wrong told why not, in one line
    public void openMailbox(MailSecurity security, Consumer<String> wrong) {
        closeMailbox();
        threads.execute(() -> {
            try {
                Mailbox opened = Mailbox.open(0, security, clock, mail -> window.execute(() -> keep(mail)));
                window.execute(() -> {
                    mailbox = Optional.of(opened);
                    mailboxSecurity = security;
                    changed();
                });
            } catch (IOException refused) {
                window.execute(() -> wrong.accept(refused.getMessage()));
            }
        });
    }

    /// Ends the stand-in mail server; what it took is still shown.
    public void closeMailbox() {
        mailbox.ifPresent(its -> threads.execute(its::close));
        mailbox = Optional.empty();
        changed();
    }

    private void keep(ReceivedMail mail) {
        mails.add(mail);
        if (mails.size() > MOST_KEPT) {
            mails.removeFirst();
        }
        changed();
    }

    /// Sends a mail.
    ///
    /// @param password of the account at the server; empty for a server that asks for none; it is wiped
    /// @param then told what became of it
    public void mail(MailPlan plan, char[] password, String to, Message message, Consumer<Outcome> then) {
        send(() -> new MailSender(PATIENCE, clock).send(plan, password, to, message), then);
    }

    /// Sends a text by the stand-in, which is started where it does not run.
    ///
    /// @param then told what became of it
    public void text(String to, String text, Consumer<Outcome> then) {
        try {
            int port = runningGateway().port();
            URI address = URI.create("http://127.0.0.1:" + port + TextGateway.PATH);
            send(() -> new TextSender(PATIENCE).send(address, to, text), then);
        } catch (IOException refused) {
            then.accept(Outcome.notSent(refused.getMessage(), "Close what uses the port, and try again."));
        }
    }

    private TextGateway runningGateway() throws IOException {
        if (gateway.isEmpty()) {
            gateway = Optional.of(TextGateway.open(
                    0, clock, text -> window.execute(() -> textListeners.forEach(its -> its.accept(text)))));
        }
        return gateway.get();
    }

    private void send(Supplier<Outcome> sending, Consumer<Outcome> then) {
        threads.execute(() -> {
            Outcome outcome = sending.get();
            window.execute(() -> {
                then.accept(outcome);
                changed();
            });
        });
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }

    @Override
    public void close() {
        mailbox.ifPresent(Mailbox::close);
        gateway.ifPresent(TextGateway::close);
        threads.shutdownNow();
    }
}
