package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Mark;
import io.answerback.desktop.control.ChoiceField;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.control.ValueField;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.theme.Look;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// The controls that sheets are drawn with, one by one: what they take, what they refuse, what they look like
/// then, and which keys they know.
@ExtendWith(ApplicationExtension.class)
class ControlsWindowTest {
    private static final PseudoClass EDITING = PseudoClass.getPseudoClass("editing");
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private static final int MANY = 500;

    private final List<String> taken = new ArrayList<>();
    private PartPane pane;

    @Start
    void start(Stage stage) {
        Look look = new Look();
        pane = new PartPane(look, "window");
        Scene scene = new Scene(pane, 600, 400);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
    }

    private void show(Part... parts) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> pane.show(List.of(parts)));
        settle();
    }

    private boolean takeLengths(String typed) {
        taken.add(typed);
        return typed.endsWith(" m");
    }

    @Test
    void aValueThatIsRefusedStaysOpenUntilEscapeLeavesItAsItWas(FxRobot robot) {
        show(Value.of("Length", "62 m", this::takeLengths));
        edit(robot, "Length", "minus four");
        ValueField field = robot.lookup(".value-field").query();
        assertThat(taken).containsExactly("minus four");
        assertThat(field.getPseudoClassStates()).contains(EDITING, REFUSED);
        type(KeyCode.ESCAPE);
        assertThat(field.getPseudoClassStates()).doesNotContain(EDITING, REFUSED);
        assertThat(named(robot, "Length").getAccessibleText()).contains("62 m");
    }

    @Test
    void aValueThatIsTakenClosesTheField(FxRobot robot) {
        show(Value.of("Length", "62 m", this::takeLengths));
        edit(robot, "Length", "71 m");
        ValueField field = robot.lookup(".value-field").query();
        assertThat(field.getPseudoClassStates()).doesNotContain(EDITING, REFUSED);
        // it shows what the state holds, and nobody has changed that
        assertThat(named(robot, "Length").getAccessibleText()).contains("62 m");
        show(Value.of("Length", "71 m", this::takeLengths));
        assertThat(named(robot, "Length").getAccessibleText()).contains("71 m");
    }

    @Test
    void aSwitchIsDownWhereTheStateSaysSoAndNotWhereItWasClicked(FxRobot robot) {
        show(Switch.of("Listed", List.of("open", "all"), "open", Function.identity(), taken::add));
        click(robot, "Listed all");
        assertThat(taken).containsExactly("all");
        assertThat(down(robot)).containsExactly("open");
        show(Switch.of("Listed", List.of("open", "all"), "all", Function.identity(), taken::add));
        assertThat(down(robot)).containsExactly("all");
    }

    private static List<String> down(FxRobot robot) {
        return robot
                .lookup((Node node) -> node instanceof ToggleButton button && button.isSelected())
                .queryAllAs(ToggleButton.class)
                .stream()
                .map(ToggleButton::getText)
                .toList();
    }

    @Test
    void aChoiceOffersAllWithTheOneThatHoldsMarked(FxRobot robot) {
        show(Choice.of("Reel", List.of("2-core", "4-core", "6-core"), "4-core", Function.identity(), taken::add));
        ChoiceField field = robot.lookup(".choice").query();
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> field.show());
        assertThat(field.getItems()).extracting(MenuItem::getText).containsExactly("2-core", "4-core", "6-core");
        assertThat(field.getItems())
                .extracting(item -> ((RadioMenuItem) item).isSelected())
                .containsExactly(false, true, false);
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            field.getItems().getLast().fire();
            field.hide();
        });
        assertThat(taken).containsExactly("6-core");
    }

    @Test
    void aSliderTellsEachMoveAndEscapePutsItBack(FxRobot robot) {
        AtomicInteger back = new AtomicInteger();
        List<Double> moves = new ArrayList<>();
        Slide slide = new Slide("Age", 0, 10, 4, 200, Optional.empty(), moves::add, back::incrementAndGet);
        show(slide);
        assertThat(moves).as("showing it is no move").isEmpty();
        Slider slider = (Slider) named(robot, "Age");
        WaitForAsyncUtils.waitForAsyncFx(10_000, slider::requestFocus);
        type(KeyCode.RIGHT);
        assertThat(moves).hasSize(1).allMatch(age -> age > 4);
        type(KeyCode.ESCAPE);
        assertThat(back).hasValue(1);
    }

    @Test
    void aRowIsPressedByKeysToo(FxRobot robot) {
        Press row = Press.of("07: sound", () -> taken.add("07"), Marks.of(Mark.SOUND, "sound"), Words.of("name", "07"));
        show(row);
        WaitForAsyncUtils.waitForAsyncFx(10_000, named(robot, "07: sound")::requestFocus);
        type(KeyCode.ENTER, KeyCode.SPACE);
        click(robot, "07: sound");
        assertThat(taken).hasSize(3);
    }

    @Test
    void ofManyRowsOnlyThoseInSightAreDrawn(FxRobot robot) {
        show(rows(-1));
        assertThat(inSight(robot)).contains("row 0").doesNotContain("row 300").hasSizeLessThan(60);
        show(rows(300));
        assertThat(inSight(robot)).contains("row 300").doesNotContain("row 0").hasSizeLessThan(60);
        List<String> before = inSight(robot);
        show(rows(302));
        assertThat(inSight(robot))
                .as("a row that is in sight does not move the list")
                .isEqualTo(before);
    }

    private static With rows(int shown) {
        List<With> rows = IntStream.range(0, MANY)
                .mapToObj(i -> Words.of("row-words", "row " + i).keyed(i))
                .toList();
        return new Rows("Many", rows, shown).growing();
    }

    private static List<String> inSight(FxRobot robot) {
        return robot.lookup(".row-words").queryAllAs(Label.class).stream()
                .filter(Screen::shown)
                .map(Label::getText)
                .sorted()
                .toList();
    }
}
