package io.answerback.files;

import io.answerback.core.model.site.Job;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A job to and from text. Text that is no job is refused with its line and field.
public final class JobCodec {
    /// What the `format` field says.
    public static final String FORMAT = "answerback-job";
    /// The version this application writes.
    public static final int VERSION = 13;

    static final String NEXT = "Correct it there, or open an earlier version from the folder .versions beside it.";

    private JobCodec() {}

    /// The document as text, with the fields a newer version may have added.
    public static String write(JobDocument document) {
        return JobText.of(tree(document));
    }

    /// The document before it is made text.
    static ObjectNode tree(JobDocument document) {
        ObjectNode now = tree(document.job());
        document.original().ifPresent(original -> original.carryUnknown(now));
        return now;
    }

    static ObjectNode tree(Job job) {
        ObjectNode tree = JobJson.MAPPER.createObjectNode();
        tree.put("format", FORMAT);
        tree.put("version", VERSION);
        ObjectWriter writer = JobJson.MAPPER.writer();
        Map<String, ArrayNode> shared = new HashMap<>();
        for (SharedPart<?> part : SharedPart.ALL) {
            writer = named(writer, part, job, shared);
        }
        ObjectNode parts = writer.valueToTree(job);
        parts.properties().forEach(part -> {
            SharedPart.ALL.stream()
                    .filter(its -> its.before().equals(part.getKey()))
                    .forEach(its -> tree.set(its.list(), shared.get(its.list())));
            tree.set(part.getKey(), part.getValue());
        });
        return tree;
    }

    private static <T> ObjectWriter named(
            ObjectWriter writer, SharedPart<T> part, Job job, Map<String, ArrayNode> shared) {
        Map<T, String> names = part.names(job);
        shared.put(part.list(), part.written(names));
        return writer.withAttribute(part.list(), names);
    }

    static Job job(JsonNode tree) {
        return reader(tree).forType(Job.class).readValue(tree);
    }

    private static ObjectReader reader(JsonNode tree) {
        ObjectReader reader = JobJson.MAPPER.reader();
        for (SharedPart<?> shared : SharedPart.ALL) {
            reader = reader.withAttribute(shared.list(), shared.read(tree));
        }
        return reader;
    }

    /// The job in a text, held to the published schema.
    ///
    /// @param name the file's name, for messages
    /// @throws BrokenFile when it is not a job; the message says which line and field, what is expected, and
    ///     what to do
    public static JobDocument read(String text, String name) throws BrokenFile {
        ObjectNode tree = tree(text, name);
        int version = version(tree, name);
        try {
            if (version < VERSION) {
                ObjectNode upgraded = JobUpgrade.toNewest(tree);
                ObjectNode known = Schemas.readable(upgraded, "", "job", name, NEXT);
                requireApart(known, "", name);
                return new JobDocument(
                        EarlierTerminationWords.renamed(EarlierTerminationWords.current(job(known))),
                        new Original(upgraded, known),
                        Optional.empty());
            }
            ObjectNode known = Schemas.readable(tree, text, "job", name, NEXT);
            requireApart(known, text, name);
            // from the text where it can be, so that a complaint names its line
            Job job = known == tree ? reader(tree).forType(Job.class).readValue(text) : job(known);
            return new JobDocument(
                    EarlierTerminationWords.current(job),
                    new Original(tree, known),
                    version > VERSION ? Optional.of(version) : Optional.empty());
        } catch (JacksonException broken) {
            throw newer(version, JsonComplaint.about(broken, name, NEXT), name);
        } catch (BrokenFile refused) {
            throw newer(version, refused, name);
        }
    }

    /// Two that differ and are called alike would be one: the other were lost.
    private static void requireApart(JsonNode tree, String text, String name) throws BrokenFile {
        for (SharedPart<?> shared : SharedPart.ALL) {
            Optional<String> second = shared.repeated(tree);
            if (second.isPresent()) {
                OptionalInt line = text.isEmpty() ? OptionalInt.empty() : FieldLines.of(text, second.get());
                throw new BrokenFile(
                        "%s: %sfield %s: another %s before it has the same id and differs; give this one an \"as\" of its own, and name it by that where it is used. %s"
                                .formatted(
                                        name,
                                        line.isPresent() ? "line %d, ".formatted(line.getAsInt()) : "",
                                        second.get(),
                                        shared.one(),
                                        NEXT));
            }
        }
    }

    private static ObjectNode tree(String text, String name) throws BrokenFile {
        try {
            JsonNode tree = JobJson.MAPPER.readTree(text);
            if (tree instanceof ObjectNode object
                    && object.path("format").asString("").equals(FORMAT)) {
                return object;
            }
            Optional<String> other = OtherFile.ofFormat(
                    tree.path("format").asString(""), tree.has("options") && tree.has("figures"), tree.has("board"));
            if (other.isPresent()) {
                throw new BrokenFile("%s is not an Answerback job; it is %s.".formatted(name, other.get()));
            }
            throw new BrokenFile(
                    "%s is not an Answerback job: its \"format\" is not \"%s\". Open a file that ends in .answerback.json."
                            .formatted(name, FORMAT));
        } catch (JacksonException broken) {
            throw JsonComplaint.about(broken, name, NEXT);
        }
    }

    private static int version(ObjectNode tree, String name) throws BrokenFile {
        JsonNode version = tree.path("version");
        if (version.isIntegralNumber() && version.canConvertToInt() && version.asInt() >= 1) {
            return version.asInt();
        }
        throw new BrokenFile(
                "%s: field /version: it must be a whole number from 1 to %d. %s".formatted(name, VERSION, NEXT));
    }

    /// What a newer version wrote and this one does not know is no fault of the file.
    private static BrokenFile newer(int version, BrokenFile refused, String name) {
        return version <= VERSION
                ? refused
                : new BrokenFile(
                        "%s was written by a newer version of Answerback (file version %d, this one reads up to %d) and has what this one does not know. Update Answerback. (%s)"
                                .formatted(name, version, VERSION, refused.getMessage()));
    }
}
