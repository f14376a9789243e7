package io.answerback.files.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.service.Photograph;
import io.answerback.files.BrokenFile;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Photographs beside a job: turned, scaled, without what the camera wrote, and refused where they are none.
class PhotographsTest {
    @TempDir
    Path folder;

    private Photographs photographs;

    @BeforeEach
    void job() {
        photographs = Photographs.beside(folder.resolve("quay.answerback.json"));
    }

    /// A lying picture, its left half red, with what a camera writes about how it was held.
    private Path picture(int width, int height, int orientation) throws IOException {
        return CameraPicture.write(
                folder.resolve("camera.jpg"),
                CameraPicture.quarters(width, height, Color.RED, Color.WHITE, Color.RED, Color.WHITE),
                orientation);
    }

    @Test
    void aPictureIsTurnedUprightScaledAndCleaned() throws Exception {
        Photograph taken = photographs.take(picture(4000, 1000, 6), "Box of the panel", true);
        assertThat(taken.file()).isEqualTo("box-of-the-panel-1.jpg");
        assertThat(taken.takenAt()).contains(Instant.parse("2026-05-12T09:38:12Z"));
        BufferedImage kept = ImageIO.read(photographs.file(taken).toFile());
        assertThat(kept.getWidth()).isEqualTo(400);
        assertThat(kept.getHeight()).isEqualTo(1600);
        // what was on the left is on top after a quarter to the right
        assertThat(new Color(kept.getRGB(200, 200)).getGreen()).isLessThan(60);
        assertThat(new Color(kept.getRGB(200, 1400)).getGreen()).isGreaterThan(200);
        assertThat(new String(Files.readAllBytes(photographs.file(taken)), StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif")
                .doesNotContain("2026:05:12");
        assertThat(photographs.wrong(taken)).isEmpty();
    }

    /// A small file can unpack to gigabytes; no more of it is unpacked than is kept.
    @Test
    void aPictureOfAHundredMillionPixelsIsTakenInLittleMemory() throws Exception {
        Path file = folder.resolve("bomb.png");
        Png.ofOneColour(file, 11_000, 10_000);
        assertThat(Files.size(file)).isLessThan(2 << 20);
        var memory = (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        long before = memory.getCurrentThreadAllocatedBytes();
        Photograph taken = photographs.take(file, "door", false);
        assertThat(memory.getCurrentThreadAllocatedBytes() - before).isLessThan(200L << 20);
        assertThat(ImageIO.read(photographs.file(taken).toFile()).getWidth()).isEqualTo(1600);
        Png.ofOneColour(file, 200_000, 100);
        assertThatThrownBy(() -> photographs.take(file, "door", false)).hasMessageContaining("more than 120 million");
    }

    @Test
    void timeAndPlaceAreLeftOutWhereTheRulesSaySo() throws Exception {
        Photograph first = photographs.take(picture(40, 30, 1), "ドア", false);
        Photograph second = photographs.take(picture(40, 30, 1), "Ångström / ..", false);
        assertThat(first.takenAt()).isEmpty();
        assertThat(first.file()).isEqualTo("picture-1.jpg");
        assertThat(second.file()).isEqualTo("angstrom-1.jpg");
    }

    @Test
    void aPictureThatWasChangedOrIsGoneIsSaid() throws Exception {
        Photograph taken = photographs.take(picture(40, 30, 1), "lid", false);
        Files.write(photographs.file(taken), new byte[] {1});
        assertThat(photographs.wrong(taken)).contains("its file was changed since");
        Files.delete(photographs.file(taken));
        assertThat(photographs.wrong(taken).orElseThrow()).startsWith("its file is not beside the job");
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        Path words = Files.writeString(folder.resolve("words.jpg"), "no picture at all");
        assertThatThrownBy(() -> photographs.take(words, "lid", false))
                .hasMessageContaining("words.jpg is not a picture that can be read");
        byte[] whole = Files.readAllBytes(picture(400, 300, 1));
        Path half = Files.write(folder.resolve("half.jpg"), java.util.Arrays.copyOf(whole, 200));
        assertThatThrownBy(() -> photographs.take(half, "lid", false)).isInstanceOf(BrokenFile.class);
        assertThat(folder.resolve("quay.photographs")).doesNotExist();
    }
}
