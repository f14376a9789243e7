package io.answerback.print;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.paper.BoxPaper;
import io.answerback.core.paper.CableLabelSheet;
import io.answerback.core.paper.CableSchedule;
import io.answerback.core.paper.CoreSchedule;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.NetworkPaper;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PowerPaper;
import io.answerback.core.paper.SetupPaper;
import io.answerback.core.paper.TableSetter;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.print.pack.PackFolder;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Every paper of every demo, and of the same sites with very long names: nothing leaves its page, and no words
/// stand on others.
class PagesTest {
    private static final LocalDate DATE = LocalDate.parse("2026-06-02");

    private static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    private record Named(String name, Function<Measure, Paper> set) {}

    private static Assessment assessed(Job job) {
        return new Assessor(DataFiles.events()).on(DATE).assess(job);
    }

    private static List<Named> papers(Job job) {
        Assessment now = assessed(job);
        List<Named> all = new ArrayList<>();
        all.add(new Named("boxes", measure -> BoxPaper.of(job, now.get(CorePlan.FACT), DATE, measure)));
        all.add(new Named(
                "cables", measure -> TableSetter.set(CableSchedule.of(job, now.get(CorePlan.FACT)), measure)));
        all.add(new Named("cores", measure -> TableSetter.set(CoreSchedule.of(job, now.get(CorePlan.FACT)), measure)));
        all.add(new Named("set-up", measure -> SetupPaper.of(job, RunSheet.of(job), measure)));
        all.add(new Named("network", measure -> NetworkPaper.of(job, measure)));
        for (SupplyState supply : now.get(Supplies.FACT).states()) {
            all.add(new Named("power", measure -> PowerPaper.of(job, now.get(Supplies.FACT), supply, measure)));
        }
        DataFiles.labelStocks()
                .forEach(stock -> all.add(new Named(
                        "labels " + stock.id(),
                        measure -> CableLabelSheet.of(job, now.get(CorePlan.FACT), stock, measure))));
        all.add(new Named(
                "pack",
                measure -> new PackFolder(now, DataFiles.events(), PageSize.LETTER, NOW)
                        .set()
                        .paper()));
        return all;
    }

    private static List<String> faults(Job job) {
        List<String> faults = new ArrayList<>();
        for (Named paper : papers(job)) {
            PdfWriter.set(measure -> {
                Paper set = paper.set().apply(measure);
                PageFaults.of(set, measure).forEach(fault -> faults.add(paper.name() + ", " + fault));
                return set;
            });
        }
        return faults;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theDemosStandWellOnPaper(int demo) {
        assertThat(faults(DemoJobs.job(demo))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void longNamesAndFarTooLongCablesDoToo(int demo) {
        Job job = PracticeEdits.site(
                        "The cold store on the northern quay of the old harbour, with its offices, its yard and the house of the keeper",
                        "The Quay")
                .on(DemoJobs.job(demo));
        for (Point point : DemoJobs.job(demo).points()) {
            job = PointEdits.name(
                            point.id(),
                            point.name()
                                    + " behind the boiler house, where the lorries turn at night, second door from the left")
                    .on(job);
        }
        for (Cable cable : DemoJobs.job(demo).cables()) {
            job = Edits.cableMetres(cable.id(), 900).on(job);
        }
        assertThat(faults(job)).isEmpty();
    }
}
