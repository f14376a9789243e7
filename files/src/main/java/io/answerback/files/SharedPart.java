package io.answerback.files;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.SeriesContact;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Parts of a job file that many others use: each is written once, in a list of its own, and named by its id
/// where it is used. Of two that differ and have one id, such as a kind of an older and one of a newer list,
/// the second is named otherwise in the file.
///
/// @param list the list's key in the file
/// @param before the key in whose front the list stands
/// @param one one of them, for messages
/// @param type what they are
/// @param id the id of one
/// @param usedBy those a job uses, as often as it does
record SharedPart<T>(
        String list,
        String before,
        String one,
        Class<T> type,
        Function<T, String> id,
        Function<Job, Stream<T>> usedBy) {
    /// What one is called in the file where it is not its id.
    private static final String AS = "as";

    /// Kinds of point.
    static final SharedPart<PointKind> KINDS = new SharedPart<>(
            "kinds",
            "points",
            "kind",
            PointKind.class,
            PointKind::id,
            job -> job.points().stream()
                    .flatMap(point -> Stream.concat(
                            Stream.of(point.kind()), point.inSeries().stream().map(SeriesContact::kind))));

    /// Types of cable.
    static final SharedPart<CableType> CABLE_TYPES = new SharedPart<>(
            "cableTypes",
            "cables",
            "cable type",
            CableType.class,
            CableType::id,
            job -> job.cables().stream().flatMap(cable -> cable.installation().type().stream()));

    /// All there are.
    static final List<SharedPart<?>> ALL = List.of(KINDS, CABLE_TYPES);

    /// What each that a job uses is called in its file.
    Map<T, String> names(Job job) {
        Map<T, String> names = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        usedBy.apply(job).forEach(part -> names.computeIfAbsent(part, its -> free(id.apply(its), taken)));
        return names;
    }

    private static String free(String id, Set<String> taken) {
        String name = id;
        for (int number = 2; !taken.add(name); number++) {
            name = id + " (" + number + ")";
        }
        return name;
    }

    /// Those with these names, as a list of objects.
    ArrayNode written(Map<T, String> names) {
        ArrayNode nodes = JobJson.PLAIN.createArrayNode();
        names.forEach((part, name) -> {
            ObjectNode node = JobJson.PLAIN.valueToTree(part);
            nodes.add(name.equals(id.apply(part)) ? node : node.put(AS, name));
        });
        return nodes;
    }

    /// A name that two parts of a document have, which then differ: whoever uses it could mean either.
    ///
    /// @return where the second of them stands; empty when there are none
    Optional<String> repeated(JsonNode document) {
        Map<String, T> parts = new HashMap<>();
        int at = 0;
        for (JsonNode node : document.path(list)) {
            T part = JobJson.PLAIN.treeToValue(node, type);
            T before = parts.putIfAbsent(node.path(AS).asString(id.apply(part)), part);
            if (before != null && !before.equals(part)) {
                return Optional.of("/" + list + "/" + at);
            }
            at++;
        }
        return Optional.empty();
    }

    /// Those of a document, by what they are called in it.
    Map<String, T> read(JsonNode document) {
        Map<String, T> parts = new LinkedHashMap<>();
        for (JsonNode node : document.path(list)) {
            T part = JobJson.PLAIN.treeToValue(node, type);
            parts.put(node.path(AS).asString(id.apply(part)), part);
        }
        return parts;
    }

    /// Writes them as what they are called, and reads them by it.
    void addTo(SimpleModule module) {
        module.addSerializer(type, new Writer());
        module.addDeserializer(type, new Reader());
    }

    private final class Writer extends ValueSerializer<T> {
        @Override
        public void serialize(T part, JsonGenerator out, SerializationContext context) {
            Object name = context.getAttribute(list) instanceof Map<?, ?> names ? names.get(part) : null;
            out.writeString(name == null ? id.apply(part) : name.toString());
        }
    }

    private final class Reader extends ValueDeserializer<T> {
        @Override
        public T deserialize(JsonParser in, DeserializationContext context) {
            String name = in.getValueAsString();
            if (context.getAttribute(list) instanceof Map<?, ?> known && known.containsKey(name)) {
                return type.cast(known.get(name));
            }
            throw new IllegalArgumentException("%s \"%s\" is not among the job's %s".formatted(one, name, list));
        }
    }
}
