package io.answerback.files.folder;

import io.answerback.files.SafeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/// What the window remembers between starts.
///
/// @param recent job files, newest first, at most ten
/// @param x left edge of the window, in pixels
/// @param y top edge
/// @param width its width; 0 before it was ever shown
/// @param height its height; 0 before it was ever shown
/// @param dark whether the dark theme is on
/// @param textPercent size of text, 100 to 150
/// @param folder where the last file dialog ended; blank before the first
/// @param person who works at this computer, by name or initials; blank before they said so
public record Remembered(
        List<String> recent,
        double x,
        double y,
        double width,
        double height,
        boolean dark,
        int textPercent,
        String folder,
        String person) {
    private static final int MOST_RECENT = 10;
    private static final String FILE = "window.json";
    private static final JsonMapper JSON = JsonMapper.shared();

    public Remembered {
        recent = recent == null ? List.of() : List.copyOf(recent);
        textPercent = Math.clamp(textPercent, 100, 150);
        folder = folder == null ? "" : folder;
        person = person == null ? "" : person;
    }

    /// What a first start knows.
    public static Remembered nothing() {
        return new Remembered(List.of(), 0, 0, 0, 0, false, 100, "", "");
    }

    /// What was remembered in `folder`; nothing when that cannot be read.
    public static Remembered load(Path folder) {
        if (!Files.exists(folder.resolve(FILE))) {
            return nothing();
        }
        try {
            return JSON.readValue(Files.readString(folder.resolve(FILE)), Remembered.class);
        } catch (IOException | JacksonException unreadable) {
            return nothing();
        }
    }

    /// Remembers this in `folder`.
    ///
    /// @throws IOException when the disk refuses
    public void save(Path folder) throws IOException {
        SafeFile.replace(
                folder.resolve(FILE), JSON.writerWithDefaultPrettyPrinter().writeValueAsString(this) + "\n");
    }

    /// The same with a job file moved to the front.
    public Remembered opened(Path file) {
        List<String> files = new ArrayList<>(recent);
        files.remove(file.toAbsolutePath().toString());
        files.addFirst(file.toAbsolutePath().toString());
        return new Remembered(
                files.subList(0, Math.min(MOST_RECENT, files.size())),
                x,
                y,
                width,
                height,
                dark,
                textPercent,
                folder,
                person);
    }

    /// The same with another window.
    public Remembered window(double newX, double newY, double newWidth, double newHeight) {
        return new Remembered(recent, newX, newY, newWidth, newHeight, dark, textPercent, folder, person);
    }

    /// The same with another look.
    public Remembered look(boolean newDark, int newTextPercent) {
        return new Remembered(recent, x, y, width, height, newDark, newTextPercent, folder, person);
    }

    /// The same with another folder in which the last file dialog ended.
    public Remembered folder(Path newFolder) {
        return new Remembered(
                recent,
                x,
                y,
                width,
                height,
                dark,
                textPercent,
                newFolder.toAbsolutePath().toString(),
                person);
    }

    /// The same with another person at this computer.
    public Remembered person(String newPerson) {
        return new Remembered(recent, x, y, width, height, dark, textPercent, folder, newPerson);
    }
}
