package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The bytes of a capture file, taken apart by the layouts of pcap, IP, UDP and TCP.
class PacketCaptureTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07.250Z");
    private static final InetSocketAddress CALLER = new InetSocketAddress("192.0.2.7", 40_000);
    private static final InetSocketAddress STATION = new InetSocketAddress("192.0.2.10", 9009);

    @TempDir
    Path folder;

    private ByteBuffer captured(boolean udp, String... texts) throws Exception {
        Path file = folder.resolve("station.pcap");
        try (PacketCapture capture = new PacketCapture(file)) {
            for (int i = 0; i < texts.length; i++) {
                boolean back = i % 2 == 1;
                capture.add(AT, udp, back ? STATION : CALLER, back ? CALLER : STATION, texts[i]);
            }
        }
        return ByteBuffer.wrap(Files.readAllBytes(file));
    }

    private static int checksum(byte[] bytes, int from, int length, int begun) {
        int sum = begun;
        for (int i = 0; i < length; i += 2) {
            sum += (bytes[from + i] & 0xFF) << 8 | (i + 1 < length ? bytes[from + i + 1] & 0xFF : 0);
        }
        while (sum >>> 16 != 0) {
            sum = (sum & 0xFFFF) + (sum >>> 16);
        }
        return sum;
    }

    @Test
    void aDatagramHasItsHeadersAndRightChecksums() throws Exception {
        ByteBuffer file = captured(true, "abc");
        assertThat(file.getInt(0)).isEqualTo(0xA1B2C3D4);
        assertThat(file.getInt(20)).isEqualTo(101);
        assertThat(file.getInt(24)).isEqualTo((int) AT.getEpochSecond());
        assertThat(file.getInt(28)).isEqualTo(250_000);
        assertThat(file.getInt(32)).isEqualTo(20 + 8 + 3);
        byte[] bytes = file.array();
        assertThat(bytes[40]).isEqualTo((byte) 0x45);
        assertThat(checksum(bytes, 40, 20, 0)).isEqualTo(0xFFFF);
        assertThat(file.getShort(60) & 0xFFFF).isEqualTo(40_000);
        assertThat(file.getShort(62)).isEqualTo((short) 9009);
        int pseudo = checksum(bytes, 52, 8, 17 + 11);
        assertThat(checksum(bytes, 60, 11, pseudo)).isEqualTo(0xFFFF);
        assertThat(new String(bytes, 68, 3, StandardCharsets.ISO_8859_1)).isEqualTo("abc");
    }

    @Test
    void aConnectionCountsItsBytesInBothDirections() throws Exception {
        ByteBuffer file = captured(false, "abcde", "xy", "f");
        int first = 40;
        int second = first + 20 + 20 + 5 + 16;
        int third = second + 20 + 20 + 2 + 16;
        assertThat(file.getInt(first + 24)).isEqualTo(1);
        assertThat(file.getInt(second + 24)).isEqualTo(1);
        assertThat(file.getInt(second + 28)).isEqualTo(6);
        assertThat(file.getInt(third + 24)).isEqualTo(6);
        assertThat(file.getInt(third + 28)).isEqualTo(3);
        assertThat(file.array()).hasSize(third + 41);
    }

    /// RFC 8200: 40 bytes of header, and the checksum over both addresses of 16 bytes.
    @Test
    void aDatagramOfTheNewerProtocolHasItsHeader() throws Exception {
        Path file = folder.resolve("six.pcap");
        InetSocketAddress caller = new InetSocketAddress("2001:db8::1", 40_000);
        InetSocketAddress station = new InetSocketAddress("2001:db8::2", 9009);
        try (PacketCapture capture = new PacketCapture(file)) {
            capture.add(AT, true, caller, station, "abcd", "");
        }
        byte[] bytes = Files.readAllBytes(file);
        ByteBuffer read = ByteBuffer.wrap(bytes);
        assertThat(bytes).as("no answer, no second packet").hasSize(24 + 16 + 40 + 8 + 4);
        assertThat(bytes[40] >> 4).isEqualTo(6);
        assertThat(read.getShort(44)).isEqualTo((short) 12);
        assertThat(bytes[46]).isEqualTo((byte) 17);
        int pseudo = checksum(bytes, 48, 32, 17 + 12);
        assertThat(checksum(bytes, 80, 12, pseudo)).isEqualTo(0xFFFF);
    }

    @Test
    void aFrameAndItsAnswerAreTwoPackets() throws Exception {
        Path file = folder.resolve("two.pcap");
        try (PacketCapture capture = new PacketCapture(file)) {
            capture.add(AT, true, CALLER, STATION, "ask", "answer");
        }
        ByteBuffer read = ByteBuffer.wrap(Files.readAllBytes(file));
        int second = 24 + 16 + 20 + 8 + 3;
        assertThat(read.getInt(second + 8)).isEqualTo(20 + 8 + 6);
        assertThat(read.getShort(second + 16 + 20)).isEqualTo((short) 9009);
        assertThat(read.getShort(second + 16 + 22) & 0xFFFF).isEqualTo(40_000);
    }
}
