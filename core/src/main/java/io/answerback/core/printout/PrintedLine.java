package io.answerback.core.printout;

/// One line as a receiver prints it.
///
/// @param account the account it is listed under
/// @param words the event in the receiver's words; the bare digit where it has none
/// @param where the area and the zone, as far as the format tells them; empty when it tells neither
/// @param falseAccount whether the account is none that was sent: an event's digit repeated
public record PrintedLine(String account, String words, String where, boolean falseAccount) {
    /// The line with blanks between its parts.
    public String text() {
        return (account + "  " + words + "  " + where).strip();
    }
}
