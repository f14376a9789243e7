package io.answerback.files;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import io.answerback.job.Band;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.json.JsonMapper;

/// How the records of a job are written as JSON. The records know nothing of it.
final class JobJson {
    /// The mapper for jobs and profiles.
    static final JsonMapper MAPPER = JsonMapper.builder()
            .addMixIn(Band.class, BandAsJson.class)
            .addMixIn(Object.class, RecordAsJson.class)
            .build();

    private JobJson() {}

    /// Fields a newer version added are passed over here; the file keeps them.
    @JsonIgnoreProperties(ignoreUnknown = true)
    private abstract static class RecordAsJson {}

    private abstract static class BandAsJson {
        @JsonSerialize(using = EndlessAsNull.class)
        @JsonDeserialize(using = NullAsEndless.class)
        abstract double highOhms();
    }

    /// JSON has no infinity: a band without an upper edge is written as null.
    private static final class EndlessAsNull extends ValueSerializer<Double> {
        @Override
        public void serialize(Double ohms, JsonGenerator out, SerializationContext context) {
            if (ohms.isInfinite()) {
                out.writeNull();
            } else {
                out.writeNumber(ohms);
            }
        }
    }

    private static final class NullAsEndless extends ValueDeserializer<Double> {
        @Override
        public Double deserialize(JsonParser in, DeserializationContext context) {
            return in.getDoubleValue();
        }

        @Override
        public Object getNullValue(DeserializationContext context) {
            return Double.POSITIVE_INFINITY;
        }
    }
}
