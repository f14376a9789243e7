package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SeriesContact;
import io.answerback.desktop.work.SurveySheet;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What was found at an old loop, noted and read back.
class FoundSheetTest extends DemoSheets {
    private PointId bare;

    @BeforeEach
    void atTheOldLoop() {
        demo(3);
        openJob.open(SurveySheet.OLD_WIRING);
        bare = job().points().stream()
                .filter(point -> point.inSeries().isEmpty() && !point.kind().radio())
                .map(Point::id)
                .filter(id -> job().measurements().stream()
                        .noneMatch(reading -> reading.pointId().equals(id)))
                .findFirst()
                .orElseThrow();
        openJob.select(bare);
    }

    private Point point() {
        return job().point(bare).orElseThrow();
    }

    @Test
    void nothingIsSaidBeforeAnythingIsMeasured() {
        assertThat(reads("Nothing is known of this loop yet.")).isTrue();
        assertThat(reads("None of this point.")).isTrue();
    }

    @Test
    void closedAtRestAndOpenWhenActiveIsANormallyClosedContact() {
        edit("Reading, loop at rest", "2k2");
        assertThat(reads("Its form shows when it is measured both ways.")).isTrue();
        edit("Reading, loop active", "open");
        assertThat(reads("Its contact is closed at rest. A 2k2 resistor is in it."))
                .isTrue();
        assertThat(reads("The plan is ")).isTrue();
    }

    @Test
    void openAtRestIsANormallyOpenContact() {
        edit("Reading, loop at rest", " OPEN ");
        edit("Reading, loop active", "1");
        assertThat(reads("Its contact is open at rest.")).isTrue();
    }

    @Test
    void withoutAResistorItIsSaid() {
        edit("Reading, loop at rest", "1.2");
        edit("Reading, loop active", "open");
        assertThat(reads("Its contact is closed at rest. No resistor is in it."))
                .isTrue();
    }

    @Test
    void theLatestReadingIsTheOneThatCounts() {
        edit("Reading, loop at rest", "4k7");
        edit("Reading, loop at rest", "2k2");
        assertThat(job().measurements().stream()
                        .filter(reading -> reading.pointId().equals(bare)))
                .isNotEmpty();
        assertThat(reads(Figures.ohms(2200))).isTrue();
    }

    @Test
    void whatIsNoReadingIsRefusedWithWhatIsTaken() {
        int before = job().measurements().size();
        assertThat(edit("Reading, loop at rest", "broken")).isFalse();
        assertThat(reads(", or open")).isTrue();
        assertThat(edit("Reading, loop at rest", "-4")).isFalse();
        assertThat(job().measurements()).hasSize(before);
    }

    /// The point's own contact is the first on its loop.
    @Test
    void contactsOfTheSameLoopAreAddedAndTakenOff() {
        String own = point().name();
        assertThat(edit("Another contact on this loop", "landing window")).isTrue();
        assertThat(edit("Another contact on this loop", "stair door")).isTrue();
        assertThat(contacts()).containsExactly(own, "Landing window", "Stair door");
        assertThat(reads("Contacts on this loop")).isTrue();
        click("Landing window");
        assertThat(contacts()).containsExactly(own, "Stair door");
        undo();
        assertThat(contacts()).hasSize(3);
    }

    private List<String> contacts() {
        return point().inSeries().stream().map(SeriesContact::name).toList();
    }

    @Test
    void aContactNeedsAName() {
        assertThat(edit("Another contact on this loop", "  ")).isFalse();
        assertThat(reads("A contact needs a name")).isTrue();
        assertThat(point().inSeries()).isEmpty();
    }

    @Test
    void aPointOfTheSystemHasNoLoop() {
        openJob.select(new PointId("mains"));
        assertThat(reads("Select a zone point to note what was found at its loop."))
                .isTrue();
    }
}
