package io.answerback.command;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.message.Notification;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.messages.Outcome;
import io.answerback.messages.mail.MailSender;
import io.answerback.messages.text.TextGateway;
import io.answerback.messages.text.TextSender;
import java.net.URI;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What people are sent of an event; with a server, it is sent. Exit code 1 when something was not taken.
@Command(
        name = "notify",
        description = "what people are sent of an event; with --smtp or --texts it is sent",
        mixinStandardHelpOptions = true)
final class NotifyVerb implements Callable<Integer> {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    @Mixin
    private JobArgument argument;

    @Option(names = "--event", required = true, paramLabel = "E", description = "three digits, such as 130")
    private String event;

    @Option(names = "--person", paramLabel = "ID", description = "only this person")
    private String person;

    @Option(names = "--to", paramLabel = "ADDRESS", description = "sends mails there instead of to each person")
    private String to;

    @Option(names = "--smtp", paramLabel = "HOST:PORT", description = "sends mails by this server")
    private String smtp;

    @Mixin
    private MailSecurityOption security;

    @Option(
            names = "--trust",
            paramLabel = "SHA256",
            description =
                    "trusts this one certificate, as 64 hex digits; that of a stand-in on this computer is trusted")
    private String trust = "";

    @Option(names = "--texts", paramLabel = "HOST:PORT", description = "sends text messages by this gateway")
    private String texts;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.assess().job();
        List<Notification> all = notifications(job);
        ArrayNode list = Json.array();
        boolean taken = true;
        for (Notification each : all) {
            Optional<Outcome> outcome = sent(each, job);
            taken &= outcome.map(its -> its.state() == Outcome.State.TAKEN).orElse(true);
            ObjectNode line = list.addObject()
                    .put("person", each.person().id().text())
                    .put("by", each.way().shortWords())
                    .put("subject", each.message().subject())
                    .put("to", address(each))
                    .put("text", each.message().text());
            line.put(
                    "state",
                    outcome.map(its -> its.state().name().toLowerCase(Locale.ROOT))
                            .orElse("shown"));
            outcome.ifPresent(its -> line.put("says", its.says()));
        }
        print(list);
        return taken ? 0 : 1;
    }

    private void print(ArrayNode list) {
        if (argument.json()) {
            ObjectNode report = Json.object();
            report.set("sent", list);
            System.out.println(Json.text(report));
            return;
        }
        if (list.isEmpty()) {
            System.out.println("nobody is told of this by mail or text message");
        }
        list.forEach(line -> System.out.printf(
                "%s to %s: %s%s%n",
                line.get("by").asString(),
                line.get("to").asString(),
                line.get("text").asString(),
                line.has("says") ? " (" + line.get("says").asString() + ")" : ""));
    }

    private List<Notification> notifications(Job job) {
        EventTable words = DataFiles.events().in(Terms.of(job.practice()));
        if (words.find(event).isEmpty()) {
            throw new IllegalArgumentException("event is \"" + event + "\", which is in no table; such as 130");
        }
        JobSignals.Sent first = JobSignals.of(job).stream()
                .filter(its ->
                        its.signal().event().equals(event) && its.signal().qualifier() == Qualifier.NEW)
                .findFirst()
                .orElseGet(() -> new JobSignals.Sent("", Optional.empty(), plain(job)));
        List<Notification> all = new ArrayList<>(Notification.of(job, first.signal(), first.of(), words));
        if (person != null) {
            requireKnown(job);
            all.removeIf(its -> !its.person().id().text().equals(person));
        }
        return all;
    }

    private Signal plain(Job job) {
        String account = job.areas().stream()
                .map(area -> area.account())
                .filter(its -> !its.isEmpty())
                .findFirst()
                .orElse("0000");
        return new Signal(account, Qualifier.NEW, event, 0, 0);
    }

    private void requireKnown(Job job) {
        List<String> ids = job.communicator().people().stream()
                .map(Person::id)
                .map(id -> id.text())
                .toList();
        if (!ids.contains(person)) {
            throw new IllegalArgumentException(
                    "there is no person \"%s\" in this job; there are %s".formatted(person, ids));
        }
    }

    private Optional<Outcome> sent(Notification each, Job job) {
        if (each.way() == Notice.TEXT) {
            return Optional.ofNullable(texts)
                    .map(HostAndPort::read)
                    .map(at -> new TextSender(PATIENCE)
                            .send(
                                    URI.create("http://%s:%d%s".formatted(at.host(), at.port(), TextGateway.PATH)),
                                    each.to(),
                                    each.message().text()));
        }
        return Optional.ofNullable(smtp).map(HostAndPort::read).map(at -> {
            String trusted = trust.isEmpty()
                    ? StandInCertificate.of(at.host(), at.port()).orElse("")
                    : trust.toLowerCase(Locale.ROOT).replace(":", "");
            String sender = job.communicator()
                    .mail()
                    .map(MailPlan::sender)
                    .filter(its -> !its.isEmpty())
                    .orElse("alarm@site.example");
            MailPlan plan = new MailPlan(at.host(), at.port(), security.read(), "", sender, trusted);
            return new MailSender(PATIENCE, InstantSource.system())
                    .send(plan, new char[0], address(each), each.message());
        });
    }

    private String address(Notification each) {
        return to != null && each.way() == Notice.MAIL ? to : each.to();
    }
}
