package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.clickOn;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// What opens over the window: every word in it can be read in both themes, and it begins where one expects it to.
class MenusWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private final List<String> found = new ArrayList<>();

    /// What is hard to read in the window and in all that lies over it, in both themes.
    private void look(String what) {
        for (int i = 0; i < 2; i++) {
            String theme = application.look().dark().get() ? "dark, " : "light, ";
            onScreen(() -> Window.getWindows().stream()
                    .filter(Window::isShowing)
                    .forEach(window -> ContrastFaults.in(window.getScene().getRoot())
                            .forEach(fault -> found.add(theme + what + ": " + fault))));
            onScreen(() ->
                    application.look().dark().set(!application.look().dark().get()));
        }
    }

    @Test
    void everyMenuAndSubmenuCanBeReadInBothThemes(FxRobot robot) {
        clickOn(robot, "Job");
        look("menu");
        MenuButton menu = robot.lookup(".job-menu").query();
        List<Menu> submenus = menu.getItems().stream()
                .filter(Menu.class::isInstance)
                .map(Menu.class::cast)
                .toList();
        assertThat(submenus).hasSize(4);
        for (Menu submenu : submenus) {
            onScreen(submenu::show);
            look(submenu.getText());
            onScreen(submenu::hide);
        }
        assertThat(found).isEmpty();
    }

    @Test
    void choicesThePaletteAndWordsOnHoverCanBeReadInBothThemes(FxRobot robot) {
        at(Stop.LOOP, "07");
        click(robot, "Scheme");
        look("choice");
        type(KeyCode.ESCAPE);
        control(robot, KeyCode.K);
        look("palette");
        write(robot, "qqqq");
        look("palette, nothing found");
        type(KeyCode.ESCAPE);
        Tooltip tooltip = new Tooltip("Where its figures are from");
        onScreen(() -> tooltip.show(robot.lookup(".site").<Node>query(), 300, 300));
        look("hover");
        onScreen(tooltip::hide);
        assertThat(found).isEmpty();
    }

    @Test
    void theLongestWordsOfAMenuKeepClearOfTheirKeys(FxRobot robot) {
        clickOn(robot, "Job");
        onScreen(() -> assertThat(rows()).isNotEmpty().allSatisfy(row -> {
            Labeled words = (Labeled) row.lookup(".label");
            Labeled key = (Labeled) row.lookup(".accelerator-text");
            if (key != null) {
                double gap = key.localToScene(key.getLayoutBounds()).getMinX()
                        - words.lookup(".text")
                                .localToScene(words.lookup(".text").getLayoutBounds())
                                .getMaxX();
                assertThat(gap).as(words.getText()).isGreaterThan(12);
            }
        }));
    }

    private static List<Node> rows() {
        return Window.getWindows().stream()
                .filter(PopupWindow.class::isInstance)
                .flatMap(window -> window.getScene().getRoot().lookupAll(".menu-item").stream())
                .toList();
    }

    @Test
    void aChoiceBeginsAtWhatIsChosenAndTheMenuAtItsFirstRow(FxRobot robot) {
        at(Stop.LOOP, "07");
        click(robot, "Scheme");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "What the input sees"));
        assertThat(application.openJob().now().history().undoName()).isEmpty();
        clickOn(robot, "Job");
        onScreen(() -> assertThat(rows().stream().filter(Node::isFocused)).hasSize(1));
        type(KeyCode.ENTER);
        until(() -> application.start().isVisible());
    }
}
