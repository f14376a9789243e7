package io.answerback.files;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.answerback.core.model.cable.AsFound;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.BandUnit;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ModulePower;
import java.util.Arrays;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.MutableConfigOverride;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/// How the records of a job are written as JSON. The records know nothing of it. Fields a newer version added
/// are passed over here; the document keeps them.
final class JobJson {
    /// The mapper for profiles, rules and kinds of point.
    static final JsonMapper PLAIN = IdJson.addTo(JsonMapper.builder())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .addMixIn(ModulePower.class, OfModulePower.class)
            .withConfigOverride(CableEnds.class, JobJson::leaveOutWhatIsEmpty)
            .withConfigOverride(AsFound.class, JobJson::leaveOutWhatIsEmpty)
            .addModule(new RecordModule())
            .addModule(new SimpleModule()
                    .addSerializer(Band.class, new BandWriter())
                    .addDeserializer(Band.class, new BandReader()))
            .build();

    /// The mapper for jobs, in which kinds of point and types of cable are named by their ids.
    static final JsonMapper MAPPER = PLAIN.rebuild().addModule(shared()).build();

    /// Profiles that makers and firms have written call the load type a law.
    abstract static class OfModulePower {
        @JsonProperty("law")
        abstract LoadType loadType();
    }

    private JobJson() {}

    private static void leaveOutWhatIsEmpty(MutableConfigOverride parts) {
        parts.setInclude(JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY));
    }

    private static SimpleModule shared() {
        SimpleModule module = new SimpleModule("shared");
        SharedPart.ALL.forEach(part -> part.addTo(module));
        return module;
    }

    /// JSON has no infinity: a band without an upper edge is written with null.
    private static final class BandWriter extends ValueSerializer<Band> {
        @Override
        public void serialize(Band band, JsonGenerator out, SerializationContext context) {
            String unit = band.unit() == BandUnit.OHMS ? "Ohms" : "Volts";
            out.writeStartObject();
            out.writeNumberProperty("low" + unit, band.low());
            if (Double.isInfinite(band.high())) {
                out.writeNullProperty("high" + unit);
            } else {
                out.writeNumberProperty("high" + unit, band.high());
            }
            out.writeStringProperty("meaning", band.meaning().name());
            out.writeEndObject();
        }
    }

    private static final class BandReader extends ValueDeserializer<Band> {
        @Override
        public Band deserialize(JsonParser in, DeserializationContext context) {
            JsonNode band = context.readTree(in);
            BandUnit unit = band.has("lowVolts") ? BandUnit.VOLTS : BandUnit.OHMS;
            String name = unit == BandUnit.OHMS ? "Ohms" : "Volts";
            JsonNode high = band.path("high" + name);
            return new Band(
                    number(band.path("low" + name), "low" + name),
                    high.isNull() ? Double.POSITIVE_INFINITY : number(high, "high" + name),
                    unit,
                    meaning(band.path("meaning").asString("")));
        }

        private static double number(JsonNode node, String field) {
            if (!node.isNumber()) {
                throw new IllegalArgumentException(field + " of a band must be a number");
            }
            return node.asDouble();
        }

        private static Meaning meaning(String name) {
            for (Meaning meaning : Meaning.values()) {
                if (meaning.name().equals(name)) {
                    return meaning;
                }
            }
            throw new IllegalArgumentException("meaning of a band is \"%s\"; it must be one of %s"
                    .formatted(name, Arrays.toString(Meaning.values())));
        }
    }
}
