package io.answerback.files.record;

import io.answerback.core.model.service.Photograph;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.SafeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;

/// The photographs of a job: files in a folder beside the job file, never in it.
public final class Photographs {
    private static final int LONGEST_NAME = 40;

    private final Path folder;

    private Photographs(Path folder) {
        this.folder = folder;
    }

    /// The photographs beside a job file.
    public static Photographs beside(Path jobFile) {
        return new Photographs(SideFiles.of(jobFile, SideFiles.PHOTOGRAPHS));
    }

    /// Takes in a picture: scaled, turned upright, without what the camera wrote into it. The file it comes
    /// from stays as it is.
    ///
    /// @param picture the file
    /// @param of what is on it
    /// @param keepsPlaceAndTime whether the job keeps when and where it was taken
    /// @throws BrokenFile when it cannot be read, or is not a picture, with what to do; nothing is kept then
    /// @throws IOException when the disk refuses
    public Photograph take(Path picture, String of, boolean keepsPlaceAndTime) throws BrokenFile, IOException {
        PictureFile.Read read = Boundary.read(
                picture.getFileName().toString(),
                "Copy it from the camera again, or save it as JPEG or PNG.",
                () -> PictureFile.read(picture));
        Photograph photograph = new Photograph(
                free(slug(of)),
                of,
                keepsPlaceAndTime ? read.takenAt() : Optional.empty(),
                keepsPlaceAndTime ? read.latitude() : Optional.empty(),
                keepsPlaceAndTime ? read.longitude() : Optional.empty(),
                Fingerprint.of(read.jpeg()));
        Files.createDirectories(folder);
        SafeFile.replace(folder.resolve(photograph.file()), read.jpeg());
        return photograph;
    }

    private String free(String slug) {
        for (int number = 1; ; number++) {
            String name = slug + "-" + number + ".jpg";
            if (!Files.exists(folder.resolve(name))) {
                return name;
            }
        }
    }

    /// Plain letters for a file name, whatever the letters of the name are.
    private static String slug(String words) {
        String plain = Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String cut = plain.substring(0, Math.min(LONGEST_NAME, plain.length()));
        return cut.isEmpty() ? "picture" : cut;
    }

    /// The folder they are in, whether it is there or not.
    public Path folder() {
        return folder;
    }

    /// Where a photograph is.
    public Path file(Photograph photograph) {
        return folder.resolve(photograph.file());
    }

    /// Where a picture of this name is: among the photographs, or beside the job file, as earlier versions kept
    /// the label of a communicator.
    public Path file(String name) {
        Path earlier = folder.resolveSibling(name);
        return !Files.exists(folder.resolve(name)) && Files.exists(earlier) ? earlier : folder.resolve(name);
    }

    /// What is wrong with the file of a photograph, in words; empty where it is as it was.
    public Optional<String> wrong(Photograph photograph) {
        Path file = file(photograph);
        if (!Files.isRegularFile(file)) {
            return Optional.of("its file is not beside the job: " + photograph.file());
        }
        try {
            return Fingerprint.of(Files.readAllBytes(file)).equals(photograph.fingerprint())
                    ? Optional.empty()
                    : Optional.of("its file was changed since");
        } catch (IOException unreadable) {
            return Optional.of("its file cannot be read");
        }
    }
}
