package io.answerback.files.record;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/// Pictures as cameras write them: with the way they were held, and the time.
final class CameraPicture {
    private CameraPicture() {}

    /// A picture with a colour in each quarter, row by row.
    static BufferedImage quarters(int width, int height, Color... colours) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        for (int quarter = 0; quarter < 4; quarter++) {
            pen.setColor(colours[quarter]);
            pen.fillRect(quarter % 2 * (width / 2), quarter / 2 * (height / 2), width / 2, height / 2);
        }
        pen.dispose();
        return image;
    }

    /// Writes a picture.
    ///
    /// @param orientation how the camera was held, 1 to 8 by Exif 2.3
    static Path write(Path file, BufferedImage image, int orientation) throws IOException {
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", jpeg);
        byte[] bytes = jpeg.toByteArray();
        byte[] exif = exif(orientation);
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.write(bytes, 0, 2);
        whole.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) ((exif.length + 2) >> 8), (byte) (exif.length + 2)});
        whole.write(exif);
        whole.write(bytes, 2, bytes.length - 2);
        return Files.write(file, whole.toByteArray());
    }

    /// Orientation, and the time it was taken, as Exif 2.3 has them.
    private static byte[] exif(int orientation) {
        ByteBuffer bytes =
                ByteBuffer.allocate(6 + 8 + 2 + 24 + 4 + 2 + 12 + 4 + 20).order(ByteOrder.BIG_ENDIAN);
        bytes.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        bytes.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        bytes.putShort((short) 2);
        bytes.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        bytes.putShort((short) 0x8769).putShort((short) 4).putInt(1).putInt(38);
        bytes.putInt(0);
        bytes.putShort((short) 1);
        bytes.putShort((short) 0x9003).putShort((short) 2).putInt(20).putInt(56);
        bytes.putInt(0);
        bytes.put("2026:05:12 09:38:12\0".getBytes(StandardCharsets.US_ASCII));
        return bytes.array();
    }
}
