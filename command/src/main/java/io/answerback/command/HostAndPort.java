package io.answerback.command;

/// Where something listens, as the command line says it.
///
/// @param host a name or an address, without the brackets of IPv6
/// @param port 1 to 65535
record HostAndPort(String host, int port) {
    /// @throws IllegalArgumentException when it is not HOST:PORT
    static HostAndPort read(String text) {
        int colon = text.lastIndexOf(':');
        String port = text.substring(colon + 1);
        if (colon < 1 || !port.matches("\\d{1,5}") || Integer.parseInt(port) < 1 || Integer.parseInt(port) > 65_535) {
            throw new IllegalArgumentException("address is \"" + text + "\"; write HOST:PORT, such as 127.0.0.1:2525");
        }
        return new HostAndPort(text.substring(0, colon).replaceAll("[\\[\\]]", ""), Integer.parseInt(port));
    }
}
