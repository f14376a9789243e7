package io.answerback.files.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.files.BrokenFile;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Pictures of every way in which a camera can be held, and pictures that are none.
class PictureFileTest {
    private static final Map<Character, Color> COLOURS =
            Map.of('R', Color.RED, 'G', Color.GREEN, 'B', Color.BLUE, 'W', Color.WHITE);

    @TempDir
    Path folder;

    private static BufferedImage picture(PictureFile.Read read) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(read.jpeg()));
    }

    private static char colourAt(BufferedImage image, double across, double down) {
        Color is = new Color(image.getRGB((int) (across * image.getWidth()), (int) (down * image.getHeight())));
        return COLOURS.entrySet().stream()
                .min(java.util.Comparator.comparingInt(
                        entry -> Math.abs(entry.getValue().getRed() - is.getRed())
                                + Math.abs(entry.getValue().getGreen() - is.getGreen())
                                + Math.abs(entry.getValue().getBlue() - is.getBlue())))
                .orElseThrow()
                .getKey();
    }

    private static String quarters(BufferedImage image) {
        StringBuilder quarters = new StringBuilder();
        for (double[] at : new double[][] {{0.25, 0.25}, {0.75, 0.25}, {0.25, 0.75}, {0.75, 0.75}}) {
            quarters.append(colourAt(image, at[0], at[1]));
        }
        return quarters.toString();
    }

    /// Exif 2.3, tag 0x0112: where the first row and the first column of what is stored belong. Stored is red,
    /// green over blue, white; seen from above left to below right it has to be as here.
    @ParameterizedTest
    @CsvSource({
        "1, RGBW",
        "2, GRWB",
        "3, WBGR",
        "4, BWRG",
        "5, RBGW",
        "6, BRWG",
        "7, WGBR",
        "8, GWRB",
        "0, RGBW",
        "99, RGBW"
    })
    void everyWayToHoldACameraComesOutUpright(int orientation, String seen) throws Exception {
        BufferedImage stored = CameraPicture.quarters(160, 80, Color.RED, Color.GREEN, Color.BLUE, Color.WHITE);
        PictureFile.Read read =
                PictureFile.read(CameraPicture.write(folder.resolve("camera.jpg"), stored, orientation));
        BufferedImage upright = picture(read);
        boolean turned = orientation >= 5 && orientation <= 8;
        assertThat(List.of(upright.getWidth(), upright.getHeight()))
                .isEqualTo(turned ? List.of(80, 160) : List.of(160, 80));
        assertThat(quarters(upright)).isEqualTo(seen);
        assertThat(read.takenAt()).contains(Instant.parse("2026-05-12T09:38:12Z"));
        assertThat(read.latitude()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "1600, 1200, 1600, 1200",
        "1601, 1000, 1600, 999",
        "3200, 100, 1600, 50",
        "100, 4000, 40, 1600",
        "5000, 1, 1600, 1"
    })
    void theLongerSideHasSixteenHundredAtMost(int width, int height, int keptWidth, int keptHeight) throws Exception {
        Path file = folder.resolve("wide.png");
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        BufferedImage kept = picture(PictureFile.read(file));
        assertThat(List.of(kept.getWidth(), kept.getHeight())).containsExactly(keptWidth, keptHeight);
    }

    @Test
    void whatCanBeSeenThroughLiesOnWhite() throws Exception {
        Path file = folder.resolve("clear.png");
        ImageIO.write(new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB), "png", file.toFile());
        assertThat(quarters(picture(PictureFile.read(file)))).isEqualTo("WWWW");
    }

    @Test
    void aFileThatIsTooLargeIsRefusedBeforeItIsRead() throws Exception {
        Path file = folder.resolve("huge.jpg");
        try (RandomAccessFile huge = new RandomAccessFile(file.toFile(), "rw")) {
            huge.setLength(60L * 1024 * 1024 + 1);
        }
        assertThatThrownBy(() -> PictureFile.read(file)).hasMessageContaining("huge.jpg has more than 60 MB");
    }

    /// A header that promises more pixels than memory has: 20 000 by 20 000 in a file of some bytes.
    @Test
    void aPictureOfTooManyPixelsIsRefusedBeforeItIsDecoded() throws Exception {
        Path file = folder.resolve("bomb.png");
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        byte[] bytes = Files.readAllBytes(file);
        java.nio.ByteBuffer.wrap(bytes).putInt(16, 20_000).putInt(20, 20_000);
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(bytes, 12, 17);
        java.nio.ByteBuffer.wrap(bytes).putInt(29, (int) sum.getValue());
        Files.write(file, bytes);
        assertThatThrownBy(() -> PictureFile.read(file)).hasMessageContaining("more than 120 million pixels");
    }

    @Test
    void damagedPicturesAreReadOrRefusedAndNothingElse() throws Exception {
        BufferedImage stored = CameraPicture.quarters(64, 48, Color.RED, Color.GREEN, Color.BLUE, Color.WHITE);
        byte[] whole = Files.readAllBytes(CameraPicture.write(folder.resolve("camera.jpg"), stored, 6));
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            byte[] wrong = Arrays.copyOf(whole, whole.length - random.nextInt(whole.length));
            for (int change = 0; change < 5 && wrong.length > 0; change++) {
                wrong[random.nextInt(wrong.length)] = (byte) random.nextInt(256);
            }
            Path file = Files.write(folder.resolve("damaged.jpg"), wrong);
            try {
                assertThat(picture(PictureFile.read(file))).isNotNull();
            } catch (BrokenFile refused) {
                assertThat(refused.getMessage()).isNotBlank();
            }
        }
    }
}
