package io.answerback.files.record;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.GeoLocation;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.exif.GpsDirectory;
import io.answerback.files.BrokenFile;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/// A picture out of a camera: read, turned upright, made as large as is needed, and written without what the
/// camera wrote into it. When and where it was taken is read from that (Exif 2.3).
final class PictureFile {
    private static final long MOST_BYTES = 60L * 1024 * 1024;
    private static final long MOST_PIXELS = 120_000_000;
    private static final int MOST_SIDE = 40_000;
    private static final int LONGEST_SIDE = 1600;
    private static final Set<String> KINDS = Set.of("jpeg", "jpg", "png", "gif", "bmp");

    /// A picture that was read.
    ///
    /// @param jpeg the picture as it is kept, with nothing in it but the picture
    /// @param takenAt when it was taken; empty where it does not say
    /// @param latitude where, in degrees north; empty where it does not say
    /// @param longitude where, in degrees east; empty where it does not say
    record Read(byte[] jpeg, Optional<Instant> takenAt, Optional<Double> latitude, Optional<Double> longitude) {}

    private PictureFile() {}

    /// @throws BrokenFile when it is not a picture, is broken, or is too large, with what to do
    /// @throws IOException when it cannot be read
    static Read read(Path file) throws BrokenFile, IOException {
        String name = file.getFileName().toString();
        if (Files.size(file) > MOST_BYTES) {
            throw new BrokenFile(name + " has more than 60 MB. Save it smaller, and drop it again.");
        }
        byte[] bytes = Files.readAllBytes(file);
        BufferedImage image = decoded(bytes, name);
        Metadata metadata = metadata(bytes);
        Optional<GeoLocation> place = Optional.ofNullable(metadata.getFirstDirectoryOfType(GpsDirectory.class))
                .map(GpsDirectory::getGeoLocation)
                .filter(its ->
                        !its.isZero() && Math.abs(its.getLatitude()) <= 90 && Math.abs(its.getLongitude()) <= 180);
        return new Read(
                jpeg(upright(image, orientation(metadata))),
                takenAt(metadata),
                place.map(GeoLocation::getLatitude),
                place.map(GeoLocation::getLongitude));
    }

    /// No more of it is unpacked than is kept: of a picture of many pixels each second, third and so on.
    private static BufferedImage decoded(byte[] bytes, String name) throws BrokenFile, IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw new BrokenFile(
                        name + " is not a picture that can be read. Save it as JPEG or PNG, and drop it again.");
            }
            try {
                reader.setInput(stream, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS || Math.max(width, height) > MOST_SIDE) {
                    throw new BrokenFile(
                            name + " has more than 120 million pixels. Save it smaller, and drop it again.");
                }
                ImageReadParam param = reader.getDefaultReadParam();
                int every = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
                param.setSourceSubsampling(every, every, 0, 0);
                return reader.read(0, param);
            } finally {
                reader.dispose();
            }
        } catch (javax.imageio.IIOException | IndexOutOfBoundsException | IllegalArgumentException broken) {
            throw new BrokenFile(name + " is broken. Copy it from the camera again.", broken);
        }
    }

    /// What the camera wrote into it is a convenience: a picture whose own notes are damaged is a picture.
    private static Metadata metadata(byte[] bytes) {
        try {
            return ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
        } catch (ImageProcessingException | IOException | RuntimeException none) {
            return new Metadata();
        }
    }

    private static Optional<Instant> takenAt(Metadata metadata) {
        return Optional.ofNullable(metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                .map(its -> its.getDateOriginal(TimeZone.getTimeZone("UTC")))
                .map(java.util.Date::toInstant);
    }

    private static int orientation(Metadata metadata) {
        ExifIFD0Directory directory = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        try {
            return directory != null && directory.containsTag(ExifDirectoryBase.TAG_ORIENTATION)
                    ? directory.getInt(ExifDirectoryBase.TAG_ORIENTATION)
                    : 1;
        } catch (MetadataException unreadable) {
            return 1;
        }
    }

    /// Turned by quarters as the camera says, and no longer than is needed.
    private static BufferedImage upright(BufferedImage image, int orientation) {
        int quarters = switch (orientation) {
            case 3, 4 -> 2;
            case 6, 7 -> 1;
            case 5, 8 -> 3;
            default -> 0;
        };
        boolean mirrored = orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7;
        double scale = Math.min(1.0, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        double width = image.getWidth() * scale;
        double height = image.getHeight() * scale;
        boolean lying = quarters % 2 == 1;
        BufferedImage turned = new BufferedImage(
                (int) Math.max(1, Math.round(lying ? height : width)),
                (int) Math.max(1, Math.round(lying ? width : height)),
                BufferedImage.TYPE_INT_RGB);
        AffineTransform turn = new AffineTransform();
        turn.translate(turned.getWidth() / 2.0, turned.getHeight() / 2.0);
        turn.quadrantRotate(quarters);
        turn.scale(mirrored ? -scale : scale, scale);
        turn.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        Graphics2D pen = turned.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.fillRect(0, 0, turned.getWidth(), turned.getHeight());
        pen.drawImage(image, turn, null);
        pen.dispose();
        return turned;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (!ImageIO.write(image, "jpg", out)) {
            throw new IOException("this Java cannot write JPEG");
        }
        return out.toByteArray();
    }
}
