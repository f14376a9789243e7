package io.answerback.messages.mail;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.mail.MailSecurity;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;

/// The stand-in's mailbox among callers who sit idle or send more than it takes.
class MailboxTest {
    private static final int IDLE = 100;

    private final List<ReceivedMail> arrived = new CopyOnWriteArrayList<>();

    private Mailbox open() throws IOException {
        return Mailbox.open(0, MailSecurity.NONE, InstantSource.system(), arrived::add);
    }

    /// One who speaks SMTP line by line.
    private static final class Caller implements AutoCloseable {
        private final Socket socket;
        private final BufferedReader in;
        private final OutputStream out;

        Caller(Mailbox mailbox) throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), mailbox.port());
            socket.setSoTimeout(20_000);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            out = socket.getOutputStream();
        }

        String says(String line) throws IOException {
            out.write((line + "\r\n").getBytes(StandardCharsets.UTF_8));
            return hears();
        }

        String hears() throws IOException {
            String line = in.readLine();
            while (line != null && line.length() > 3 && line.charAt(3) == '-') {
                line = in.readLine();
            }
            return line;
        }

        String sends(String text) throws IOException {
            hears();
            says("HELO caller.example");
            says("MAIL FROM:<alarm@site.example>");
            says("RCPT TO:<jk@firm.example>");
            says("DATA");
            return says("Subject: alarm\r\n\r\n" + text + "\r\n.");
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }

    @Test
    void nobodyIsRefusedBecauseOthersSitIdle() throws Exception {
        List<Caller> idle = new ArrayList<>();
        try (Mailbox mailbox = open()) {
            for (int i = 0; i < IDLE; i++) {
                idle.add(new Caller(mailbox));
            }
            try (Caller good = new Caller(mailbox)) {
                assertThat(good.sends("Hold-up")).startsWith("250");
            }
            assertThat(arrived)
                    .singleElement()
                    .satisfies(mail -> assertThat(mail.text()).isEqualTo("Hold-up"));
            for (Caller caller : idle) {
                caller.close();
            }
        }
    }

    @Test
    void aMailThatIsTooLargeIsRefusedWithWhyAndTheNextIsTaken() throws Exception {
        PrintStream before = System.err;
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        System.setErr(new PrintStream(printed, true, StandardCharsets.UTF_8));
        try (Mailbox mailbox = open()) {
            try (Caller caller = new Caller(mailbox)) {
                assertThat(caller.sends(("x".repeat(70) + "\r\n").repeat(5000)))
                        .isEqualTo("552 the mail has more than 256 kB, which this stand-in does not take");
                assertThat(caller.says("NOOP")).startsWith("250");
            }
            try (Caller caller = new Caller(mailbox)) {
                assertThat(caller.sends("Restored")).startsWith("250");
            }
        } finally {
            System.setErr(before);
        }
        assertThat(arrived).hasSize(1);
        assertThat(printed.toString(StandardCharsets.UTF_8)).doesNotContain("\tat ");
    }
}
