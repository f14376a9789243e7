package io.answerback.command;

import io.answerback.files.BrokenFile;
import io.answerback.files.folder.AppFolder;
import io.answerback.files.secret.KeyFile;
import io.answerback.files.secret.StationKeys;
import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import picocli.CommandLine.Option;

/// The keys that stations gave and that are kept on this computer. Their pass phrase is asked for, never given
/// as an argument, which other programs could read.
final class StoredKeysOption {
    @Option(
            names = "--stored-keys",
            description = "uses the keys kept on this computer; asks for their pass phrase, or takes it from the first"
                    + " line of standard input")
    private boolean stored;

    /// The keys; none when they were not asked for.
    StationKeys read() throws BrokenFile {
        if (!stored) {
            return StationKeys.NONE;
        }
        Path folder = AppFolder.find();
        if (!KeyFile.exists(folder)) {
            throw new BrokenFile(
                    "No keys are kept on this computer yet. Keep them in the window: Report, Receivers, Keys.");
        }
        char[] phrase = phrase();
        try {
            return KeyFile.open(folder, phrase).secrets().keys();
        } finally {
            Arrays.fill(phrase, ' ');
        }
    }

    private static char[] phrase() throws BrokenFile {
        Console console = System.console();
        if (console != null && console.isTerminal()) {
            char[] typed = console.readPassword("Pass phrase: ");
            return typed == null ? new char[0] : typed;
        }
        try {
            String line = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
            return line == null ? new char[0] : line.toCharArray();
        } catch (IOException closed) {
            throw new BrokenFile("The pass phrase cannot be read from standard input.");
        }
    }
}
