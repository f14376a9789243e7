package io.answerback.files.learning;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.Attempt;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.SafeFile;
import io.answerback.files.TextFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What one apprentice has done, as a file of plain JSON that can be carried to the teacher. It holds no
/// answers.
public final class ApprenticeFile {
    /// How the names of such files end.
    public static final String ENDING = ".apprentice.json";

    private static final JsonMapper MAPPER = new JsonMapper();

    private static final int LARGEST_BYTES = 16 << 20;

    private final Path file;

    /// @param file where it is, or will be
    public ApprenticeFile(Path file) {
        this.file = file;
    }

    /// What is in it.
    ///
    /// @throws BrokenFile when it cannot be read, or something in it is wrong, with what and where
    public Apprentice read() throws BrokenFile {
        return Boundary.read(
                file.getFileName().toString(), "Correct it with a text editor, or choose another file.", () -> {
                    JsonNode document = MAPPER.readTree(TextFile.text(file, LARGEST_BYTES));
                    List<Attempt> attempts = new ArrayList<>();
                    for (JsonNode node : document.path("attempts")) {
                        attempts.add(attempt(node, attempts.size() + 1));
                    }
                    return new Apprentice(document.path("apprentice").asString(""), attempts);
                });
    }

    private static Attempt attempt(JsonNode node, int number) {
        String kind = node.path("kind").asString("");
        return new Attempt(
                ExerciseKind.named(kind)
                        .orElseThrow(() -> new IllegalArgumentException("exercise %d has the kind \"%s\"; there are %s"
                                .formatted(number, kind, ExerciseKind.ids()))),
                node.path("grade").asInt(0),
                node.path("seed").asLong(0),
                node.path("right").asBoolean(false),
                node.path("safe").asBoolean(false),
                node.path("minutes").asDouble(0),
                node.path("bestMinutes").asDouble(0),
                node.path("seconds").asDouble(0));
    }

    /// Writes it in place of what was there.
    ///
    /// @throws IOException when the disk refuses
    public void write(Apprentice apprentice) throws IOException {
        ObjectNode document = MAPPER.createObjectNode().put("apprentice", apprentice.name());
        ArrayNode list = document.putArray("attempts");
        for (Attempt attempt : apprentice.attempts()) {
            list.addObject()
                    .put("kind", attempt.kind().id())
                    .put("grade", attempt.grade())
                    .put("seed", attempt.seed())
                    .put("right", attempt.right())
                    .put("safe", attempt.safe())
                    .put("minutes", attempt.minutes())
                    .put("bestMinutes", attempt.bestMinutes())
                    .put("seconds", attempt.seconds());
        }
        Path folder = file.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        SafeFile.replace(file, document.toPrettyString());
    }
}
