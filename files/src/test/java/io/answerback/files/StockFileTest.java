package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.paper.LabelStock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StockFileTest {
    private static final String CABLES = "id,name,conductor,cores,screened,outdoor\n";
    private static final String LABELS =
            "id,name,page_width,page_height,left,top,label_width,label_height,step_x,step_y,columns,rows\n";

    @TempDir
    Path folder;

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void aReelIsReadWithItsOwnConductor() throws Exception {
        Path own = file(
                "van.cables.csv",
                "id;name;conductor;ohms_per_kilometre;cores;screened;outdoor\n"
                        + "flat;Flat three;0,3 mm²;58,5;white|white 2|brown;no;yes\n");
        CableType type = StockFile.cableTypes(own).getFirst();
        assertThat(type.colours()).containsExactly("white", "white 2", "brown");
        assertThat(type.conductor().ohmsPerKilometre()).isEqualTo(58.5);
        assertThat(type.outdoor()).isTrue();
        assertThat(type.screened()).isFalse();
    }

    @Test
    void aConductorThatIsKnownNeedsNoResistance() throws Exception {
        Path own = file("van.cables.csv", CABLES + "three,Three,22 AWG,red|black|green,0,0\n");
        assertThat(StockFile.cableTypes(own).getFirst().conductor().ohmsPerKilometre())
                .isEqualTo(53);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "a,A,thin,red|black,0,0 # column conductor: \"thin\" is none of",
                "a,A,22 AWG,red|black,maybe,0 # column screened: \"maybe\" is neither yes nor no",
                "a,A,22 AWG,red,0,0 # cores of cable type a is 1; it must be from 2 to 50",
                "a,A,22 AWG,red|red,0,0 # two cores of one colour",
                ",A,22 AWG,red|black,0,0 # id of a cable type is empty"
            })
    void whatIsWrongWithAReelIsSaidWithItsLine(String row, String wrong) throws Exception {
        Path own = file("van.cables.csv", CABLES + "\nok,Ok,22 AWG,red|black,0,0\n" + row + "\n");
        assertThatThrownBy(() -> StockFile.cableTypes(own))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContainingAll("van.cables.csv, on line 4: ", wrong, "Correct it there.");
    }

    @Test
    void labelsThatDoNotFitOnTheirPageAreRefused() throws Exception {
        Path wide = file("van.labels.csv", LABELS + "w,Wide,210,297,10,10,70,30,75,30,3,8\n");
        assertThatThrownBy(() -> StockFile.labelStocks(wide))
                .hasMessageContainingAll("on line 2: ", "labels of w side by side, mm is 230");
        Path half = file("van.labels.csv", LABELS + "w,Wide,210,297,10,10,50,30,50,30,2.5,8\n");
        assertThatThrownBy(() -> StockFile.labelStocks(half)).hasMessageContaining("is no whole number");
    }

    @Test
    void aTableWithoutAColumnSaysWhich() throws Exception {
        Path own = file("van.cables.csv", "id,name,cores\na,A,red|black\n");
        assertThatThrownBy(() -> StockFile.cableTypes(own)).hasMessageContaining("has no column conductor");
        assertThatThrownBy(() -> StockFile.cableTypes(file("van.cables.csv", "")))
                .hasMessageContaining("no rows under a line of headings");
    }

    @Test
    void whatIsKeptIsFoundAgainAndBrokenTablesArePassedOver() throws Exception {
        Path own = file("van.labels.csv", LABELS + "roll,Roll,40,20,0,0,40,20,0,0,1,1\n");
        Path home = folder.resolve("home");
        StockFile.keep(own, home);
        StockFile.keep(file("bad.labels.csv", "nothing"), home);
        assertThat(StockFile.ownLabelStocks(home)).extracting(LabelStock::id).containsExactly("roll");
        assertThat(StockFile.ownCableTypes(home)).isEmpty();
    }

    @Test
    void aFirmsOwnReceiverAndTimingAreRead() throws Exception {
        Path own = file(
                "van.receivers.csv",
                "model,formats,handshake_hz,acknowledge_hz,joins,words,key_bits,source\n"
                        + "Old one,pulse-3+1x contact-id,1400,2300,NEVER,3=ALARM B=OPENED,,manual\n");
        ReceiverAbilities read = StockFile.receivers(own).getFirst();
        assertThat(read.formats()).containsExactly(ReportFormat.PULSE_3_1_EXTENDED, ReportFormat.TONES);
        assertThat(read.word('B')).contains("OPENED");
        Path pulses = file(
                "van.pulses.csv",
                "pulses_per_second,on_ms,off_ms,digit_gap_ms,round_gap_ms,data_hz,acknowledge_ms,source\n"
                        + "20,28,22,350,1200,1800,800,manual\n");
        assertThat(DataFiles.reporting(StockFile.pulseTimings(pulses))
                        .timing(20)
                        .dataHertz())
                .isEqualTo(1800);
    }

    @Test
    void whatIsWrongWithAReceiverIsSaidWithItsLine() throws Exception {
        String head = "model,formats,handshake_hz,acknowledge_hz,joins,words,key_bits,source\n";
        assertThatThrownBy(() -> StockFile.receivers(file("a.receivers.csv", head + "A,pulse-9,1400,1400,NEVER,,,m\n")))
                .hasMessageContainingAll("line 2", "format is \"pulse-9\"");
        assertThatThrownBy(
                        () -> StockFile.receivers(file("b.receivers.csv", head + "A,contact-id,1500,1400,NEVER,,,m\n")))
                .hasMessageContaining("it must be 1400 or 2300");
        assertThatThrownBy(
                        () -> StockFile.receivers(file("c.receivers.csv", head + "A,contact-id,1400,1400,MAYBE,,,m\n")))
                .hasMessageContaining("column joins has \"MAYBE\"");
    }
}
