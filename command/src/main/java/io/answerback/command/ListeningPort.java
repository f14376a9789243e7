package io.answerback.command;

/// A port to listen on, as the command line says it.
final class ListeningPort {
    private static final int LAST = 65_535;

    private ListeningPort() {}

    /// Returns the port; 0 is any free one.
    ///
    /// @throws IllegalArgumentException when it is none
    static int require(int port) {
        if (port < 0 || port > LAST) {
            throw new IllegalArgumentException("port is " + port + "; it must be from 0 to " + LAST);
        }
        return port;
    }
}
