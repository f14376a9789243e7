package io.answerback.messages.web;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.channels.SelectableChannel;
import java.nio.channels.SocketChannel;
import java.util.HashMap;
import java.util.Map;
import org.eclipse.jetty.io.SelectorManager;
import org.eclipse.jetty.util.IO;

/// Limits how many connections are open at once, from one address and in all. One too many is closed before anything
/// is read from it, so that a caller who opens hundreds does not keep others out.
final class ConnectionLimits implements SelectorManager.AcceptListener {
    private final int mostOfOne;
    private final int mostOfAll;
    private final Map<SelectableChannel, InetAddress> taken = new HashMap<>();
    private final Map<InetAddress, Integer> ofAddress = new HashMap<>();

    ConnectionLimits(int mostOfOne, int mostOfAll) {
        this.mostOfOne = mostOfOne;
        this.mostOfAll = mostOfAll;
    }

    @Override
    public synchronized void onAccepting(SelectableChannel channel) {
        try {
            InetAddress from = ((InetSocketAddress) ((SocketChannel) channel).getRemoteAddress()).getAddress();
            if (taken.size() >= mostOfAll || ofAddress.getOrDefault(from, 0) >= mostOfOne) {
                channel.close();
                return;
            }
            taken.put(channel, from);
            ofAddress.merge(from, 1, Integer::sum);
        } catch (IOException gone) {
            IO.close(channel);
        }
    }

    @Override
    public void onAcceptFailed(SelectableChannel channel, Throwable why) {
        onClosed(channel);
    }

    @Override
    public synchronized void onClosed(SelectableChannel channel) {
        InetAddress from = taken.remove(channel);
        if (from != null) {
            ofAddress.computeIfPresent(from, (same, open) -> open == 1 ? null : open - 1);
        }
    }
}
