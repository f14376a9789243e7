package io.answerback.desktop;

import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.press;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.shown;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.shell.SheetPlace;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Every sheet of every bench by keyboard alone: F6 leads into it, Tab to everything on it, nothing holds the
/// keyboard fast, everything has a name, and what stands out does what it says without losing the keyboard.
class SheetsByKeyboardWindowTest extends DemoWindow {
    /// What asks for a file in a window of the system's own, which is not there in tests.
    private static final Set<String> ASK_FOR_A_FILE =
            Set.of("Save the pack", "Add a picture", "Open a recording", "Save as…");

    private static final int MOST_STEPS = 400;

    private Stage stage;

    @Start
    void start(Stage its) throws Exception {
        stage = its;
        open(its);
    }

    private Node owner() {
        return stage.getScene().getFocusOwner();
    }

    private Parent sheet() {
        return (Parent) stage.getScene().getRoot().lookup(".middle");
    }

    private static boolean within(Node node, Node outer) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == outer) {
                return true;
            }
        }
        return false;
    }

    /// Everything on the sheet that Tab leads to. The rows of a list, and the positions a switch is not in, are
    /// reached by arrows.
    private static void add(Parent parent, List<Node> found) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (child.isVisible() && !child.isDisabled() && !(child instanceof ListCell)) {
                if (child.isFocusTraversable() && !otherPosition(child)) {
                    found.add(child);
                }
                if (child instanceof Parent inner) {
                    add(inner, found);
                }
            }
        }
    }

    private static boolean otherPosition(Node node) {
        return node instanceof ToggleButton button
                && button.getToggleGroup() != null
                && button.getToggleGroup().getSelectedToggle() != null
                && !button.isSelected();
    }

    private static Optional<String> name(Node node) {
        return Optional.ofNullable(node.getAccessibleText())
                .or(() -> node instanceof Labeled labeled ? Optional.ofNullable(labeled.getText()) : Optional.empty())
                .filter(its -> !its.isBlank());
    }

    private List<Node> onSheet() {
        List<Node> all = new ArrayList<>();
        onScreen(() -> add(sheet(), all));
        return all;
    }

    @Test
    void everySheetIsWorkedByKeyboardAlone() {
        List<String> faults = new ArrayList<>();
        List<String> done = new ArrayList<>();
        for (SheetPlace place : application.benches().sheets()) {
            String title = place.stop() + ", " + place.title() + ": ";
            onScreen(() -> {
                place.open().run();
                stage.getScene().getRoot().lookup(".point-list").requestFocus();
            });
            press(KeyCode.F6, Set.of());
            reached(onSheet()).forEach(fault -> faults.add(title + fault));
            main(onSheet()).ifPresent(button -> {
                done.add(title + button.getText());
                onScreen(button::requestFocus);
                press(KeyCode.SPACE, Set.of());
                if (!within(owner(), sheet())) {
                    faults.add(title + button.getText() + " loses the keyboard to " + owner());
                }
                onScreen(() -> application.openJob().put(DemoJobs.job(1), Optional.empty(), ""));
            });
        }
        assertThat(faults).isEmpty();
        assertThat(done).hasSizeGreaterThan(5);
    }

    private List<String> reached(List<Node> wanted) {
        List<String> faults = new ArrayList<>();
        if (!wanted.isEmpty() && !within(owner(), sheet())) {
            faults.add("F6 does not lead there");
        }
        Set<Node> reached = new HashSet<>();
        onScreen(() -> {
            wanted.stream().findFirst().ifPresent(Node::requestFocus);
            for (int i = 0; i < MOST_STEPS && within(owner(), sheet()); i++) {
                if (!reached.add(owner()) && reached.containsAll(wanted)) {
                    break;
                }
                Screen.tab(owner());
            }
        });
        for (Node node : wanted) {
            if (shown(node) && !reached.contains(node)) {
                faults.add("Tab does not lead to " + name(node).orElse(node.toString()));
            }
            if (name(node).isEmpty()) {
                faults.add("no name: " + node);
            }
        }
        return faults;
    }

    /// What stands out on a sheet, unless it asks for a file.
    private static Optional<Button> main(List<Node> all) {
        return all.stream()
                .filter(node -> node instanceof Button && node.getStyleClass().contains("primary") && shown(node))
                .map(Button.class::cast)
                .filter(button -> !ASK_FOR_A_FILE.contains(button.getText()))
                .findFirst();
    }

    @Test
    void aSwitchIsTurnedByArrows(FxRobot robot) {
        at(Stop.LOOP, "07");
        onScreen(named(robot, "Sheet This loop")::requestFocus);
        press(KeyCode.RIGHT, Set.of());
        press(KeyCode.SPACE, Set.of());
        until(() -> reads(robot, "What the meter showed"));
        assertThat(within(owner(), sheet())).isTrue();
    }
}
