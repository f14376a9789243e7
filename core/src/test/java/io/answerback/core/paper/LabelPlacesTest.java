package io.answerback.core.paper;

import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Where labels and the columns of tables stand, in millimetres; letters are half as wide as high.
class LabelPlacesTest {
    private static final Measure HALF = (words, size, strong) -> words.length() * size / 2;
    private static final LabelStock SHEET = new LabelStock("s", "Sheet", 210, 297, 10, 12, 60, 30, 65, 35, 3, 2);

    private static Paper labels(LabelStock stock) {
        Job job = SmallBox.job(SIX);
        return CableLabelSheet.of(job, CorePlan.of(job), stock, HALF);
    }

    private static List<PaperElement.Text> texts(List<PaperElement> page) {
        return page.stream()
                .filter(PaperElement.Text.class::isInstance)
                .map(PaperElement.Text.class::cast)
                .toList();
    }

    /// Three in a row 65 mm apart, the next row 35 mm below.
    @ParameterizedTest
    @CsvSource({"0, 10, 12", "1, 75, 12", "2, 140, 12", "3, 10, 47", "5, 140, 47"})
    void labelsLieWhereTheSheetHasThem(int label, double x, double y) {
        PaperElement.Box guide = labels(SHEET).guides().get(label);
        assertThat(guide.x()).isCloseTo(x, within(1e-9));
        assertThat(guide.y()).isCloseTo(y, within(1e-9));
        assertThat(guide.width()).isEqualTo(60);
        assertThat(guide.height()).isEqualTo(30);
        PaperElement.Text number = texts(labels(SHEET).pages().getFirst()).get(3 * label);
        assertThat(number.x()).isCloseTo(x + 3.6, within(1e-9));
        assertThat(number.strong()).isTrue();
        assertThat(number.words()).isEqualTo("C-0" + (label / 2 + 1));
    }

    /// The number is the largest, and everything stands on the label.
    @Test
    void everythingStandsOnItsLabel() {
        Paper paper = labels(SHEET);
        List<PaperElement.Text> texts = texts(paper.pages().getFirst());
        for (int i = 0; i < texts.size(); i++) {
            PaperElement.Box label = paper.guides().get(i / 3);
            PaperElement.Text text = texts.get(i);
            assertThat(text.x()).isGreaterThan(label.x());
            assertThat(text.x() + HALF.width(text.words(), text.size(), text.strong()))
                    .isLessThanOrEqualTo(label.x() + label.width() - 3.6 + 1e-9);
            assertThat(text.baseline() - text.size()).isGreaterThan(label.y());
            assertThat(text.baseline()).isLessThan(label.y() + label.height());
            assertThat(text.size()).isLessThanOrEqualTo(i % 3 == 0 ? 9 : 4.5);
        }
        assertThat(texts.getFirst().size()).isEqualTo(9);
    }

    @Test
    void aFullSheetIsFollowedByAnother() {
        LabelStock four = new LabelStock("s", "Sheet", 210, 297, 10, 12, 60, 30, 65, 35, 2, 2);
        List<List<PaperElement>> pages = labels(four).pages();
        assertThat(pages).hasSize(2);
        assertThat(texts(pages.get(0))).hasSize(4 * 3);
        assertThat(texts(pages.get(1))).hasSize(2 * 3);
    }

    @Test
    void theTwoEndsNameEachOther() {
        List<String> words = texts(labels(SHEET).pages().getFirst()).stream()
                .map(PaperElement.Text::words)
                .toList();
        assertThat(words.get(1)).startsWith("to ");
        assertThat(words.get(2)).startsWith("at ");
        assertThat(words.get(4).substring(3)).isEqualTo(words.get(2).substring(3));
        assertThat(words.get(5).substring(3)).isEqualTo(words.get(1).substring(3));
    }

    private static Paper table(int rows) {
        return TableSetter.set(
                new Table(
                        "T",
                        List.of("A", "B", "C"),
                        List.of(1.0, 2.0, 1.0),
                        java.util.stream.IntStream.range(0, rows)
                                .mapToObj(row -> List.of("a" + row, "b" + row, "c" + row))
                                .toList(),
                        List.of()),
                HALF);
    }

    /// 269 mm between the margins: a quarter, a half, a quarter.
    @Test
    void columnsHaveTheirShares() {
        List<PaperElement.Text> texts = texts(table(1).pages().getFirst());
        for (String column : List.of("A,14", "B,81.25", "C,215.75", "a0,14", "b0,81.25", "c0,215.75")) {
            String[] parts = column.split(",");
            assertThat(texts)
                    .filteredOn(text -> text.words().equals(parts[0]))
                    .singleElement()
                    .satisfies(text -> assertThat(text.x()).isCloseTo(Double.parseDouble(parts[1]), within(1e-9)));
        }
    }

    @Test
    void rowsFollowOneAnotherAndEachPageBeginsAtTheTop() {
        Paper paper = table(60);
        assertThat(paper.pages()).hasSize(3);
        double first = texts(paper.pages().get(0)).stream()
                .filter(text -> text.words().equals("a0"))
                .findFirst()
                .orElseThrow()
                .baseline();
        assertThat(first).isCloseTo(14 + 16 + 4.4, within(1e-9));
        for (List<PaperElement> page : paper.pages()) {
            List<PaperElement.Text> rows = texts(page).stream()
                    .filter(text -> text.words().matches("a\\d+"))
                    .toList();
            assertThat(rows.getFirst().baseline()).isCloseTo(first, within(1e-9));
            for (int i = 1; i < rows.size(); i++) {
                assertThat(rows.get(i).baseline() - rows.get(i - 1).baseline()).isCloseTo(5.6, within(1e-9));
            }
            assertThat(rows.getLast().baseline()).isLessThan(210 - 14 - 6 + 1e-9);
        }
        PaperElement.Text foot = texts(paper.pages().get(1)).getLast();
        assertThat(foot.words()).isEqualTo("page 2 of 3");
        assertThat(foot.x() + HALF.width(foot.words(), foot.size(), false)).isCloseTo(297 - 14, within(1e-9));
    }
}
