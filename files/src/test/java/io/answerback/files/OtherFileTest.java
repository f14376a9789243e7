package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A file of another kind that is opened as a job is called what it is.
class OtherFileTest {
    @TempDir
    private Path folder;

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            %PDF-1.7 more                      | a PDF document
            <html><body>                       | a web page
            RIFF....WAVE                       | a sound
            name,kind,area                     | a table
            Dear client                        | text
            {"format": "answerback-case"}      | a story of a panel
            {"board": {}, "name": "Panel"}     | a panel profile
            {"options": {}, "figures": {}}     | house rules
            """)
    void isCalledWhatItIs(String content, String what) throws Exception {
        Path file = Files.write(folder.resolve("x.answerback.json"), content.getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> JobFile.open(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("is not an Answerback job; it is " + what);
    }
}
