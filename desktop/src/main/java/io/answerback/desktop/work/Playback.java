package io.answerback.desktop.work;

import io.answerback.core.signal.sound.Sound;
import io.answerback.files.exchange.WavFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.LineEvent;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.UnsupportedAudioFileException;

/// Plays sounds where the machine has a loudspeaker.
public final class Playback {
    private static final int LONGEST_SECONDS = 120;

    private Playback() {}

    /// Plays a sound and waits for its end; not on the window's thread.
    ///
    /// @return whether the machine could play it
    public static boolean play(Sound sound) throws IOException, InterruptedException {
        try {
            playing(WavFile.bytes(sound));
            return true;
        } catch (LineUnavailableException | IllegalArgumentException none) {
            return false;
        } catch (UnsupportedAudioFileException impossible) {
            throw new IOException(impossible);
        }
    }

    private static void playing(byte[] wav)
            throws LineUnavailableException, IOException, UnsupportedAudioFileException, InterruptedException {
        CountDownLatch over = new CountDownLatch(1);
        try (Clip clip = AudioSystem.getClip()) {
            clip.addLineListener(event -> {
                if (event.getType() == LineEvent.Type.STOP) {
                    over.countDown();
                }
            });
            clip.open(AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav)));
            clip.start();
            over.await(LONGEST_SECONDS, TimeUnit.SECONDS);
        }
    }
}
