package io.answerback.files.exchange;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Inet4Address;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

/// What passed between callers and a station as a capture file of network packets (pcap, raw IP) that general
/// network analysers open. Headers are made up from the addresses and ports; of a connection only the frames
/// and answers are in it, not its beginning and end.
public final class PacketCapture implements Closeable {
    private static final int MAGIC = 0xA1B2C3D4;
    private static final int LONGEST = 65_535;
    private static final int RAW_IP = 101;
    private static final int TCP = 6;
    private static final int UDP = 17;
    private static final byte PUSH_AND_ACKNOWLEDGE = 0x18;

    private final OutputStream out;
    private final Map<String, Integer> sequences = new HashMap<>();

    /// Begins a capture, in place of what was there.
    ///
    /// @throws IOException when the disk refuses
    public PacketCapture(Path file) throws IOException {
        out = Files.newOutputStream(file);
        ByteBuffer header = ByteBuffer.allocate(24).order(ByteOrder.BIG_ENDIAN);
        header.putInt(MAGIC).putShort((short) 2).putShort((short) 4).putInt(0).putInt(0);
        header.putInt(LONGEST).putInt(RAW_IP);
        out.write(header.array());
    }

    /// Adds one packet and brings it to the disk.
    ///
    /// @param udp whether it was a datagram; otherwise it came over a connection
    /// @param text what was sent, a character a byte
    /// @throws IOException when the disk refuses
    public synchronized void add(Instant at, boolean udp, InetSocketAddress from, InetSocketAddress to, String text)
            throws IOException {
        byte[] data = text.getBytes(StandardCharsets.ISO_8859_1);
        byte[] packet = packet(udp, from, to, data);
        ByteBuffer header = ByteBuffer.allocate(16).order(ByteOrder.BIG_ENDIAN);
        header.putInt((int) at.getEpochSecond()).putInt(at.getNano() / 1000);
        header.putInt(packet.length).putInt(packet.length);
        out.write(header.array());
        out.write(packet);
        out.flush();
    }

    /// Adds what a caller sent and, where there was one, the answer.
    ///
    /// @param reply the answer; empty when there was none
    /// @throws IOException when the disk refuses
    public void add(
            Instant at, boolean udp, InetSocketAddress caller, InetSocketAddress station, String sent, String reply)
            throws IOException {
        add(at, udp, caller, station, sent);
        if (!reply.isEmpty()) {
            add(at, udp, station, caller, reply);
        }
    }

    private byte[] packet(boolean udp, InetSocketAddress from, InetSocketAddress to, byte[] data) {
        boolean four = from.getAddress() instanceof Inet4Address && to.getAddress() instanceof Inet4Address;
        byte[] source = from.getAddress().getAddress();
        byte[] target = to.getAddress().getAddress();
        byte[] segment = udp ? datagram(from, to, data) : segment(from, to, data);
        checksum(segment, udp ? 6 : 16, source, target, udp ? UDP : TCP);
        ByteBuffer packet = ByteBuffer.allocate((four ? 20 : 40) + segment.length);
        if (four) {
            version4(packet, segment.length, udp ? UDP : TCP, source, target);
        } else {
            packet.putInt(0x60000000).putShort((short) segment.length);
            packet.put((byte) (udp ? UDP : TCP)).put((byte) 64).put(source).put(target);
        }
        return packet.put(segment).array();
    }

    private static void version4(ByteBuffer packet, int length, int protocol, byte[] source, byte[] target) {
        packet.put((byte) 0x45).put((byte) 0).putShort((short) (20 + length)).putInt(0);
        packet.put((byte) 64)
                .put((byte) protocol)
                .putShort((short) 0)
                .put(source)
                .put(target);
        packet.putShort(10, (short) ~sum(packet.array(), 20, 0));
    }

    private static byte[] datagram(InetSocketAddress from, InetSocketAddress to, byte[] data) {
        ByteBuffer out = ByteBuffer.allocate(8 + data.length);
        out.putShort((short) from.getPort()).putShort((short) to.getPort());
        return out.putShort((short) out.capacity())
                .putShort((short) 0)
                .put(data)
                .array();
    }

    private byte[] segment(InetSocketAddress from, InetSocketAddress to, byte[] data) {
        int sent = sequences.merge(from + ">" + to, data.length, Integer::sum) - data.length;
        int got = sequences.getOrDefault(to + ">" + from, 0);
        ByteBuffer out = ByteBuffer.allocate(20 + data.length);
        out.putShort((short) from.getPort())
                .putShort((short) to.getPort())
                .putInt(1 + sent)
                .putInt(1 + got);
        out.put((byte) 0x50).put(PUSH_AND_ACKNOWLEDGE).putShort((short) 8192).putInt(0);
        return out.put(data).array();
    }

    /// The checksum of a segment with its pseudo header (RFC 9293, RFC 768).
    private static void checksum(byte[] segment, int at, byte[] source, byte[] target, int protocol) {
        int sum = sum(source, source.length, sum(target, target.length, protocol + segment.length));
        int checksum = ~sum(segment, segment.length, sum) & 0xFFFF;
        ByteBuffer.wrap(segment).putShort(at, (short) (checksum == 0 && protocol == UDP ? 0xFFFF : checksum));
    }

    private static int sum(byte[] bytes, int length, int begun) {
        int sum = begun;
        for (int i = 0; i < length; i += 2) {
            sum += (bytes[i] & 0xFF) << 8 | (i + 1 < length ? bytes[i + 1] & 0xFF : 0);
        }
        while (sum >>> 16 != 0) {
            sum = (sum & 0xFFFF) + (sum >>> 16);
        }
        return sum;
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
