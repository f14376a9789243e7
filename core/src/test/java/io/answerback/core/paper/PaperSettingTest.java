package io.answerback.core.paper;

import static io.answerback.core.testing.SmallBox.FOUR;
import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.TitleBlock;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CorePlan;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/// Schedules, boxes and labels before they become a file, set in a face whose letters are all half as wide as
/// high.
class PaperSettingTest {
    private static final LocalDate DATE = LocalDate.parse("2026-05-12");
    private static final Measure HALF = (words, size, strong) -> words.length() * size / 2;
    private static final LabelStock ROLL = new LabelStock("roll", "Roll", 40, 20, 0, 0, 40, 20, 0, 0, 1, 1);
    private static final LabelStock SHEET = new LabelStock("s", "Sheet", 210, 297, 10, 10, 60, 30, 65, 35, 3, 8);

    private static List<String> words(Paper paper) {
        return paper.pages().stream()
                .flatMap(List::stream)
                .filter(PaperElement.Text.class::isInstance)
                .map(mark -> ((PaperElement.Text) mark).words())
                .toList();
    }

    @Test
    void aCableScheduleSaysWhatIsMissing() {
        Job job = CableEdits.installation("", new CableId("C-02"), installation -> CableInstallation.PLANNED)
                .on(SmallBox.job(SIX));
        job = Edits.cableMetres(new CableId("C-02"), 0).on(job);
        Table table = CableSchedule.of(job, CorePlan.of(job));
        assertThat(table.gaps()).containsExactly("C-02 has not got a type and a length yet.");
        assertThat(table.rows().get(1)).contains("not decided");
        assertThat(CableSchedule.of(SmallBox.job(SIX), CorePlan.of(SmallBox.job(SIX)))
                        .gaps())
                .isEmpty();
    }

    @Test
    void aCoreScheduleHasBothEndsOfEveryCoreAndSaysWhichIsInPlace() {
        Job job = CableEdits.terminated(
                        new CableId("C-02"),
                        new TerminatedCore(CableEnd.NEAR, "yellow", "input 2", Instant.parse("2026-03-01T10:00:00Z")),
                        false)
                .on(SmallBox.job(SIX));
        Table table = CoreSchedule.of(job, CorePlan.of(job));
        assertThat(table.rows()).hasSize(3 * 6);
        assertThat(table.rows())
                .filteredOn(row -> row.getFirst().equals("C-02") && row.get(3).equals("yellow"))
                .containsExactly(List.of(
                        "C-02",
                        "Panel",
                        "02 Store door",
                        "yellow",
                        "loop",
                        "input 2",
                        "contact in",
                        "from end 2026-03-01"));
    }

