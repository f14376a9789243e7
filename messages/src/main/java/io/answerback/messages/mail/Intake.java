package io.answerback.messages.mail;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.subethamail.smtp.MessageHandler;
import org.subethamail.smtp.RejectException;

/// Takes one mail for the mailbox. One that is too large is heard to its end, kept nowhere and refused, so that
/// its sender learns why (RFC 5321, 552).
final class Intake implements MessageHandler {
    private static final int TOO_LARGE = 552;
    private static final long MOST_HEARD_BYTES = 64L << 20;

    private final int mostBytes;
    private final Taking taking;
    private final List<String> recipients = new ArrayList<>();
    private String sender = "";

    /// Takes a mail for one address.
    interface Taking {
        void take(String from, String to, byte[] data);
    }

    Intake(int mostBytes, Taking taking) {
        this.mostBytes = mostBytes;
        this.taking = taking;
    }

    @Override
    public void from(String from) {
        sender = from;
    }

    @Override
    public void recipient(String to) {
        recipients.add(to);
    }

    @Override
    public String data(InputStream in) throws RejectException, IOException {
        byte[] data = in.readNBytes(mostBytes);
        if (in.read() >= 0) {
            drain(in);
            throw new RejectException(
                    TOO_LARGE, "the mail has more than " + mostBytes / 1024 + " kB, which this stand-in does not take");
        }
        recipients.forEach(to -> taking.take(sender, to, data));
        return null;
    }

    private static void drain(InputStream in) throws IOException {
        byte[] block = new byte[1 << 13];
        long heard = 0;
        for (int length = in.read(block); length >= 0 && heard < MOST_HEARD_BYTES; length = in.read(block)) {
            heard += length;
        }
    }

    @Override
    public void done() {}
}
