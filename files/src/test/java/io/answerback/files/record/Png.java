package io.answerback.files.record;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;

/// Writes pictures that are large and hold nothing (PNG, ISO/IEC 15948).
final class Png {
    private Png() {}

    static void ofOneColour(Path file, int width, int height) throws IOException {
        try (DataOutputStream out = new DataOutputStream(Files.newOutputStream(file))) {
            out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
            ByteArrayOutputStream header = new ByteArrayOutputStream();
            DataOutputStream fields = new DataOutputStream(header);
            fields.writeInt(width);
            fields.writeInt(height);
            fields.write(new byte[] {8, 2, 0, 0, 0});
            chunk(out, "IHDR", header.toByteArray());
            ByteArrayOutputStream rows = new ByteArrayOutputStream();
            try (DeflaterOutputStream packed = new DeflaterOutputStream(rows)) {
                byte[] row = new byte[1 + 3 * width];
                for (int i = 0; i < height; i++) {
                    packed.write(row);
                }
            }
            chunk(out, "IDAT", rows.toByteArray());
            chunk(out, "IEND", new byte[0]);
        }
    }

    private static void chunk(DataOutputStream out, String kind, byte[] data) throws IOException {
        CRC32 check = new CRC32();
        check.update(kind.getBytes(StandardCharsets.US_ASCII));
        check.update(data);
        out.writeInt(data.length);
        out.writeBytes(kind);
        out.write(data);
        out.writeInt((int) check.getValue());
    }
}
