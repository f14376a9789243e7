package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/// Ids in files: what an id is of, and what becomes of files in which a module was known by its name.
class TypedIdsTest {
    private static final ModuleId KEYPAD = new ModuleId("Keypad 2");

    private static ObjectNode tree(Job job) {
        return (ObjectNode) JobJson.PLAIN.readTree(JobCodec.write(JobDocument.of(job)));
    }

    private static Job read(ObjectNode tree) throws BrokenFile {
        return JobCodec.read(tree.toString(), "job").job();
    }

    private static Assessment assessed(Job job) {
        return new Assessor(DataFiles.events()).assess(job);
    }

    /// A job as version 6 wrote it: modules without ids, and texts in place of what is fed and where a cable
    /// begins.
    private static ObjectNode version6(Job job) {
        ObjectNode tree = tree(job);
        tree.put("version", 6);
        tree.path("modules").forEach(module -> ((ObjectNode) module).remove("id"));
        Stream.of(tree.path("power").path("loads"), tree.path("radio").path("readings"))
                .forEach(list -> list.forEach(entry -> plain((ObjectNode) entry, "part")));
        tree.path("cables").forEach(cable -> {
            if (cable.path("ends").has("from")) {
                plain((ObjectNode) cable.path("ends"), "from");
            }
            Version7.rename((ObjectNode) cable, "installation", "laying");
            Version7.rename((ObjectNode) cable.path("laying"), "terminated", "landed");
        });
        tree.path("points").forEach(point -> Version7.rename((ObjectNode) point, "surveyed", "duty"));
        Version7.rename((ObjectNode) tree.path("practice"), "options", "schools");
        Version7.rename((ObjectNode) tree.path("practice").path("firm"), "options", "schools");
        return tree;
    }

    private static void plain(ObjectNode entry, String field) {
        entry.put(
                field, entry.path(field).valueStream().findFirst().orElseThrow().stringValue());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void aJobOfVersion6IsTheSameJob(int demo) throws BrokenFile {
        Job job = DemoJobs.job(demo);
        assertThat(read(version6(job))).isEqualTo(job);
    }

    @Test
    void aNameMayChangeAndEverythingThatBelongsToTheModuleStays() throws BrokenFile {
        Job job = DemoJobs.job(1);
        Job renamed = ModuleEdits.rename(KEYPAD, "Keypad at the hatch").on(job);
        assertThat(renamed.module(KEYPAD).orElseThrow().name()).isEqualTo("Keypad at the hatch");
        assertThat(assessed(renamed).findings()).extracting(Finding::id).isEqualTo(ids(assessed(job)));
        assertThat(assessed(renamed).points().stream()
                        .filter(point -> point.proven())
                        .count())
                .isEqualTo(assessed(job).points().stream()
                        .filter(point -> point.proven())
                        .count())
                .isPositive();
        assertThat(read(tree(renamed))).isEqualTo(renamed);
    }

    private static List<String> ids(Assessment assessment) {
        return assessment.findings().stream().map(Finding::id).toList();
    }

    @Test
    void twoModulesAreNeverCalledTheSame() {
        assertThatThrownBy(() -> ModuleEdits.rename(KEYPAD, "Keypad 1").on(DemoJobs.job(1)))
                .hasMessage("two modules are called Keypad 1; give one of them another name");
    }

    /// The name of a module may be the number of a point: each keeps its own load.
    @Test
    void aModuleCalledAsAPointKeepsItsLoad() throws BrokenFile {
        Job job = DemoJobs.job(1);
        List<PanelModule> modules = job.modules().stream()
                .map(module -> module.id().equals(KEYPAD) ? module.withName("20") : module)
                .toList();
        Job both = job.withModules(modules);
        assertThat(milliamps(both)).isEqualTo(milliamps(job));
        Job heavier = both.withPower(both.power().with(new LoadFigure(KEYPAD, 77, 99, LoadFigure.Source.SHEET)));
        assertThat(heavier.power().load(new PointId("20")))
                .isEqualTo(job.power().load(new PointId("20")));
        assertThat(read(tree(heavier))).isEqualTo(heavier);
    }

    private static double milliamps(Job job) {
        return assessed(job).get(Supplies.FACT).states().stream()
                .flatMap(state -> state.lines().stream())
                .mapToDouble(LoadLine::quiescentMilliamps)
                .sum();
    }

    @Test
    void anIdThatIsNoTextIsRefusedWithItsField() {
        ObjectNode tree = tree(DemoJobs.job(1));
        ((ObjectNode) tree.path("power").path("loads").get(0)).putObject("part").put("door", "20");
        assertThatThrownBy(() -> read(tree)).isInstanceOf(BrokenFile.class).hasMessageContaining("/power/loads/0/part");
    }
}
