package io.answerback.desktop.report;

import io.answerback.core.sound.Call;
import io.answerback.core.sound.LineQuality;
import io.answerback.core.sound.Sound;
import io.answerback.core.sound.Synthesis;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.WavFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.LineEvent;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.UnsupportedAudioFileException;

/// Plays a call where the machine has sound, or writes it as a file.
public final class SoundOut {
    private static final List<FileQuestions.Sort> WAV = List.of(new FileQuestions.Sort("Sound", "*.wav"));
    private static final int LONGEST_SECONDS = 120;

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    /// What writes files, and asks where.
    public SoundOut(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    private static byte[] wav(Call call) {
        Sound sound = Synthesis.of(call, LineQuality.GOOD, new Random(0));
        return WavFile.bytes(sound);
    }

    /// Asks for a file and writes the call to it.
    void save(Call call, String name) {
        Optional<Path> file = files.toWrite("Call as sound", name + ".wav", WAV);
        file.ifPresent(path -> background.run(
                () -> {
                    SafeFile.replace(path, wav(call));
                    return path;
                },
                written -> actions.tell("Written: " + written)));
    }

    /// Plays the call, without waiting for its end.
    void play(Call call) {
        background.compute(
                () -> {
                    try {
                        playing(wav(call));
                        return "";
                    } catch (LineUnavailableException | IllegalArgumentException none) {
                        return "This computer has no sound to hear it with; save it as WAV instead.";
                    }
                },
                says -> {
                    if (!says.isEmpty()) {
                        actions.tell(says);
                    }
                });
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
