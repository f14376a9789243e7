package io.answerback.files;

import io.answerback.job.Job;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A job to and from text. Text that is no job is refused with its line and field.
public final class JobCodec {
    /// What the `format` field says.
    public static final String FORMAT = "answerback-job";
    /// The version this application writes.
    public static final int VERSION = 1;

    private JobCodec() {}

    /// The document as text, with the fields a newer version may have added.
    public static String write(JobDocument document) {
        ObjectNode now = tree(document.job());
        if (document.original() != null) {
            ObjectNode known = tree(JobJson.MAPPER.treeToValue(document.original(), Job.class));
            UnknownFields.carry(document.original(), known, now);
        }
        return JobText.of(now);
    }

    private static ObjectNode tree(Job job) {
        ObjectNode tree = JobJson.MAPPER.createObjectNode();
        tree.put("format", FORMAT);
        tree.put("version", VERSION);
        tree.setAll((ObjectNode) JobJson.MAPPER.valueToTree(job));
        return tree;
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
            Job job = JobJson.MAPPER.readValue(text, Job.class);
            return new JobDocument(job, tree, version > VERSION ? Optional.of(version) : Optional.empty());
        } catch (JacksonException broken) {
            throw new BrokenFile(explained(broken, name));
        }
    }

    private static void requireJob(JsonNode tree, String name) throws BrokenFile {
        if (!tree.path("format").asString("").equals(FORMAT)) {
            throw new BrokenFile(
                    "%s is not an Answerback job: its \"format\" is not \"%s\". Open a file that ends in .answerback.json."
                            .formatted(name, FORMAT));
        }
    }

    private static String explained(JacksonException broken, String name) {
        String where = broken.getLocation() == null || broken.getLocation().getLineNr() < 0
                ? ""
                : ", line " + broken.getLocation().getLineNr();
        String field =
                broken instanceof DatabindException bound && !bound.getPath().isEmpty()
                        ? ", field " + field(bound)
                        : "";
        Throwable cause = broken.getCause() instanceof IllegalArgumentException refused ? refused : broken;
        String what = cause == broken ? broken.getOriginalMessage() : cause.getMessage();
        return "%s%s%s: %s. Mend it there, or open an earlier version from the folder .versions beside it."
                .formatted(
                        name, where, field, what.lines().findFirst().orElse("").replaceAll("\\.$", ""));
    }

    private static String field(DatabindException bound) {
        StringBuilder path = new StringBuilder();
        bound.getPath().forEach(step -> {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        });
        return path.toString();
    }
}
