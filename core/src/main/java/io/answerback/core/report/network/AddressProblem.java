package io.answerback.core.report.network;

/// What is wrong with a field of the address sheet.
///
/// @param says what is wrong, and what next
public record AddressProblem(Field field, String says) {
    /// Fields of the address sheet.
    public enum Field {
        /// The communicator's own address.
        ADDRESS("address"),
        /// The mask of its network.
        MASK("mask"),
        /// The router.
        GATEWAY("gateway"),
        /// The server that resolves names.
        NAME_SERVER("name server"),
        /// Other addresses of the network.
        TAKEN("in use");

        private final String words;

        Field(String words) {
            this.words = words;
        }

        /// What it is called.
        public String words() {
            return words;
        }
    }
}
