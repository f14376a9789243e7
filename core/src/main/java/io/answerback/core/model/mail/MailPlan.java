package io.answerback.core.model.mail;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;

/// The mail server the communicator sends mails by. Its password is never part of a job.
///
/// @param server name or address of the server; empty while not known
/// @param port its port, 1 to 65535
/// @param security how the connection is protected
/// @param account the account at the server; empty for a server that asks for none
/// @param sender the address mails come from; empty while not known
/// @param trusted SHA-256 of the one certificate that is trusted though nobody vouches for it, as 64 hex digits;
///     empty for none
@RecordBuilder
public record MailPlan(String server, int port, MailSecurity security, String account, String sender, String trusted)
        implements MailPlanBuilder.With {
    /// A server of which nothing is known yet: the usual port for sending, protected by STARTTLS (RFC 6409).
    public static final MailPlan UNKNOWN = new MailPlan("", 587, MailSecurity.STARTTLS, "", "", "");

    private static final String SERVER = "[A-Za-z0-9._:-]{0,250}";
    private static final String ADDRESS = "([^@\\s,;<>\"]{1,64}@[A-Za-z0-9.-]{1,190})?";
    private static final int LONGEST_ACCOUNT = 190;

    /// @throws IllegalArgumentException when a field is not what it should be
    public MailPlan {
        server = plain(server, SERVER, "mail server", "write its name, such as mail.example, without http://");
        Require.within(port, 1, 65_535, "port of the mail server");
        security = security == null ? MailSecurity.STARTTLS : security;
        account = account == null ? "" : account.strip();
        Require.within(account.length(), 0, LONGEST_ACCOUNT, "letters of the account at the mail server");
        if (account.chars().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException("account at the mail server has a line break in it; type it again");
        }
        sender = plain(sender, ADDRESS, "sender of mails", "write it as name@example.com");
        trusted = plain(trusted, "([0-9a-f]{64})?", "trusted certificate", "it is 64 hex digits");
    }

    private static String plain(String text, String pattern, String what, String next) {
        String bare = text == null ? "" : text.strip();
        if (!bare.matches(pattern)) {
            throw new IllegalArgumentException(what + " is \"" + bare + "\"; " + next);
        }
        return bare;
    }

    /// The same at another server. A certificate that was trusted is that of the old one.
    public MailPlan withServer(String other) {
        return new MailPlan(
                other, port, security, account, sender, other.strip().equals(server) ? trusted : "");
    }
}
