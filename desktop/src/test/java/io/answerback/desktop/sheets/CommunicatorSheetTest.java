package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.report.ReportSheet;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The communicator as a box: its wires, its order of work, its numbers.
class CommunicatorSheetTest extends DemoSheets {
    @BeforeEach
    void communicator() {
        at(Stop.REPORT, "07");
        report().open(ReportSheet.COMMUNICATOR);
    }

    private Unit unit() {
        return job().communicator().unit().orElseThrow();
    }

    @Test
    void itsWiresAreDrawnBetweenTheTerminalsOfBothBoxes() {
        Sketch sketch = sketch("wires-drawing");
        assertThat(sketch.all()).extracting(Sketch.Drawing::text).contains("12V", "0V", "A", "B", "supply +", "data");
        assertThat(sketch.styled("wires-data")).hasSize(2);
        assertThat(reads("It is the module \"Communicator\"")).isTrue();
    }

    @Test
    void anotherMakeIsAttachedInAnotherWayAndAddedToTheModules() {
        choose("Make", "Sample communicator G, plug-on");
        assertThat(reads("How it is attached is not decided yet")).isTrue();
        click("Attached by plugged on");
        assertThat(unit().fitting().way()).contains(Attachment.PLUG_ON);
        assertThat(sketch("wires-drawing").words("connector on the board").text())
                .isNotEmpty();
        int modules = job().modules().size();
        click("Add it to the modules");
        assertThat(job().modules()).hasSize(modules + 1);
        choose("Link S", "the other way");
        assertThat(reads("Attached this way it has to be \"on board\"")).isTrue();
        choose("Link S", "on board");
        assertThat(finds("unit-jumper")).isFalse();
        click("from its port");
        click("from the auxiliary output");
        assertThat(reads("It is supplied from its port and the auxiliary output"))
                .isTrue();
        undo();
        assertThat(finds("unit-two-supplies")).isFalse();
    }

    @Test
    void theOrderOfWorkGoesStepByStepAndIsTakenBack() {
        click("Looked at Order of work");
        assertThat(reads("Ask the station whether the account is live")).isTrue();
        keys().done().run();
        assertThat(reads("Power down in order")).isTrue();
        assertThat(job().power().ticks()).anyMatch(tick -> tick.step().startsWith("unit:"));
        undo();
        assertThat(job().power().ticks()).noneMatch(tick -> tick.step().startsWith("unit:"));
    }

    @Test
    void aSimItsSignalAndItsServiceAreWrittenWhereTheyStand() {
        click("Looked at Numbers and signal");
        assertThat(edit("Phone number", "0900 12")).isFalse();
        assertThat(edit("Phone number", "+999 000 00188")).isTrue();
        assertThat(edit("Active until", "next year")).isFalse();
        assertThat(edit("Active until", "2027-06-14")).isTrue();
        assertThat(finds("sim-runs-out")).isFalse();
        assertThat(edit("Next reading", "weak")).isFalse();
        assertThat(edit("Next reading", "-99 behind the freezer")).isTrue();
        assertThat(finds("unit-signal-weak")).isTrue();
        assertThat(reads("behind the freezer")).isTrue();
        choose("The account is live", "no");
        assertThat(finds("unit-enabled-early")).isTrue();
        click("open now; it is closed again before leaving");
        assertThat(finds("remote-access-open")).isTrue();
    }

    @Test
    void thePhotographOfTheLabelIsKeptBesideTheJob() throws Exception {
        click("Looked at Numbers and signal");
        click("Photograph of the label …");
        assertThat(reads("Save the job first")).isTrue();
        Path site = Files.createDirectory(folder.resolve("site"));
        openJob.put(job(), Optional.of(site.resolve("job.answerback.json")), "");
        Path words = Files.writeString(folder.resolve("shot.png"), "no picture");
        when(files.toRead(any(), any())).thenReturn(Optional.of(words));
        click("Photograph of the label …");
        assertThat(reads("shot.png is not a picture that can be read")).isTrue();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", words.toFile());
        click("Photograph of the label …");
        assertThat(unit().identity().label()).isEqualTo("label-of-the-communicator-1.jpg");
        Path kept = site.resolve("job.photographs").resolve("label-of-the-communicator-1.jpg");
        assertThat(seen().every(Photo.class))
                .singleElement()
                .satisfies(photo ->
                        assertThat(photo.address()).isEqualTo(kept.toUri().toString()));
        click("Leave it out");
        assertThat(unit().identity().label()).isEmpty();
        assertThat(kept).exists();
    }

    /// Earlier versions kept it in the folder of the job.
    @Test
    void aPhotographThatLiesBesideTheJobIsStillSeen() throws Exception {
        click("Looked at Numbers and signal");
        Path beside = Files.write(folder.resolve("label-shot.png"), new byte[] {1});
        openJob.put(job(), Optional.of(folder.resolve("job.answerback.json")), "");
        openJob.apply(UnitEdits.identity("photograph", its -> its.withLabel("label-shot.png")));
        assertThat(seen().every(Photo.class))
                .singleElement()
                .satisfies(photo ->
                        assertThat(photo.address()).isEqualTo(beside.toUri().toString()));
    }

    @Test
    void itsSettingsAreTypedFromTheRunSheet() {
        openJob.go(Stop.SET_UP);
        List<String> ids = openJob.now().assessment().get(SetupState.FACT).sheet().open().stream()
                .map(step -> step.setting().id())
                .filter(id -> id.startsWith(SettingCatalogue.UNIT))
                .toList();
        assertThat(ids).contains("unit:host", "unit:address", "unit:phone");
    }
}
