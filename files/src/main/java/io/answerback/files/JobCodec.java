package io.answerback.files;

import io.answerback.job.Job;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.node.ObjectNode;

/// A job to and from text. Text that is no job is refused with its line and field.
public final class JobCodec {
    /// What the `format` field says.
    public static final String FORMAT = "answerback-job";
    /// The version this application writes.
    public static final int VERSION = 6;

    private static final String NEXT = "Mend it there, or open an earlier version from the folder .versions beside it.";

    private JobCodec() {}

    /// The document as text, with the fields a newer version may have added.
    public static String write(JobDocument document) {
        ObjectNode now = tree(document.job());
        if (document.original() != null) {
            ObjectNode known = tree(job(document.original()));
            UnknownFields.carry(document.original(), known, now);
        }
        return JobText.of(now);
    }

    private static ObjectNode tree(Job job) {
        ObjectNode tree = JobJson.MAPPER.createObjectNode();
        tree.put("format", FORMAT);
        tree.put("version", VERSION);
        ObjectNode parts = JobJson.MAPPER.valueToTree(job);
        parts.properties().forEach(part -> {
            SharedPart.ALL.stream()
                    .filter(shared -> shared.before().equals(part.getKey()))
                    .forEach(shared -> tree.set(shared.list(), shared.written(job)));
            tree.set(part.getKey(), part.getValue());
        });
        return tree;
    }

    private static Job job(JsonNode tree) {
        return reader(tree).forType(Job.class).readValue(tree);
    }

    private static ObjectReader reader(JsonNode tree) {
        ObjectReader reader = JobJson.MAPPER.reader();
        for (SharedPart<?> shared : SharedPart.ALL) {
            reader = reader.withAttribute(shared.list(), shared.read(tree));
        }
        return reader;
    }

    /// The job in a text.
    ///
    /// @param name the file's name, for messages
    /// @throws BrokenFile when it is not a job; the message says which line and field, and what to do
    public static JobDocument read(String text, String name) throws BrokenFile {
        try {
            JsonNode tree = JobJson.MAPPER.readTree(text);
            requireJob(tree, name);
            int version = tree.path("version").asInt(VERSION);
            if (version < VERSION) {
                ObjectNode upgraded = JobUpgrade.toNewest((ObjectNode) tree);
                return new JobDocument(job(upgraded), upgraded, Optional.empty());
            }
            Job job = reader(tree).forType(Job.class).readValue(text);
            return new JobDocument(job, tree, version > VERSION ? Optional.of(version) : Optional.empty());
        } catch (JacksonException broken) {
            throw JsonComplaint.about(broken, name, NEXT);
        }
    }

    private static void requireJob(JsonNode tree, String name) throws BrokenFile {
        if (!tree.path("format").asString("").equals(FORMAT)) {
            throw new BrokenFile(
                    "%s is not an Answerback job: its \"format\" is not \"%s\". Open a file that ends in .answerback.json."
                            .formatted(name, FORMAT));
        }
    }
}
