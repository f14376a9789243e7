package io.answerback.core.work.materials;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.site.Job;
import io.answerback.core.paper.Table;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import org.junit.jupiter.api.Test;

class MaterialPaperTest {
    private static final Material CABLE = new Material(
            "cable:4-core", MaterialGroup.values()[0], "4-core", 180, 30, 172.5, "m", "2 reels of 100 m", "C-01, C-02");
    private static final Material CLIP =
            new Material("clip", MaterialGroup.values()[1], "Clips", 400, 0, 400, "pieces", "", "every 30 cm");

    private static List<String> row(Job job, Material material) {
        Table table = MaterialPaper.table(job, List.of(material));
        assertThat(table.headings())
                .containsExactly("Loaded", "Group", "What", "Take", "Unit", "As", "Needed", "There", "From");
        return table.rows().getFirst();
    }

    @Test
    void quantitiesAreWholeAndEveryFigureStandsInItsColumn() {
        assertThat(row(SmallJob.job(), CABLE))
                .containsExactly(
                        "[  ]",
                        CABLE.group().title(),
                        "4-core",
                        "173",
                        "m",
                        "2 reels of 100 m",
                        "180",
                        "30",
                        "C-01, C-02");
    }

    @Test
    void whatIsInTheVanIsTicked() {
        Job job = SmallJob.job();
        Job loaded = job.withService(job.service().withLoaded(List.of("clip")));
        assertThat(row(loaded, CLIP).getFirst()).isEqualTo("x");
        assertThat(row(loaded, CABLE).getFirst()).isEqualTo("[  ]");
    }

    @Test
    void theListHasTheNameOfTheSiteAndALineForEach() {
        Job job = SmallJob.job();
        Table table = MaterialPaper.table(job, List.of(CABLE, CLIP));
        assertThat(table.title()).isEqualTo(job.site().name() + ": what to take");
        assertThat(table.rows()).hasSize(2);
        assertThat(table.rows()).allSatisfy(row -> assertThat(row).hasSameSizeAs(table.headings()));
    }
}
