package io.answerback.files;

import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.site.SignalReading;
import java.util.Optional;
import java.util.function.Function;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/// How ids are written: an id as its text; where it may be that of one sort of part or of another, as an object
/// that says of which, such as `{"point": "20"}`.
final class IdJson {
    private IdJson() {}

    static JsonMapper.Builder addTo(JsonMapper.Builder mapper) {
        SimpleModule module = new SimpleModule("ids");
        add(module, PointId.class, PointId::new);
        add(module, ModuleId.class, ModuleId::new);
        add(module, CableId.class, CableId::new);
        add(module, InputId.class, InputId::new);
        add(module, ReceiverId.class, ReceiverId::new);
        add(module, PersonId.class, PersonId::new);
        add(module, JointId.class, JointId::new);
        module.addDeserializer(FedId.class, new Reader<>(IdJson::fed));
        module.addDeserializer(BoxId.class, new Reader<>(IdJson::box));
        return mapper.addModule(module)
                .addMixIn(LoadFigure.class, OfPart.class)
                .addMixIn(SignalReading.class, OfPart.class)
                .addMixIn(CableEnds.class, OfEnds.class);
    }

    private static <T> void add(SimpleModule module, Class<T> type, Function<String, T> made) {
        module.addSerializer(type, ToStringSerializer.instance);
        module.addDeserializer(type, new Reader<>(node -> made.apply(text(node))));
    }

    private static FedId fed(JsonNode node) {
        return node.has("point") ? new PointId(text(node.get("point"))) : new ModuleId(text(node.path("module")));
    }

    private static BoxId box(JsonNode node) {
        return node.has("joint") ? new JointId(text(node.get("joint"))) : new ModuleId(text(node.path("module")));
    }

    private static String text(JsonNode node) {
        if (!node.isString()) {
            throw new IllegalArgumentException("an id must be text, such as \"07\"; it is " + node);
        }
        return node.stringValue();
    }

    /// A record that names what is fed.
    abstract static class OfPart {
        @JsonSerialize(using = Tagged.class)
        abstract FedId part();
    }

    /// Cable ends, which begin at a box of either sort.
    abstract static class OfEnds {
        @JsonSerialize(contentUsing = Tagged.class)
        abstract Optional<BoxId> from();
    }

    /// Writes an id with the sort of part it is of.
    static final class Tagged extends ValueSerializer<Object> {
        @Override
        public void serialize(Object id, JsonGenerator out, SerializationContext context) {
            String sort = switch (id) {
                case PointId point -> "point";
                case JointId joint -> "joint";
                default -> "module";
            };
            out.writeStartObject();
            out.writeStringProperty(sort, id.toString());
            out.writeEndObject();
        }
    }

    private static final class Reader<T> extends ValueDeserializer<T> {
        private final Function<JsonNode, T> made;

        Reader(Function<JsonNode, T> made) {
            this.made = made;
        }

        @Override
        public T deserialize(JsonParser in, DeserializationContext context) {
            return made.apply(context.readTree(in));
        }
    }
}