    @Test
    void coresThatAreLackingAreRowsAndGaps() {
        Job job = PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(SmallBox.POWERED))
                .on(SmallBox.job(FOUR));
        Table table = CoreSchedule.of(job, CorePlan.of(job));
        assertThat(table.gaps()).containsExactly("C-02 has 2 cores too few.");
        assertThat(table.rows())
                .filteredOn(row -> row.get(3).equals("none left"))
                .hasSize(2);
    }

    @Test
    void aCableThatComesToNoBoxIsListedLast() {
        Job job = CapacityEdits.wire(new PointId("02"), Optional.empty()).on(SmallBox.job(SIX));
        Table table = CoreSchedule.of(job, CorePlan.of(job));
        assertThat(table.rows().getLast()).startsWith("C-02", "no box yet");
        assertThat(CableSchedule.of(job, CorePlan.of(job)).gaps()).containsExactly("C-02 has not got a box yet.");
    }

    @Test
    void everyBoxBeginsAPageWithItsTerminalsAndItsRing() {
        Job job = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(SmallBox.job(SIX));
        job = CableEdits.chooseTypes(List.of(SIX)).on(job);
        Paper paper = BoxPaper.of(job, CorePlan.of(job), DATE, HALF);
        assertThat(paper.pages()).hasSize(2);
        assertThat(words(paper)).contains("Panel", "12V", "Tamper ring", "J-1", "Joined", "Spare cores");
        assertThat(paper.problems()).isEmpty();
        Job bare = SmallJob.job();
        assertThat(BoxPaper.of(bare, CorePlan.of(bare), DATE, HALF).problems())
                .containsExactly("The terminals of Panel are not known; its page has a gap.");
    }

    @Test
    void aBoxDrawingCarriesFirmDateRevisionBlocksAndUnusedInputs() {
        Job job = PracticeEdits.drawings(new TitleBlock("Alder Lane Alarms", "B"))
                .on(PointEdits.change(
                                "",
                                Set.of(new PointId("01"), new PointId("02"), new PointId("03")),
                                point -> point.withKind(SmallBox.POWERED))
                        .on(SmallBox.job(SIX)));
        Paper paper = BoxPaper.of(job, CorePlan.of(job), DATE, HALF);
        assertThat(words(paper))
                .contains(
                        "Test Yard · Alder Lane Alarms · 2026-05-12 · revision B",
                        "block",
                        "Connector blocks",
                        "Unused inputs")
                .anyMatch(line -> line.startsWith("A 2k2 resistor from input 4"))
                .anyMatch(line -> line.contains("one core on to 12V"));
    }

    @Test
    void aNameOfAMillionSignsIsSetInAFewLines() {
        String endless = "x".repeat(1_000_000);
        assertThat(Lines.of(endless, 40, 3, false, HALF)).hasSizeLessThan(1000);
        Job job = PointEdits.change("", Set.of(new PointId("02")), point -> point.withName(endless))
                .on(SmallBox.job(SIX));
        assertThat(CableLabelSheet.of(job, CorePlan.of(job), ROLL, HALF).problems())
                .isNotEmpty();
    }

    @Test
    void labelsAreTwoACableAndLongNamesAreCutAndSaid() {
        Job job = SmallBox.job(SIX);
        Paper roll = CableLabelSheet.of(job, CorePlan.of(job), ROLL, HALF);
        assertThat(roll.pages()).hasSize(6);
        assertThat(roll.guides()).hasSize(1);
        Paper sheet = CableLabelSheet.of(job, CorePlan.of(job), SHEET, HALF);
        assertThat(sheet.pages()).hasSize(1);
        assertThat(sheet.guides()).hasSize(24);
        Job named = PointEdits.name(new PointId("02"), "The store door behind the old boiler house")
                .on(job);
        Paper cut = CableLabelSheet.of(named, CorePlan.of(named), ROLL, HALF);
        assertThat(cut.problems())
                .containsExactly(
                        "\"02 The store door behind the old boiler house\" is too long for a label of 40 mm and was cut"
                                + " short; take a larger label or a shorter name.");
        assertThat(words(cut)).anyMatch(words -> words.endsWith("…"));
    }

    @Test
    void labelsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new LabelStock("w", "W", 100, 50, 0, 0, 60, 20, 60, 20, 2, 1))
                .hasMessageContaining("side by side");
        assertThatThrownBy(() -> new LabelStock("w", "W", 100, 50, -1, 0, 60, 20, 60, 20, 1, 1))
                .hasMessageContaining("left edge");
        assertThatThrownBy(() -> new LabelStock("w", "W", 100, 50, 0, 0, 60, 20, Double.NaN, 20, 1, 1))
                .hasMessageContaining("step across");
    }

    /// However many rows of whatever length: all are set, none leaves its page, and every page has the headings.
    @Property(tries = 60)
    void everyRowIsSetOnItsPage(@ForAll @IntRange(max = 120) int rows, @ForAll @StringLength(max = 90) String words) {
        String plain = words.replaceAll("[^A-Za-z ]", "x");
        Table table = new Table(
                "T",
                List.of("A", "B"),
                List.of(1.0, 3.0),
                IntStream.range(0, rows)
                        .mapToObj(row -> List.of("row" + row, plain))
                        .toList(),
                List.of());
        Paper paper = TableSetter.set(table, HALF);
        List<String> set = words(paper);
        IntStream.range(0, rows).forEach(row -> assertThat(set).contains("row" + row));
        assertThat(set.stream().filter("A"::equals).count())
                .isGreaterThanOrEqualTo(paper.pages().size());
        assertThat(paper.pages().stream().flatMap(List::stream))
                .filteredOn(PaperElement.Text.class::isInstance)
                .allMatch(mark -> ((PaperElement.Text) mark).baseline() < paper.heightMillimetres());
        assertThat(paper.pages()).allMatch(page -> rowsOn(page) >= Math.min(3, rows));
    }

    private static long rowsOn(List<PaperElement> page) {
        return page.stream()
                .filter(PaperElement.Text.class::isInstance)
                .filter(mark -> ((PaperElement.Text) mark).words().startsWith("row"))
                .count();
    }

    /// A group begins on the page where the one before ended while three of its rows have room there.
    @Test
    void shortTablesShareAPage() {
        Table three = new Table("T", List.of("A"), List.of(1.0), Collections.nCopies(3, List.of("row")), List.of());
        TableSetter.Flow flow = TableSetter.flow(Collections.nCopies(5, List.of(three)), PageSize.A4, HALF);
        assertThat(flow.pages()).hasSize(2);
        assertThat(flow.spans()).extracting(TableSetter.Span::first).containsExactly(0, 0, 0, 0, 1);
        assertThat(flow.pages()).allMatch(page -> rowsOn(page) % 3 == 0);
    }

    /// Wherever the labels of a sheet are, each has its own place and none is on another.
    @Property(tries = 60)
    void labelsKeepApart(@ForAll @Size(min = 2, max = 2) List<@IntRange(min = 1, max = 4) Integer> grid) {
        LabelStock stock = new LabelStock("g", "G", 210, 297, 2, 2, 45, 20, 50, 25, grid.getFirst(), grid.getLast());
        Job job = SmallBox.job(SIX);
        List<PaperElement.Box> guides =
                CableLabelSheet.of(job, CorePlan.of(job), stock, HALF).guides();
        for (int i = 0; i < guides.size(); i++) {
            for (int j = i + 1; j < guides.size(); j++) {
                PaperElement.Box one = guides.get(i);
                PaperElement.Box other = guides.get(j);
                assertThat(Math.abs(one.x() - other.x()) >= one.width()
                                || Math.abs(one.y() - other.y()) >= one.height())
                        .isTrue();
            }
        }
    }
}
