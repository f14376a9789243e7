package io.answerback.desktop.communicator;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.messages.mail.Mailbox;
import io.answerback.messages.mail.ReceivedMail;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The mail server of the communicator, a test mail by it or by one that stands in for it, and what the stand-in
/// has taken.
public final class MessagesSheet extends PartSheet {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT).withZone(ZoneId.systemDefault());
    private static final int SHOWN_MAILS = 8;
    private static final int SHOWN_DIGITS = 16;

    private final Actions actions;
    private final MessageSession session;
    private final MailServerPart server;
    private final TestMail test;

    /// @param events the words of events
    /// @param keys where passwords are kept
    public MessagesSheet(Actions actions, EventTable events, MessageSession session, StoredKeys keys) {
        this.actions = actions;
        this.session = session;
        this.server = new MailServerPart(actions);
        this.test = new TestMail(actions, events, session, keys, this::showAgain);
    }

    @Override
    public String title() {
        return "Mail to people";
    }

    @Override
    public String about(WindowState state) {
        return "first a test mail, then a real one, each seen to arrive";
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("Mailbox of the stand-in"));
        List<ReceivedMail> mails = session.mails();
        if (mails.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("No mail has arrived yet.")));
        }
        mails.stream().limit(SHOWN_MAILS).map(MessagesSheet::mail).forEach(parts::add);
        return parts;
    }

    private static Part mail(ReceivedMail mail) {
        return Parts.column(
                        Words.wrapped(Words.of("told-name", mail.subject().isEmpty() ? "no subject" : mail.subject())),
                        Words.wrapped(Words.quiet(TIME.format(mail.at()) + " · from " + mail.shownFrom())),
                        Words.wrapped(Words.quiet("to " + mail.to())),
                        Words.wrapped(mail.text()))
                .style("mail")
                .group();
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        MailPlan plan = job.communicator().mail().orElse(MailPlan.UNKNOWN);
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section("The mail server", "as the provider of the account says"));
        parts.add(server.part(plan));
        parts.add(
                Words.section("Stand-in", "a mail server on this computer only").style("section-ruled"));
        parts.add(standIn());
        parts.add(Words.section("Test mail", "").style("section-ruled"));
        parts.addAll(test.parts(state, plan));
        return parts;
    }

    private Part standIn() {
        Parts row = Parts.flow();
        Optional<Mailbox> running = session.mailbox();
        if (running.isPresent()) {
            String shown = running.get()
                    .fingerprint()
                    .map(sha -> " Its certificate has the SHA-256 " + sha.substring(0, SHOWN_DIGITS) + "…")
                    .orElse("");
            row.add(
                    Words.wrapped("It listens on localhost port %d, %s.%s"
                            .formatted(
                                    running.get().port(),
                                    session.mailboxSecurity().words(),
                                    shown)),
                    Tool.of("Stop it", "what it took is still shown", this::stop));
        }
        for (MailSecurity security : MailSecurity.values()) {
            if (running.isEmpty() || session.mailboxSecurity() != security) {
                row.add(Tool.of(
                        "Start it, " + security.words(),
                        "on a free port, with a certificate of its own where it is protected",
                        () -> start(security)));
            }
        }
        return row.style("switches").group();
    }

    private void start(MailSecurity security) {
        test.forget();
        session.openMailbox(security, actions::tell);
    }

    private void stop() {
        test.forget();
        session.closeMailbox();
    }
}
