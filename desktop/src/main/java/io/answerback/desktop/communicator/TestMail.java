package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.message.Message;
import io.answerback.core.report.message.SignalWords;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import io.answerback.messages.Outcome;
import io.answerback.messages.ShownCertificate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// A test mail to a person by the stand-in or by the real server, and what became of it.
final class TestMail {
    /// Where a test mail goes by.
    private enum By {
        STAND_IN("the stand-in"),
        REAL("the real server");

        private final String words;

        By(String words) {
            this.words = words;
        }
    }

    private final Actions actions;
    private final EventTable events;
    private final MessageSession session;
    private final Runnable showAgain;
    private By by = By.STAND_IN;
    private final MailPasswordPart password;
    private String standInTrusted = "";
    private Optional<Person> to = Optional.empty();
    private Optional<Outcome> outcome = Optional.empty();
    private boolean sending;

    TestMail(Actions actions, EventTable events, MessageSession session, StoredKeys keys, Runnable showAgain) {
        this.actions = actions;
        this.events = events;
        this.session = session;
        this.showAgain = showAgain;
        this.password = new MailPasswordPart(actions, keys, showAgain);
    }

    /// Another stand-in has another certificate.
    void forget() {
        standInTrusted = "";
        outcome = Optional.empty();
    }

    /// The mail and what became of it.
    List<Part> parts(WindowState state, MailPlan plan) {
        Job job = state.job();
        List<Person> people =
                job.communicator().people().stream().filter(Person::hasMail).toList();
        if (people.isEmpty()) {
            return List.of(Words.empty("Nobody has a mail address yet. Write it under \"Who is told\"."));
        }
        Person person = to.filter(people::contains).orElse(people.getFirst());
        Parts whom = Parts.flow(
                Switch.bare("By", Arrays.asList(By.values()), by, its -> its.words, other -> {
                    by = other;
                    outcome = Optional.empty();
                    showAgain.run();
                }),
                Choice.of("To", people, person, its -> its.name() + ", " + its.mail(), other -> {
                    to = Optional.of(other);
                    showAgain.run();
                }));
        List<Part> parts = new ArrayList<>();
        parts.add(whom.style("switches").group());
        if (by == By.REAL) {
            parts.addAll(password.parts(plan));
            parts.addAll(password.unlocking(plan));
        }
        parts.add(sends(state, plan, person));
        if (by == By.REAL) {
            parts.add(Words.caution("This goes to a real person. Agree on it first."));
        }
        if (sending) {
            parts.add(Words.wrapped(Words.quiet("Sending …")));
        }
        outcome.filter(its -> !sending).ifPresent(its -> parts.add(outcome(its)));
        return parts;
    }

    /// The test mail, and the mails that setting and this point would send.
    private Part sends(WindowState state, MailPlan plan, Person person) {
        Job job = state.job();
        Parts row = Parts.flow(Tool.primary("Send a test mail", () -> send(test(job), plan, person))
                .enabled(!sending));
        ofSetting(job)
                .ifPresent(message -> row.add(Tool.of(
                                "Send that of setting",
                                "what is sent when the first area is set",
                                () -> send(message, plan, person))
                        .enabled(!sending)));
        ofPoint(state)
                .ifPresent(message -> row.add(Tool.of(
                                "Send that of " + state.point().name(),
                                "what is sent when this point becomes active",
                                () -> send(message, plan, person))
                        .enabled(!sending)));
        return row.style("switches").group();
    }

    private Part outcome(Outcome its) {
        Mark mark = switch (its.state()) {
            case TAKEN -> Mark.SOUND;
            case NOT_SENT -> Mark.WRONG;
            case UNKNOWN -> Mark.TIGHT;
        };
        String took = its.took()
                .map(time -> " It took %d ms.".formatted(time.toMillis()))
                .orElse("");
        Parts column = Parts.column(Group.row(
                        Marks.of(mark, its.says()),
                        Words.wrapped(its.says() + took).growing())
                .style("marked-row"));
        if (!its.remedy().isEmpty()) {
            column.add(Words.wrapped(Words.quiet(its.remedy())));
        }
        its.certificate().ifPresent(shown -> {
            column.add(Words.wrapped(Words.figure("SHA-256 " + shown.fingerprint())));
            column.add(Parts.flow(Tool.of(
                            "Trust this one", "this certificate of this server, and no other", () -> trust(shown)))
                    .style("switches")
                    .group());
        });
        return column.style("printed").group();
    }

    private void trust(ShownCertificate shown) {
        if (by == By.STAND_IN) {
            standInTrusted = shown.fingerprint();
        } else {
            actions.apply(UnitEdits.mail("certificate", its -> its.withTrusted(shown.fingerprint())));
        }
        outcome = Optional.empty();
        showAgain.run();
    }

    private static Message test(Job job) {
        return new Message(
                job.site().name() + ": test",
                job.site().name()
                        + ": a test of the messages to you. Nothing has happened. Please answer that it arrived.");
    }

    private Optional<Message> ofSetting(Job job) {
        EventTable words = events.in(Terms.of(job.practice()));
        return JobSignals.of(job).stream()
                .filter(its -> its.point().isEmpty() && SignalWords.settingOnly(its.signal()))
                .filter(its -> its.signal().qualifier() == Qualifier.RESTORE)
                .findFirst()
                .map(its -> Message.of(job, its.signal(), its.of(), words));
    }

    private Optional<Message> ofPoint(WindowState state) {
        EventTable words = events.in(Terms.of(state.job().practice()));
        return JobSignals.whenActive(state.job(), state.point().pointId())
                .map(its -> Message.of(state.job(), its.signal(), its.of(), words));
    }

    private void send(Message message, MailPlan plan, Person person) {
        if (by == By.STAND_IN && session.mailbox().isEmpty()) {
            outcome = Optional.of(Outcome.notSent("The stand-in does not run.", "Start it above, protected or not."));
            showAgain.run();
            return;
        }
        sending = true;
        if (by == By.STAND_IN) {
            session.mail(standIn(plan), new char[0], person.mail(), message, this::sent);
        } else {
            session.mail(plan, password.take(plan), person.mail(), message, this::sent);
        }
        showAgain.run();
    }

    private void sent(Outcome its) {
        sending = false;
        outcome = Optional.of(its);
        showAgain.run();
    }

    /// The same mail by the stand-in.
    private MailPlan standIn(MailPlan plan) {
        String sender = plan.sender().isEmpty() ? "alarm@site.example" : plan.sender();
        return new MailPlan(
                "localhost",
                session.mailbox().orElseThrow().port(),
                session.mailboxSecurity(),
                "",
                sender,
                standInTrusted);
    }
}
