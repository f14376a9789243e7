package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class UnknownFieldsTest {
    private static final JsonMapper MAPPER = new JsonMapper();

    private static String carried(String original, String known, String now) {
        JsonNode to = MAPPER.readTree(now);
        UnknownFields.carry(MAPPER.readTree(original), MAPPER.readTree(known), to);
        return to.toString();
    }

    @Test
    void aFieldNobodyKnowsIsAdded() {
        assertThat(carried("{\"a\":1,\"new\":{\"x\":2}}", "{\"a\":1}", "{\"a\":5}"))
                .isEqualTo("{\"a\":5,\"new\":{\"x\":2}}");
    }

    @Test
    void aKnownFieldThatWasRemovedStaysRemoved() {
        assertThat(carried("{\"a\":1,\"b\":2}", "{\"a\":1,\"b\":2}", "{\"a\":1}"))
                .isEqualTo("{\"a\":1}");
    }

    @Test
    void membersAreToldApartByTheirIdWhateverTheirOrder() {
        String original = "[{\"id\":\"01\",\"new\":1},{\"id\":\"02\",\"new\":2}]";
        String known = "[{\"id\":\"01\"},{\"id\":\"02\"}]";
        assertThat(carried(original, known, "[{\"id\":\"02\"},{\"id\":\"03\"},{\"id\":\"01\"}]"))
                .isEqualTo("[{\"id\":\"02\",\"new\":2},{\"id\":\"03\"},{\"id\":\"01\",\"new\":1}]");
    }

    @Test
    void membersByNumberAndFieldsDeepInsideAreCarriedToo() {
        assertThat(carried(
                        "{\"zones\":[{\"number\":7,\"deep\":{\"known\":1,\"new\":2}}]}",
                        "{\"zones\":[{\"number\":7,\"deep\":{\"known\":1}}]}",
                        "{\"zones\":[{\"number\":7,\"deep\":{\"known\":9}}]}"))
                .isEqualTo("{\"zones\":[{\"number\":7,\"deep\":{\"known\":9,\"new\":2}}]}");
    }

    @Test
    void membersWithoutANameAreFoundByWhatTheySayOrByTheirPlace() {
        String original = "[{\"ohms\":1,\"new\":1},{\"ohms\":2,\"new\":2}]";
        String known = "[{\"ohms\":1},{\"ohms\":2}]";
        assertThat(carried(original, known, "[{\"ohms\":2},{\"ohms\":1},{\"ohms\":3}]"))
                .isEqualTo("[{\"ohms\":2,\"new\":2},{\"ohms\":1,\"new\":1},{\"ohms\":3}]");
        assertThat(carried(original, known, "[{\"ohms\":1},{\"ohms\":5}]"))
                .isEqualTo("[{\"ohms\":1,\"new\":1},{\"ohms\":5,\"new\":2}]");
        assertThat(carried(original, known, "[{\"ohms\":2}]")).isEqualTo("[{\"ohms\":2,\"new\":2}]");
    }

    @Test
    void whatIsNoObjectAndNoListIsLeftAlone() {
        assertThat(carried("{\"a\":[1,2]}", "{\"a\":[1,2]}", "{\"a\":[3]}")).isEqualTo("{\"a\":[3]}");
        assertThat(carried("{\"a\":{\"x\":1}}", "{\"a\":{\"x\":1}}", "{\"a\":null}"))
                .isEqualTo("{\"a\":null}");
    }
}
