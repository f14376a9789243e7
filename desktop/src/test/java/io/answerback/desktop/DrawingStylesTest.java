package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.panel.operation.Timer;
import io.answerback.core.report.answer.Timeline;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What is drawn of each kind has a style: without one it is a black bar whose words cannot be read.
class DrawingStylesTest {
    private static Stream<String> styles() {
        return Stream.concat(
                Arrays.stream(Timer.Kind.values()).map(kind -> ".timers-" + lower(kind)),
                Arrays.stream(Timeline.What.values()).map(what -> ".lane-" + lower(what)));
    }

    private static String lower(Enum<?> kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    @ParameterizedTest
    @MethodSource("styles")
    void everyKindIsInTheStyleSheet(String style) throws IOException {
        try (InputStream sheet = DrawingStylesTest.class.getResourceAsStream("answerback.css")) {
            assertThat(new String(sheet.readAllBytes(), StandardCharsets.UTF_8))
                    .containsPattern(Pattern.quote(style) + "[ ,{]");
        }
    }
}
