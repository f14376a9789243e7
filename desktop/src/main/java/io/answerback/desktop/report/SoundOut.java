package io.answerback.desktop.report;

import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Sound;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.Playback;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.WavFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Plays a call where the machine has sound, or writes it as a file.
public final class SoundOut {
    private static final List<FileQuestions.Sort> WAV = List.of(new FileQuestions.Sort("Sound", "*.wav"));

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    /// What writes files, and asks where.
    public SoundOut(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    private static Sound sound(Call call) {
        return Synthesis.of(call, LineQuality.GOOD, new Random(0));
    }

    /// Asks for a file and writes the call to it.
    void save(Call call, String name) {
        Optional<Path> file = files.toWrite("Call as sound", name + ".wav", WAV);
        file.ifPresent(path -> background.run(
                () -> {
                    SafeFile.replace(path, WavFile.bytes(sound(call)));
                    return path;
                },
                written -> actions.tell("Written: " + written)));
    }

    /// Plays the call, without waiting for its end.
    public void play(Call call) {
        background.compute(() -> Playback.play(sound(call)), played -> {
            if (!played) {
                actions.tell("This computer has no sound to hear it with; save it as WAV instead.");
            }
        });
    }
}
