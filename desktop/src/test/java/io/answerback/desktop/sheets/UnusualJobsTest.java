package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.NewJob;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Every sheet of jobs that nobody would plan: each is drawn, and no word of it is what a program left unfinished.
class UnusualJobsTest extends DemoSheets {
    private static final Pattern UNFINISHED =
            Pattern.compile("\\bnull\\b|NaN|Infinity|Optional[\\[.]|\\w\\[\\w+=|%[sdc]|-0 ");

    private static Job demo1() {
        return DemoJobs.job(1);
    }

    static Stream<Arguments> jobs() {
        return Stream.of(
                Arguments.of("without anything", bare()),
                Arguments.of("with cores that have numbers", numberedCores()),
                Arguments.of("with zones in areas that are not there", lostAreas()),
                Arguments.of("in the cold", cold()),
                Arguments.of("without names", withoutNames()),
                Arguments.of("without cables", demo1().withCables(List.of())),
                Arguments.of("without receivers", demo1().withReceivers(List.of())),
                Arguments.of(
                        "on another panel",
                        CapacityEdits.panel(DataFiles.profile("sample-c")).on(demo1())));
    }

    private static Job bare() {
        return NewJob.of(
                "Bare site", "", DataFiles.rules("graded-3"), PracticeOption.SET_UNSET, DataFiles.profile("sample-b"));
    }

    private static Job numberedCores() {
        CableType eight = demo1().cables().stream()
                .flatMap(cable -> cable.installation().type().stream())
                .filter(type -> type.colours().size() == 8)
                .findFirst()
                .orElseThrow();
        CableType numbered = new CableType(
                eight.id(),
                eight.name(),
                eight.conductor(),
                List.of("1", "2", "3", "4", "5", "6", "7", "8"),
                eight.screened(),
                eight.outdoor(),
                eight.nanofaradsPerKilometre());
        return CableEdits.installation(
                        "",
                        demo1().cables().stream().map(Cable::id).toList(),
                        installation -> installation.withType(numbered))
                .on(demo1());
    }

    private static Job lostAreas() {
        Job job = demo1();
        for (Zone zone : demo1().zones()) {
            job = SetupEdits.decide(Decision.ZONE_AREA, zone.number(), "9").on(job);
        }
        return job;
    }

    private static Job cold() {
        Job job = demo1();
        for (Cable cable : demo1().cables()) {
            job = Edits.cableCelsius(cable.id(), -60, -50).on(job);
        }
        return job;
    }

    private static Job withoutNames() {
        Job job = PracticeEdits.site("·", "").on(demo1());
        for (Point point : demo1().points()) {
            job = PointEdits.name(point.id(), "·").on(job);
        }
        return job;
    }

    private final List<String> faults = new ArrayList<>();

    private void look(Object sheet) {
        try {
            seen().words().stream()
                    .filter(words -> UNFINISHED.matcher(words).find())
                    .forEach(words -> faults.add(sheet + " says \"" + words + "\""));
            assertThat(reads("no sheet says this")).isFalse();
        } catch (RuntimeException fails) {
            faults.add(sheet + " fails: " + fails + " at " + fails.getStackTrace()[0]);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("jobs")
    void everySheetIsDrawnInFinishedWords(String name, Job job) {
        openJob.put(job, Optional.empty(), "");
        report();
        List<String> selected = new ArrayList<>(List.of("mains"));
        job.points().stream().limit(2).forEach(point -> selected.add(point.id().text()));
        for (Stop stop : Stop.values()) {
            for (String point : selected) {
                at(stop, point);
                look(stop + " at " + point);
            }
        }
        sheets(Stop.SURVEY, SurveySheet.values(), openJob::open);
        sheets(Stop.POWER, PowerSheet.values(), benches.power()::open);
        sheets(Stop.BUS, BusSheet.values(), benches.bus()::open);
        sheets(Stop.SET_UP, SetupSheet.values(), benches.setup()::open);
        sheets(Stop.REPORT, ReportSheet.values(), benches.report()::open);
        sheets(Stop.PROVE, ProveSheets.values(), benches.prove()::open);
        sheets(Stop.HAND_OVER, HandOverSheets.values(), benches.handOver()::open);
        assertThat(faults).isEmpty();
    }

    private <S> void sheets(Stop stop, S[] sheets, java.util.function.Consumer<S> open) {
        openJob.go(stop);
        for (S sheet : sheets) {
            open.accept(sheet);
            look(stop + " " + sheet);
        }
    }
}
