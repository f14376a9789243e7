package io.answerback.core.paper;

import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.wiring.cores.CorePlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Where things stand on the drawing of a box, in millimetres; letters are half as wide as high.
class BoxPagesTest {
    private static final Measure HALF = (words, size, strong) -> words.length() * size / 2;
    private static final double MARGIN = 14;
    private static final double STRIP = 34;

    private static List<List<PaperElement>> pages(Job job) {
        return BoxPaper.of(job, CorePlan.of(job), LocalDate.parse("2026-05-12"), HALF)
                .pages();
    }

    private static <T extends PaperElement> List<T> marks(List<PaperElement> page, Class<T> kind) {
        return page.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static List<PaperElement.Box> terminals(List<PaperElement> page) {
        return marks(page, PaperElement.Box.class).stream()
                .filter(box -> box.y() == STRIP)
                .toList();
    }

    private static PaperElement.Text text(List<PaperElement> page, String words) {
        return marks(page, PaperElement.Text.class).stream()
                .filter(text -> text.words().equals(words))
                .findFirst()
                .orElseThrow();
    }

    private static Job wide(int more) {
        List<Terminal> strip = new ArrayList<>(SmallBox.STRIP);
        for (int i = 0; i < more; i++) {
            strip.add(new Terminal("AUX" + i, TerminalUse.SUPPLY, List.of(), 2, 100));
        }
        return SmallBox.job(SIX, strip);
    }

    @Test
    void aShortStripHasTerminalsOfSixteenMillimetresSideBySide() {
        List<PaperElement.Box> boxes = terminals(pages(SmallBox.job(SIX)).getFirst());
        assertThat(boxes).hasSize(SmallBox.STRIP.size());
        for (int i = 0; i < boxes.size(); i++) {
            assertThat(boxes.get(i).x()).isCloseTo(MARGIN + 16 * i, within(1e-9));
            assertThat(boxes.get(i).width()).isEqualTo(16);
            assertThat(boxes.get(i).height()).isEqualTo(9);
        }
    }

    @Test
    void aLongStripIsAsWideAsThePageBetweenItsMargins() {
        List<PaperElement.Box> boxes = terminals(pages(wide(20)).getFirst());
        assertThat(boxes).hasSize(30);
        assertThat(boxes.get(0).width()).isCloseTo((297 - 2 * MARGIN) / 30, within(1e-9));
        assertThat(boxes.getLast().x() + boxes.getLast().width()).isCloseTo(297 - MARGIN, within(1e-9));
    }

    @Test
    void aNameStandsInTheMiddleOfItsTerminal() {
        List<PaperElement> page = pages(SmallBox.job(SIX)).getFirst();
        PaperElement.Text name = text(page, "12V");
        assertThat(name.x() + HALF.width("12V", name.size(), true) / 2).isCloseTo(MARGIN + 8, within(1e-9));
        assertThat(name.baseline()).isBetween(STRIP, STRIP + 9);
        assertThat(name.size()).isEqualTo(3);
    }

    @Test
    void aNameTooWideForItsTerminalIsSmaller() {
        List<PaperElement> page = pages(wide(60)).getFirst();
        double step = (297 - 2 * MARGIN) / 70;
        PaperElement.Text name = text(page, "AUX59");
        assertThat(HALF.width("AUX59", name.size(), true)).isCloseTo(step - 1, within(1e-9));
    }

    /// Each core has its number and its colour under its terminal, and a chip in that colour beside both.
    @Test
    void coresStandUnderTheirTerminalWithAChipInTheirColour() {
        List<PaperElement> page = pages(SmallBox.job(SIX)).getFirst();
        PaperElement.Box terminal = terminals(page).get(2);
        List<PaperElement.Text> under = marks(page, PaperElement.Text.class).stream()
                .filter(text -> text.x() > terminal.x() && text.x() < terminal.x() + terminal.width())
                .filter(text -> text.baseline() > STRIP + 9 && text.baseline() < STRIP + 9 + 10)
                .toList();
        assertThat(under).extracting(PaperElement.Text::words).first().isEqualTo("C-01");
        String colour = under.get(1).words();
        List<PaperElement.Box> chips = marks(page, PaperElement.Box.class).stream()
                .filter(box -> box.width() == 2 && box.x() > terminal.x() && box.x() < terminal.x() + terminal.width())
                .toList();
        assertThat(chips)
                .extracting(PaperElement.Box::colour)
                .contains(CoreInk.of(colour).orElseThrow(), "");
        assertThat(chips.getFirst().y()).isLessThan(under.getFirst().baseline());
        assertThat(chips.getFirst().y() + chips.getFirst().height())
                .isGreaterThan(under.get(1).baseline() - 3);
        assertThat(under.get(1).baseline() - under.getFirst().baseline()).isCloseTo(4, within(1e-9));
    }

    /// Lists begin below the lowest core, in three columns of one width.
    @Test
    void listsStandInThreeColumnsBelowTheStrip() {
        List<PaperElement> page = pages(SmallBox.job(SIX)).getFirst();
        double lowestChip = marks(page, PaperElement.Box.class).stream()
                .mapToDouble(box -> box.y() + box.height())
                .max()
                .orElseThrow();
        double column = (297 - 2 * MARGIN + 4) / 3;
        List<PaperElement.Text> lists = marks(page, PaperElement.Text.class).stream()
                .filter(text -> text.baseline() > lowestChip + 2)
                .toList();
        assertThat(lists).isNotEmpty();
        assertThat(lists).allSatisfy(text -> {
            double columns = (text.x() - MARGIN) / column;
            assertThat(columns).isCloseTo(Math.rint(columns), within(1e-9));
            assertThat(text.x() + HALF.width(text.words(), text.size(), text.strong()))
                    .isLessThanOrEqualTo(297 - MARGIN + 1e-9);
            assertThat(text.baseline()).isLessThanOrEqualTo(210 - MARGIN);
        });
        assertThat(text(page, "Tamper ring").strong()).isTrue();
    }

    /// What has no room goes on over the next page; a title is never the last line of a column.
    @Test
    void longListsGoOnOverTheNextPage() {
        Job job = SmallBox.job(SIX);
        for (String point : List.of("01", "02", "03")) {
            job = PointEdits.name(new PointId(point), "door behind the boiler ".repeat(80))
                    .on(job);
        }
        List<List<PaperElement>> pages = pages(job);
        assertThat(pages).hasSize(2);
        assertThat(text(pages.getLast(), "Panel, continued").strong()).isTrue();
        for (List<PaperElement> page : pages) {
            Stream<PaperElement.Text> titles = marks(page, PaperElement.Text.class).stream()
                    .filter(text -> text.strong() && text.size() == 3 && text.baseline() > STRIP + 12);
            assertThat(titles)
                    .allSatisfy(title -> assertThat(marks(page, PaperElement.Text.class))
                            .as("something under " + title.words())
                            .anyMatch(text -> text.x() == title.x()
                                    && !text.strong()
                                    && Math.abs(text.baseline() - title.baseline() - 4 * 1.15) < 1e-9));
        }
    }
}
