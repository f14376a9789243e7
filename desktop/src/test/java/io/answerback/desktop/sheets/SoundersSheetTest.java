package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.SetupState;
import io.answerback.core.supply.SounderState;
import io.answerback.core.supply.Supplies;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// How loud it is and for how long, set on the sheet.
class SoundersSheetTest extends DemoSheets {
    @BeforeEach
    void atTheSounders() {
        at(Stop.POWER, "07");
        click("Sheet Sounders");
    }

    private Optional<String> decided() {
        return job().setup().decided(Decision.SOUNDER_TIME, 0).map(PanelProgramming.Decided::value);
    }

    private double minutes() {
        return openJob.now().assessment().get(SetupState.FACT).sounderMinutes();
    }

    private SounderState sounder() {
        return openJob.now()
                .assessment()
                .get(Supplies.FACT)
                .sounders()
                .sounders()
                .getFirst();
    }

    @Test
    void aTimeIsDecidedAndWithoutOneItIsAsUsual() {
        assertThat(edit("Sounder time", "6 min")).isTrue();
        assertThat(decided()).contains("6");
        assertThat(minutes()).isEqualTo(6);
        assertThat(reads("decided;")).isTrue();
        assertThat(edit("Sounder time", "")).isTrue();
        assertThat(decided()).isEmpty();
        assertThat(minutes()).as("what a new panel has").isEqualTo(4);
        assertThat(reads("as usual;")).isTrue();
    }

    @Test
    void aTimeThatIsNoneIsRefusedAndStaysAsItWas() {
        double before = minutes();
        assertThat(edit("Sounder time", "-2")).isFalse();
        assertThat(edit("Sounder time", "all night")).isFalse();
        assertThat(minutes()).isEqualTo(before);
    }

    @Test
    void theLinkOnTheBoardChangesWhatItTakes() {
        double before = sounder().level().milliamps();
        click("Link of Sounder soft");
        assertThat(sounder().level().milliamps()).isLessThan(before);
        assertThat(reads("On soft it takes %.0f mA".formatted(sounder().level().milliamps())))
                .isTrue();
        undo();
        assertThat(sounder().level().milliamps()).isEqualTo(before);
    }

    @Test
    void whatItDoesWhenItsCableIsCutIsSaidWithTheCaution() {
        assertThat(reads("Cut its cable") || reads("cut the cable") || reads("lose the drive alone"))
                .isTrue();
        assertThat(reads("Ear protection on")).isTrue();
        assertThat(reads("the rule allows")).isTrue();
    }

    /// Each demo has units of other makes, and what is said of each is what it is.
    @Test
    void everyDemoSaysWhatItsSoundersDo() {
        for (int demo = 1; demo <= 3; demo++) {
            demo(demo);
            for (SounderState each :
                    openJob.now().assessment().get(Supplies.FACT).sounders().sounders()) {
                boolean own = each.unit().battery().isPresent();
                boolean held = each.unit().holdOff();
                String says = held
                        ? own ? "cut the cable and it sounds" : "lose the drive alone and it sounds"
                        : own ? "Cut its cable and nothing makes it sound" : "Cut its cable and it is silent";
                assertThat(reads(says)).as(each.title()).isTrue();
                assertThat(reads("By itself it falls silent after"))
                        .as(each.title())
                        .isEqualTo(openJob.now().assessment().get(Supplies.FACT).sounders().sounders().stream()
                                .anyMatch(any -> any.unit().mostMinutes() > 0));
            }
        }
    }

    @Test
    void aJobWithoutASounderSaysWhereOneIsFitted() {
        openJob.put(
                io.answerback.core.survey.NewJob.of(
                        "Bare site",
                        "",
                        io.answerback.files.DataFiles.rules("graded-2"),
                        io.answerback.core.model.practice.PracticeOption.SET_UNSET,
                        io.answerback.files.DataFiles.profile("sample-b")),
                Optional.empty(),
                "");
        openJob.go(Stop.POWER);
        click("Sheet Sounders");
        assertThat(reads("No sounder or speaker is on this job")).isTrue();
    }
}
