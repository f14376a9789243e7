package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.power.Sounding;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.Tick;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.capacity.SupplyWatchEdits;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/// What is said of power in job files and panel profiles.
class PowerInFilesTest {
    private static final Instant AT = Instant.parse("2026-04-01T08:30:00Z");

    @TempDir
    Path folder;

    private static Job job() {
        Job job = DemoJobs.job(2);
        job = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 2, -3.5, Optional.of(LocalDate.of(2024, 2, 29))))
                .on(job);
        job = PowerEdits.load(new LoadFigure(new PointId("02"), 14, 22, LoadFigure.Source.MEASURED))
                .on(job);
        job = PowerEdits.alarmShare(60).on(job);
        job = PowerEdits.done(new Tick("up:Panel:mains", AT)).on(job);
        job = PowerEdits.link(new ModuleId("Sounder 1"), "soft").on(job);
        job = SupplyWatchEdits.watchedBy(new ModuleId("Supply 1"), SupplyFault.MAINS, Optional.of(new PointId("03")))
                .on(job);
        job = PowerEdits.replaced(job.power().battery(new ModuleId("Panel")).orElseThrow(), LocalDate.of(2026, 3, 1))
                .on(job);
        return PowerEdits.measured(
                        new SupplyReading(new ModuleId("Panel"), SupplyReading.Quantity.FLOAT_VOLTS, 13.6, AT))
                .on(job);
    }

    @Test
    void everythingComesBackAsItWasWritten() throws Exception {
        Path file = folder.resolve("power.answerback.json");
        JobFile.save(file, JobDocument.of(job()));
        assertThat(JobFile.open(file).job().power()).isEqualTo(job().power());
    }

    @Test
    void aJobThatSaysNothingOfPowerIsUndecided() throws Exception {
        String text = JobCodec.write(JobDocument.of(job()));
        int from = text.lastIndexOf("\"power\": ");
        String without = text.substring(0, text.lastIndexOf(',', from)) + "\n}\n";
        assertThat(JobCodec.read(without, "old.answerback.json").job().power()).isEqualTo(Power.UNDECIDED);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "\"ampHours\": 7.0 # \"ampHours\": 7000.0 # /power/batteries/0/ampHours: it is 7000.0; it must be 500 or less",
                "\"parallel\": 2 # \"parallel\": 9 # /power/batteries/0/parallel: it is 9; it must be 4 or less",
                "\"2024-02-29\" # \"2024-02-30\" # 2024-02-30",
                "\"fault\": \"MAINS\" # \"fault\": \"SMOKE\" # SMOKE",
                "\"level\": \"soft\" # \"level\": \" \" # setting of the link of Sounder 1",
                "\"source\": \"MEASURED\" # \"source\": \"GUESSED\" # GUESSED",
                "\"alarmSharePercent\": 60.0 # \"alarmSharePercent\": 160.0 # /power/alarmSharePercent: it is 160.0; it must be 100 or less",
                "\"value\": 13.6 # \"value\": 1360.0 # float volts of Panel in V is 1360"
            })
    void whatCannotBeIsRefusedWithItsReason(String right, String wrong, String says) throws Exception {
        String text = JobCodec.write(JobDocument.of(job())).replaceAll("\": ", "\": ");
        assertThat(text).contains(right);
        assertThatThrownBy(() -> JobCodec.read(text.replace(right, wrong), "site.answerback.json"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContainingAll("site.answerback.json", says);
    }

    @Test
    void aJobOfVersion3IsOpenedAndWrittenAsVersion10() throws Exception {
        ObjectNode tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(2))));
        tree.put("version", 3);
        ((ObjectNode) tree.path("communicator")).remove("unit");
        ((ObjectNode) tree.path("power")).remove(List.of("sounding", "watches", "changes"));
        tree.path("panel").path("profile").path("modules").forEach(kind -> ((ObjectNode) kind).remove("sounder"));
        String old = tree.toString();
        assertThat(old).doesNotContain("sounding", "\"sounder\":", "watches");
        Job read = JobCodec.read(old, "old").job();
        assertThat(read.power().sounding()).isEqualTo(Sounding.UNDECIDED);
        assertThat(read.power().batteries()).isEqualTo(DemoJobs.job(2).power().batteries());
        assertThat(JobCodec.write(JobDocument.of(read))).contains("\"version\": 13");
    }

    @Test
    void theSounderTimeOfVersion5BecomesTheDecision() throws Exception {
        Job plain = DemoJobs.job(2);
        ObjectNode tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(plain)));
        tree.put("version", 5);
        ((ObjectNode) tree.path("power").path("sounding")).put("minutes", 4.5);
        Job read = JobCodec.read(tree.toString(), "old").job();
        assertThat(new Intent(read).sounderMinutes()).isEqualTo(4.5);
        // what was decided is what was typed, so it comes first
        Job decided = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "2").on(plain);
        tree = (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(decided)));
        tree.put("version", 5);
        ((ObjectNode) tree.path("power").path("sounding")).put("minutes", 4.5);
        assertThat(new Intent(JobCodec.read(tree.toString(), "old").job()).sounderMinutes())
                .isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sample-a", "sample-b", "sample-c", "sample-d"})
    void everySamplePanelSaysWhatItsSupplyGivesAndItsModulesTake(String id) {
        PanelProfile profile = DataFiles.profile(id);
        assertThat(profile.board().supply()).isPresent();
        assertThat(profile.modules())
                .filteredOn(kind -> kind.ownSupply())
                .allMatch(kind -> kind.supply().isPresent());
        assertThat(profile.modules())
                .filteredOn(kind -> kind.milliamps() > 0)
                .allMatch(kind -> kind.power().isPresent());
    }

    @Test
    void aProfileOfBeforeIsReadWithoutIts() throws Exception {
        PanelProfile profile = DataFiles.profile("sample-c");
        Path file = folder.resolve("c.profile.json");
        SettingsFile.save(file, profile);
        assertThat(SettingsFile.profile(file)).isEqualTo(profile);
        String text = java.nio.file.Files.readString(file);
        String older =
                text.replaceAll("\"order\"\\s*:\\s*\"MAINS_FIRST\",\\s*\"batteryTestSeconds\"\\s*:\\s*60", "\"x\": 0");
        java.nio.file.Files.writeString(file, older);
        ModuleKind board = SettingsFile.profile(file).board();
        assertThat(board.supply().orElseThrow().order()).isEqualTo(PowerOrder.BATTERY_FIRST);
        assertThat(board.supply().orElseThrow().batteryTestSeconds()).isZero();
    }
}
