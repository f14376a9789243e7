package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.service.Instructed;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.service.VisitKind;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.files.LogLine;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The sheets of the hand-over bench on the first demo.
class HandOverSheetsTest extends DemoSheets {
    @BeforeEach
    void handOver() {
        at(Stop.HAND_OVER, "07");
        seen();
    }

    private void open(HandOverSheets sheet) {
        benches.handOver().open(sheet);
    }

    @Test
    void beforeLeavingSaysWhatTheJobKnowsAndAsksForTheRest() {
        open(HandOverSheets.LEAVING);
        assertThat(reads("5 still the maker's")).isTrue();
        click("Checked: Covers and lids on, cables clear of screws");
        assertThat(reads("Type your initials first")).isTrue();
        edit("Initials", "jk");
        click("Checked: Covers and lids on, cables clear of screws");
        assertThat(reads("checked by jk")).isTrue();
        assertThat(reads("4 of 10")).isTrue();
        click("Take back: Covers and lids on, cables clear of screws");
        assertThat(job().service().ticks()).isEmpty();
    }

    @Test
    void aPersonIsShownHowAndGivenKeysButNoDigits() {
        open(HandOverSheets.LEAVING);
        edit("Initials", "jk");
        edit("Person who is shown how", "The manager");
        for (Instructed.Topic topic : Instructed.Topic.values()) {
            click(topic.words());
        }
        assertThat(job().service().instructed().getFirst().missing()).isEmpty();
        edit("What is handed over", "user code 4711");
        assertThat(edit("Who is given it", "The manager")).isFalse();
        assertThat(reads("codes are kept nowhere")).isTrue();
        edit("What is handed over", "two keys of the panel");
        assertThat(edit("Who is given it", "The manager")).isTrue();
        assertThat(reads("two keys of the panel to The manager, by jk")).isTrue();
        assertThat(reads("5 of 10")).isTrue();
    }

    @Test
    void aVisitKeepsWhatWasChangedUsedAndLeftOut() {
        open(HandOverSheets.VISITS);
        edit("Initials", "jk");
        edit("Reason of the visit", "yearly service");
        click("Begin the visit");
        assertThat(reads("On visit 1: installation, by jk")).isTrue();
        assertThat(edit("Part that was used", "two resistors")).isFalse();
        assertThat(edit("Part that was used", "2 pieces resistor 4k7")).isTrue();
        assertThat(edit("What is left out, and why", "cover of 13: no ladder")).isTrue();
        assertThat(edit("Day of the next visit", "soon")).isFalse();
        assertThat(edit("Day of the next visit", "2026-12-01")).isTrue();
        openJob.apply(Edits.cableMetres(new CableId("C-17"), 40));
        click("End the visit");
        Visit visit = job().service().last().orElseThrow();
        assertThat(visit.changes()).anyMatch(change -> change.contains("C-17"));
        assertThat(visit.parts()).hasSize(1);
        assertThat(visit.leftOut()).hasSize(1);
        open(HandOverSheets.DUE);
        assertThat(reads("2026-12-01")).isTrue();
        assertThat(reads("agreed")).isTrue();
    }

    @Test
    void materialsAreLoadedAndUsed() {
        open(HandOverSheets.MATERIALS);
        assertThat(reads("0 of 12 loaded") || reads("0 of 13 loaded")).isTrue();
        click("Resistor 4k7");
        assertThat(job().service().loaded()).containsExactly("resistor:4k7");
        open(HandOverSheets.VISITS);
        edit("Initials", "jk");
        click("Begin the visit");
        open(HandOverSheets.MATERIALS);
        click("Used: Resistor 4k7 on this visit");
        assertThat(job().service().now().orElseThrow().parts().getFirst().what())
                .isEqualTo("Resistor 4k7");
        assertThat(job().service().loaded()).isEmpty();
    }

    @Test
    void timeIsPlannedOverDaysAndLateIsSaid() {
        open(HandOverSheets.TIME);
        assertThat(reads("working value")).isTrue();
        assertThat(edit("Hours a day on site", "2")).isTrue();
        assertThat(edit("Day of handing over", "2026-06-03")).isTrue();
        assertThat(reads("Late: the last day is")).isTrue();
        assertThat(edit("People who work side by side", "0")).isFalse();
        assertThat(edit("Day of handing over", "in spring")).isFalse();
        assertThat(reads("a day is typed as 2027-05-31")).isTrue();
    }

    @Test
    void whatIsDoneIsLoggedAndSearched() {
        open(HandOverSheets.LOG);
        openJob.apply(Edits.cableMetres(new CableId("C-17"), 40));
        openJob.undo();
        assertThat(reads("2 entries")).isTrue();
        edit("Words in the log", "undone");
        assertThat(seen().words().stream().filter(words -> words.contains("C-17")))
                .hasSize(1);
        edit("Words in the log", "nowhere");
        assertThat(reads("No entry has these words")).isTrue();
    }

    /// What was done to a job without a file is never written into the log of another.
    @Test
    void anotherJobHasALogOfItsOwn() {
        openJob.apply(Edits.cableMetres(new CableId("C-17"), 40));
        openJob.put(DemoJobs.job(2), Optional.of(folder.resolve("pike.answerback.json")), "");
        openJob.apply(Edits.cableMetres(new CableId("C-07"), 41));
        assertThat(openJob.log().waiting())
                .extracting(LogLine::what)
                .singleElement()
                .asString()
                .contains("C-07");
    }

    @Test
    void aVisitKeepsWhatWasChangedBeforeTheJobWasOpenedAgain() throws Exception {
        Path file = folder.resolve("quay.answerback.json");
        openJob.put(job(), Optional.of(file), "");
        openJob.apply(ServiceEdits.begin(VisitKind.REPAIR, "", "jk", NOW));
        openJob.apply(Edits.cableMetres(new CableId("C-17"), 40));
        JobLog.beside(file).add(openJob.log().waiting());
        openJob.put(job(), Optional.of(file), "");
        at(Stop.HAND_OVER, "07");
        open(HandOverSheets.VISITS);
        click("End the visit");
        assertThat(job().service().last().orElseThrow().changes()).anyMatch(change -> change.contains("C-17"));
    }

    @Test
    void thePackIsSavedWithItsCalendar() throws Exception {
        open(HandOverSheets.PACK);
        seen();
        assertThat(reads("sections, ")).isTrue();
        when(files.toWrite(anyString(), anyString(), any())).thenReturn(Optional.of(folder.resolve("pack")));
        click("Save the pack");
        assertThat(reads("files in")).isTrue();
        assertThat(folder.resolve("pack").resolve("SHA256SUMS")).exists();
        click("Look at it: every page as it is printed");
        assertThat(page()).contains("Brinewell Cold Store: what the client keeps");
    }

    @Test
    void aPictureIsKeptBesideTheJobAndNotWithoutAFile() throws Exception {
        Path picture = folder.resolve("box.png");
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        when(files.toRead(anyString(), any())).thenReturn(Optional.of(picture));
        open(HandOverSheets.PHOTOS);
        click("Add a picture");
        assertThat(reads("Save the job first")).isTrue();
        openJob.put(job(), Optional.of(folder.resolve("quay.answerback.json")), "");
        at(Stop.HAND_OVER, "07");
        open(HandOverSheets.PHOTOS);
        click("Add a picture");
        assertThat(job().service().photographs()).hasSize(1);
        assertThat(Files.exists(folder.resolve("quay.photographs").resolve("07-dock-roller-door-2-1.jpg")))
                .isTrue();
        assertThat(reads("time not kept")).isTrue();
    }
}
