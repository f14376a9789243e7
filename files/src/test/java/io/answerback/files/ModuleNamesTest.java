package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.bus.BusState;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What a module is known by is never shown: everywhere it is called by its name.
class ModuleNamesTest {
    private static final String NEW_NAME = "Box number ";

    private static Job renamed(Job job) {
        Job next = job;
        for (int i = 0; i < job.modules().size(); i++) {
            next = ModuleEdits.rename(job.modules().get(i).id(), NEW_NAME + i).on(next);
        }
        return next;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everyTextCallsAModuleByItsName(int demo) {
        Job job = renamed(DemoJobs.job(demo));
        List<String> ids = job.modules().stream()
                .map(module -> module.id().text())
                .filter(id -> !id.equals("Panel") && !id.equals("Communicator") && !id.equals("Sounder"))
                .toList();
        Assessment assessment = new Assessor(DataFiles.events()).assess(job);
        assertThat(texts(assessment)).anyMatch(text -> text.contains(NEW_NAME));
        assertThat(texts(assessment)).noneMatch(text -> ids.stream().anyMatch(text::contains));
    }

    private static List<String> texts(Assessment assessment) {
        Stream<String> findings = assessment.findings().stream()
                .flatMap(finding -> Stream.of(finding.says(), finding.why(), finding.remedy()));
        Stream<String> chains = assessment.points().stream()
                .flatMap(point -> point.chain().links().stream())
                .map(link -> link.figure() + " " + link.line());
        Stream<String> boxes = assessment.get(CorePlan.FACT).boxes().stream()
                .flatMap(box -> Stream.concat(
                        Stream.of(box.title()),
                        box.cables().stream().map(cable -> cable.serves().name())));
        Stream<String> supplies = assessment.get(Supplies.FACT).states().stream()
                .flatMap(state -> Stream.concat(
                        Stream.of(state.title()),
                        Stream.concat(
                                state.volts().stream().map(device -> device.title() + " " + device.output()),
                                state.lines().stream().map(line -> line.title()))));
        Stream<String> bus = assessment.get(BusState.FACT).modules().stream().map(module -> module.name());
        return Stream.of(findings, chains, boxes, supplies, bus)
                .flatMap(its -> its)
                .toList();
    }
}
