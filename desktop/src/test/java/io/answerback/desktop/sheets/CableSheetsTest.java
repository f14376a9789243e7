package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.cable.PrintKind;
import io.answerback.desktop.work.SurveySheet;
import org.junit.jupiter.api.Test;

/// What the sheets of the cable bench show, and what is done on them.
class CableSheetsTest extends DemoSheets {
    private CableInstallation installation(String point) {
        return job().cableTo(new PointId(point)).orElseThrow().installation();
    }

    private void at(String point) {
        at(Stop.CABLE, point);
    }

    @Test
    void whatTheRingPassesByIsJoinedWithOneClick() {
        at("05");
        assertThat(finds("outside-ring:C-20")).isTrue();
        click("Join C-20");
        assertThat(!finds("outside-ring:C-20")).isTrue();
        // it is the only one on the ring, which begins and ends at the panel's own terminals
        assertThat(reads("T beside 8") && reads("T on the right")).isTrue();
    }

    /// The pair of the hold-up's cable is put into the ring by hand, as the plan has it.
    private void joinTheHoldUp() {
        at("05");
        click("Join C-20");
        for (PlannedCore core : openJob.now()
                .assessment()
                .get(CorePlan.FACT)
                .cable(new CableId("C-20"))
                .orElseThrow()
                .cores()) {
            if (core.use() == CoreUse.TAMPER || core.use() == CoreUse.TAMPER_RETURN) {
                String where = core.use() == CoreUse.TAMPER ? "T beside 8" : "T on the right";
                openJob.apply(CableEdits.terminated(
                        new CableId("C-20"), new TerminatedCore(CableEnd.NEAR, core.colour(), where, NOW), false));
            }
        }
        assertThat(finds("core-elsewhere:C-20:white")).isFalse();
    }

    @Test
    void aDeviceThatIsAddedGetsItsCableItsCoresItsPlaceInTheRingAndItsLabels() {
        joinTheHoldUp();
        openJob.open(SurveySheet.ROOMS);
        edit("Type a point", "25 strong room button, hold-up, office, 23 m");
        assertThat(job().point(new PointId("25")).isPresent()).isTrue();
        openJob.apply(CapacityEdits.giveInputs());
        openJob.apply(LoopEdits.scheme(new PointId("25"), SchemeKind.SINGLE_END_OF_LINE));
        at("25");
        click("Choose types for 1");
        assertThat(reads("input 8")).isTrue();
        String cable = job().cableTo(new PointId("25")).orElseThrow().id().text();
        assertThat(job().cable(new CableId(cable)).orElseThrow().metres()).isEqualTo(23);
        assertThat(installation("25").type().orElseThrow().colours()).hasSize(4);
        // its cover comes last, so what went back to the terminal from the one before has to move
        assertThat(finds("core-elsewhere:C-20:white")).isTrue();
        assertThat(reads("joins C-20 white")).isTrue();
        benches.cable().openPaper(PrintKind.LABELS);
        assertThat(reads("page 1 of 3")).isTrue();
        click("On: the pages after");
        click("On: the pages after");
        assertThat(page()).contains("to 25 Strong room button");
    }

    @Test
    void anotherTypeHasOtherCores() {
        at("13");
        choose("Type of C-23", "4-core alarm");
        assertThat(installation("13").type().orElseThrow().id().equals("4-core"))
                .isTrue();
        assertThat(reads("yellow") && !reads("orange")).isTrue();
        undo();
        assertThat(installation("13").type().orElseThrow().id().equals("8-core"))
                .isTrue();
    }

    @Test
    void theFirmsOwnColoursMoveTheCores() {
        openJob.open(SurveySheet.HOUSE_RULES);
        edit("Colours for loop return", "brown, green");
        at("15");
        assertThat(reads("brown") && reads("loop return")).isTrue();
        assertThat(openJob.now()
                        .assessment()
                        .get(CorePlan.FACT)
                        .cable(new CableId("C-05"))
                        .orElseThrow()
                        .core(CoreUse.LOOP_RETURN)
                        .orElseThrow()
                        .colour())
                .isEqualTo("brown");
        // elsewhere green was put in place already: now it is in the wrong one
        assertThat(finds("core-elsewhere:C-01:green")).isTrue();
    }

    @Test
    void cablesAreListedRoomByRoomAndLabelledThere() {
        at("18");
        benches.cable().open(CableSheet.CABLES);
        assertThat(reads("02 Dock") && reads("terminated, label missing")).isTrue();
        click("far end labelled");
        assertThat(!finds("cable-unlabelled:C-14")).isTrue();
    }
}
