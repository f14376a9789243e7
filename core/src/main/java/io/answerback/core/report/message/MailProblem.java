package io.answerback.core.report.message;

/// Something about a mail server that cannot work, or should not be left.
///
/// @param field which field of the sheet it is about
/// @param stops whether no mail can be sent as it is
/// @param says what is wrong, in one sentence
/// @param remedy what to do
public record MailProblem(Field field, boolean stops, String says, String remedy) {
    /// The fields of a mail server.
    public enum Field {
        /// Its name or address.
        SERVER("server"),
        /// Its port.
        PORT("port"),
        /// How the connection is protected.
        SECURITY("protection"),
        /// The account at it.
        ACCOUNT("account"),
        /// The address mails come from.
        SENDER("sender");

        private final String words;

        Field(String words) {
            this.words = words;
        }

        /// Its name on screen.
        public String words() {
            return words;
        }
    }
}
