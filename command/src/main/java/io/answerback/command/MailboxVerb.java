package io.answerback.command;

import io.answerback.core.model.mail.MailSecurity;
import io.answerback.messages.MessageJson;
import io.answerback.messages.mail.Mailbox;
import java.io.IOException;
import java.time.InstantSource;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ObjectNode;

/// The stand-in mail server without a window: a line of JSON a mail, until it is ended.
@Command(
        name = "mailbox",
        description = "mail server that stands in for the provider's, on this computer only",
        footer = {
            "",
            "The first line says the port, and the SHA-256 of the certificate it shows. At most",
            "20 connections at once; 30 s of silence end one; a mail has 256 kB at most."
        },
        mixinStandardHelpOptions = true)
final class MailboxVerb implements Callable<Integer> {
    @Option(names = "--port", defaultValue = "2525", description = "0 for any free one (default: ${DEFAULT-VALUE})")
    private int port;

    @Mixin
    private MailSecurityOption security;

    @Option(names = "--json", description = "accepted for likeness; it always answers in JSON lines")
    private boolean json;

    @Override
    public Integer call() throws IOException, InterruptedException {
        ListeningPort.require(port);
        MailSecurity how = security.read();
        try (Mailbox mailbox =
                Mailbox.open(port, how, InstantSource.system(), mail -> Json.line(MessageJson.line(mail)))) {
            ObjectNode first = Json.object().put("listening", mailbox.port());
            if (mailbox.fingerprint().isPresent()) {
                first.put("certificate", mailbox.fingerprint().get());
                StandInCertificate.keep(mailbox.port(), mailbox.fingerprint().get());
            }
            Json.line(first.toString());
            new CountDownLatch(1).await();
        }
        return 0;
    }
}
