package io.answerback.files.record;

import io.answerback.core.work.duration.WorkKind;
import io.answerback.core.work.duration.WorkTimes;
import io.answerback.core.work.duration.WorkTimes.Taken;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.SafeFile;
import io.answerback.files.TextFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What the work of each job took, in the application's folder, so that the rates of the firm are corrected
/// by it.
public final class RatesFile {
    private static final String NAME = "rates.json";
    private static final JsonMapper MAPPER = new JsonMapper();

    private static final int LARGEST_BYTES = 16 << 20;

    private final Path file;

    /// @param folder where the application keeps what it remembers
    public RatesFile(Path folder) {
        this.file = folder.resolve(NAME);
    }

    /// What every job took; none where nothing was kept yet.
    ///
    /// @throws BrokenFile when the file cannot be read, or is broken, with what to do
    public List<WorkTimes> read() throws BrokenFile {
        if (!Files.isRegularFile(file)) {
            return List.of();
        }
        return Boundary.read(file.toString(), "Move it away, and the working values count again.", () -> {
            List<WorkTimes> jobs = new ArrayList<>();
            for (JsonNode job :
                    MAPPER.readTree(TextFile.text(file, LARGEST_BYTES)).path("jobs")) {
                Map<WorkKind, Taken> taken = new EnumMap<>(WorkKind.class);
                for (Map.Entry<String, JsonNode> kind : job.path("taken").properties()) {
                    taken.put(
                            kind(kind.getKey()),
                            new Taken(
                                    kind.getValue().path("count").asDouble(),
                                    kind.getValue().path("minutes").asDouble()));
                }
                jobs.add(new WorkTimes(job.path("job").asString(), taken));
            }
            return jobs;
        });
    }

    private static WorkKind kind(String name) {
        return Arrays.stream(WorkKind.values())
                .filter(kind -> kind.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"" + name + "\" is not a kind of work"));
    }

    /// Keeps what a job took, in place of what was kept of it.
    ///
    /// @throws BrokenFile when the file is broken
    /// @throws IOException when the disk refuses
    public void keep(WorkTimes times) throws BrokenFile, IOException {
        if (times.taken().isEmpty()) {
            return;
        }
        List<WorkTimes> jobs = new ArrayList<>(read());
        jobs.removeIf(job -> job.job().equals(times.job()));
        jobs.add(times);
        ObjectNode document = MAPPER.createObjectNode();
        ArrayNode list = document.putArray("jobs");
        for (WorkTimes job : jobs) {
            ObjectNode node = list.addObject().put("job", job.job());
            ObjectNode taken = node.putObject("taken");
            job.taken()
                    .forEach((kind, its) -> taken.putObject(kind.name())
                            .put("count", its.count())
                            .put("minutes", its.minutes()));
        }
        Files.createDirectories(file.toAbsolutePath().getParent());
        SafeFile.replace(file, document.toPrettyString());
    }
}
