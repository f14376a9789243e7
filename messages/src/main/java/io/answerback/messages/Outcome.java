package io.answerback.messages;

import java.time.Duration;
import java.util.Optional;

/// What became of a message.
///
/// @param state whether it was taken
/// @param says what happened, in one sentence
/// @param remedy what to do next; empty where nothing is to be done
/// @param took how long it took; empty where nothing was sent
/// @param certificate what a server showed that nobody vouches for; empty for none
public record Outcome(
        State state, String says, String remedy, Optional<Duration> took, Optional<ShownCertificate> certificate) {
    /// Whether a message was taken.
    public enum State {
        /// The server took it.
        TAKEN,
        /// It was not sent.
        NOT_SENT,
        /// Nobody knows: the server may have taken it. It is not sent again by itself.
        UNKNOWN
    }

    /// The server took it.
    public static Outcome taken(String says, Duration took) {
        return new Outcome(State.TAKEN, says, "", Optional.of(took), Optional.empty());
    }

    /// It was not sent.
    public static Outcome notSent(String says, String remedy) {
        return new Outcome(State.NOT_SENT, says, remedy, Optional.empty(), Optional.empty());
    }

    /// It was not sent, because nobody vouches for the certificate of the server.
    public static Outcome untrusted(ShownCertificate certificate) {
        return new Outcome(
                State.NOT_SENT,
                certificate.says(),
                "Ask the provider for the fingerprint of its certificate. Trust this one only when they are the same.",
                Optional.empty(),
                Optional.of(certificate));
    }

    /// The server may have taken it.
    public static Outcome unknown(String says) {
        return new Outcome(
                State.UNKNOWN,
                says,
                "Ask whether it arrived before you send it again.",
                Optional.empty(),
                Optional.empty());
    }
}
