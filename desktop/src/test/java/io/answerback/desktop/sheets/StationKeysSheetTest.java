package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Keys that stations gave, on the sheet of the receivers: kept under a pass phrase, used, locked, and in no job.
class StationKeysSheetTest extends DemoSheets {
    private static final ReceiverId A1 = new ReceiverId("A1");
    private static final String PHRASE = "kettle orbit maple";
    private static final String HEX = "00112233445566778899AABBCCDDEEFF";

    @BeforeEach
    void encrypted() throws IOException {
        Files.deleteIfExists(folder.resolve("station-keys.json"));
        openJob.apply(ReceiverEdits.reception(A1, "encryption", its -> its.withKeyBits(128)));
        at(Stop.REPORT, "07");
        report().open(ReportSheet.RECEIVERS);
    }

    private void begin() {
        edit("New pass phrase", PHRASE);
        edit("The same pass phrase again", PHRASE);
        click("Begin");
    }

    private String account() {
        return job().areas().getFirst().account();
    }

    private String field() {
        return "Key for account " + account() + " at "
                + job().receiver(A1).orElseThrow().name();
    }

    @Test
    void aKeyIsKeptUsedLockedAndOpenedAgain() throws Exception {
        assertThat(reads("Nothing is kept on this computer yet")).isTrue();
        report().open(ReportSheet.SIGNAL);
        assertThat(reads("encrypted with a key made for this session, 128 bits"))
                .isTrue();
        report().open(ReportSheet.RECEIVERS);
        begin();
        assertThat(reads("no key; 32 hexadecimal digits")).isTrue();
        edit(field(), HEX);
        click("Keep");
        assertThat(reads("key of 128 bits, kept")).isTrue();
        report().open(ReportSheet.SIGNAL);
        assertThat(reads("encrypted with the key that the station gave, 128 bits"))
                .isTrue();
        report().open(ReportSheet.RECEIVERS);
        openJob.apply(ReceiverEdits.reception(A1, "encryption", its -> its.withKeyBits(256)));
        assertThat(reads("the key that is kept has 128 bits, the receiver takes 256"))
                .isTrue();
        report().open(ReportSheet.SIGNAL);
        assertThat(reads("encrypted with a key made for this session, 256 bits"))
                .isTrue();
        undo();
        report().open(ReportSheet.RECEIVERS);
        noFileHoldsTheKeyInTheClear();
        click("Lock");
        assertThat(reads("Locked. Pass phrase")).isTrue();
        edit("Pass phrase", "something else");
        click("Open");
        assertThat(reads("does not open the keys")).isTrue();
        edit("Pass phrase", PHRASE);
        click("Open");
        assertThat(reads("key of 128 bits, kept")).isTrue();
        click("Remove: the key");
        assertThat(reads("no key; 32 hexadecimal digits")).isTrue();
    }

    @Test
    void aKeyFollowsItsReceiverToAnotherName() {
        begin();
        edit(field(), HEX);
        click("Keep");
        openJob.apply(ReceiverEdits.of(A1, "name", its -> its.withName("Northern Watch")));
        assertThat(reads("no key; 32 hexadecimal digits")).isTrue();
        assertThat(reads("A key for account " + account() + " is kept under the name"))
                .isTrue();
        click("Use it for Northern Watch");
        assertThat(reads("key of 128 bits, kept")).isTrue();
        assertThat(reads("is kept under the name")).isFalse();
        undo();
        assertThat(reads("is kept under the name Northern Watch")).isTrue();
    }

    @Test
    void whatIsTypedWrongIsSaidAndNeverRepeated() {
        edit("New pass phrase", PHRASE);
        edit("The same pass phrase again", PHRASE + "s");
        click("Begin");
        assertThat(reads("The two pass phrases differ")).isTrue();
        edit("New pass phrase", "short");
        edit("The same pass phrase again", "short");
        click("Begin");
        assertThat(reads("The pass phrase has 5 letters")).isTrue();
        begin();
        edit(field(), HEX + HEX);
        click("Keep");
        assertThat(reads("the key has 256 bits")).isTrue();
        edit(field(), HEX.replace('0', 'x'));
        click("Keep");
        assertThat(reads("a character that is not hexadecimal")).isTrue();
        assertThat(reads("x0112233")).isFalse();
        assertThat(reads("no key; 32 hexadecimal digits")).isTrue();
    }

    private void noFileHoldsTheKeyInTheClear() throws Exception {
        JobFile.save(folder.resolve("x.answerback.json"), JobDocument.of(job()));
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertThat(Files.readString(file)).doesNotContainIgnoringCase(HEX);
            }
        }
        assertThat(List.of(seen().toString(), openJob.now().toString())).noneMatch(text -> text.contains(HEX));
    }
}
