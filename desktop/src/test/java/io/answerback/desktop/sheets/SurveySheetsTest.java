package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.id.PointId;
import io.answerback.core.survey.takeover.FoundLoop;
import io.answerback.desktop.survey.SurveyCommands;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// What the sheets of the survey show, and what is done on them.
class SurveySheetsTest extends DemoSheets {
    @Test
    void aTableOf500PointsComesInWithoutItsThreeBadRows() throws Exception {
        String rows = IntStream.rangeClosed(101, 600)
                .mapToObj(i -> switch (i) {
                    case 150 -> "101,Twice,contact,Hall,immediate,10";
                    case 250 -> "250,Moat,laser,Hall,immediate,10";
                    case 350 -> "350,Gate,contact,Hall,immediate,far";
                    default -> i + ",Door " + i + ",contact,Hall " + i % 3 + ",immediate,10";
                })
                .collect(Collectors.joining("\n", "No,Location,Device type,Partition,Function,Length\n", "\n"));
        Path file = Files.writeString(folder.resolve("client.csv"), rows);
        demo(2);
        openJob.open(SurveySheet.ROOMS);
        table.read(file);
        assertThat(reads("Take in 497 points, leave out 3")).isTrue();
        assertThat(job()).isEqualTo(DemoJobs.job(2));
        click("Show the 3 to mend");
        assertThat(reads("number 101 is on line 2 as well")
                        && reads("kind \"laser\" is not known")
                        && reads("cable length \"far\" is not a number of metres"))
                .isTrue();
        click("Take in 497 points, leave out 3");
        assertThat(job().points().size() == 503).isTrue();
        assertThat(reads("497 points came in from client.csv. 3 were left out."))
                .isTrue();
        assertThat(finds("panel-limit:zones")).isTrue();
        undo();
        assertThat(job().equals(DemoJobs.job(2))).isTrue();
    }

    @Test
    void aTableInAnotherEncodingSaysSoAndIsReadAnew() throws Exception {
        Path file = Files.write(
                folder.resolve("old.csv"),
                "number,name\n40,Caf\u00e9 door\n".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
        demo(1);
        openJob.open(SurveySheet.ROOMS);
        table.read(file);
        assertThat(reads("on line 2 the byte E9 is not UTF-8 text")).isTrue();
        click("Read it as Windows-1252");
        assertThat(reads("Take in the one point")).isTrue();
        click("Give it up");
        assertThat(reads("What is watched")).isTrue();
        assertThat(job()).isEqualTo(DemoJobs.job(1));
    }

    @Test
    void otherRulesGradeFindingsAnewAtOnceAndWordsFollow() {
        demo(1);
        openJob.open(SurveySheet.HOUSE_RULES);
        assertThat(finds("loop-tight:07")).isTrue();
        edit("Least loop margin", "5 %");
        assertThat(!finds("loop-tight:07") && finds("departure:figure:LEAST_LOOP_MARGIN_PERCENT"))
                .isTrue();
        edit("Reason for Least loop margin", "measured every year");
        assertThat(!finds("departure:figure:LEAST_LOOP_MARGIN_PERCENT")).isTrue();
        choose("Wording set", "arm / disarm / stay");
        assertThat(Terms.of(job().practice()).both()).isEqualTo("arm / disarm");
        assertThat(Terms.of(job().practice()).set()).isEqualTo("armed");
        for (int i = 2; i >= 0; i--) {
            int steps = i;
            undo();
            assertThat(openJob.now().history().past().size() == steps).isTrue();
        }
        assertThat(job().equals(DemoJobs.job(1)) && finds("loop-tight:07")).isTrue();
    }

    @Test
    void theConverterIsFittedAndEveryPointGetsItsInput() {
        demo(3);
        openJob.open(SurveySheet.INPUTS);
        assertThat(reads("6 inputs are missing") && reads("it speaks band Q; this panel hears band P"))
                .isTrue();
        click("Fit");
        assertThat(reads("Give 6 points their inputs")).isTrue();
        click("Give 6 points their inputs");
        assertThat(job().inputs().stream()
                                .filter(input -> input.pointId().isPresent())
                                .count()
                        == 13)
                .isTrue();
        assertThat(finds("inputs-short")).isFalse();
        click("Keypad 1 works area 02");
        assertThat(finds("area-without-setting:2")).isTrue();
        edit("People who need a code", "40");
        assertThat(reads("40, panel has 32")).isTrue();
    }

    @Test
    void oldWiringIsMeasuredAndSplit() {
        demo(3);
        openJob.open(SurveySheet.OLD_WIRING);
        assertThat(reads("2 zones hold 7 contacts")).isTrue();
        openJob.select(new PointId("06"));
        assertThat(reads("Found at 06 Desk hold-up")).isTrue();
        edit("Reading, loop at rest", "3k28");
        edit("Reading, loop active", "open");
        assertThat(reads("Its contact is closed at rest. A 3k3 resistor is in it."))
                .isTrue();
        assertThat(FoundLoop.of(job(), new PointId("06")).form()).contains(ContactForm.NORMALLY_CLOSED);
        assertThat(job().measurements().getLast().at()).isEqualTo(NOW);
        edit("Reading, resistor", "lots");
        assertThat(reads("reading in ohms is \"lots\"")).isTrue();
        click("Split into 4 points");
        assertThat(job().points().size() == 16).isTrue();
        assertThat(reads("1 zone holds 3 contacts")).isTrue();
    }

    @Test
    void pointsAreWrittenAsATable() throws Exception {
        demo(1);
        openJob.open(SurveySheet.ROOMS);
        Path file = folder.resolve("points.csv");
        new SurveyCommands(files, openJob, background, table, () -> {}).write(file);
        assertThat(reads("24 points are in ")).isTrue();
        assertThat(Files.readAllLines(file)).hasSize(25);
    }
}
