package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.path.PathKind;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.report.ReportSheet;
import org.junit.jupiter.api.Test;

/// The sheets that say how long it takes until somebody answers.
class ReportTimesSheetsTest extends ReportSheetsOfDemo {
    @Test
    void everyFailureIsShownAndWhatIsTooLateIsSolved() {
        report().open(ReportSheet.HOW_LONG);
        assertThat(reads("answered after 0.2 s by Station A, IP")).isTrue();
        assertThat(reads("IP down and cellular down")).isTrue();
        choose("What has failed", "IP down");
        // the line receiver hears its call while the paths over IP are still being tried
        assertThat(reads("answered after 15.1 s by Station B, dial line")).isTrue();
        openJob.apply(ReceiverEdits.remove(B));
        assertThat(reads("answered after 20 s by Station A, cellular")).isTrue();
        assertThat(finds("path-unused:LINE")).isTrue();
        assertThat(edit("Registration of cellular", "50 s")).isTrue();
        assertThat(reads("answered after 66 s by Station A, cellular")).isTrue();
        click("cellular: register in 44.0 s");
        assertThat(reads("answered after 60 s by Station A, cellular")).isTrue();
        assertThat(edit("Registration of cellular", "soon")).isFalse();
    }

    @Test
    void theLanesAreToScaleAgainstTheRule() {
        report().open(ReportSheet.HOW_LONG);
        choose("What has failed", "IP down");
        Sketch lanes = sketch("lanes-drawing");
        double from = lanes.styled("lane-no_answer").getFirst().number(0);
        double second = (lanes.styled("fall-rule").getFirst().number(0) - from) / 60;
        assertThat(lanes.styled("lane-no_answer"))
                .hasSize(3)
                .allSatisfy(bar -> assertThat(bar.number(2)).isCloseTo(5 * second, within(1.5)));
        assertThat(lanes.styled("lane-registers").getFirst().number(2)).isCloseTo(4 * second, within(1.5));
        assertThat(lanes.styled("lane-calls").getFirst().number(2)).isCloseTo(15.1 * second, within(1.5));
    }

    @Test
    void polledPathsSayWhenTheStationLearnsOfSilence() {
        report().open(ReportSheet.HOW_LONG);
        assertThat(finds("data-beyond-plan:CELLULAR")).isTrue();
        choose("Poll as a class asks", "two paths, 3 min and 25 h");
        assertThat(finds("data-beyond-plan:CELLULAR")).isFalse();
        assertThat(reads("25 h")).isTrue();
        edit("Polls of IP", "none");
        edit("Polls of cellular", "none");
        assertThat(reads("never")).isTrue();
        assertThat(edit("Plan of cellular", "much")).isFalse();
        assertThat(edit("Plan of cellular", "not known")).isTrue();
        click("Earlier: tries it before");
        assertThat(job().communicator().paths().getFirst().kind()).isEqualTo(PathKind.CELLULAR);
        click("Remove");
        assertThat(job().communicator().paths()).hasSize(2);
        click("Add cellular");
        assertThat(job().communicator().paths()).hasSize(3);
    }
}
