package io.answerback.station;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;

/// The addresses at which this computer is reached on its networks.
public final class OwnAddresses {
    private OwnAddresses() {}

    /// The IPv4 addresses of all networks that are up, without that of the computer itself; none when that
    /// cannot be told. Asks the system, so call it off the interface's thread.
    public static List<String> onNetworks() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(OwnAddresses::up)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(Inet4Address.class::isInstance)
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException unknown) {
            return List.of();
        }
    }

    private static boolean up(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }
}
