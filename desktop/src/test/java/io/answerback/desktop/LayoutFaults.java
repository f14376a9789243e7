package io.answerback.desktop;

import io.answerback.desktop.control.PictureView;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.text.Text;
import org.testfx.api.FxRobot;

/// Finds words that are cut off or lie on others, and sheets that are wider than what is seen of them.
final class LayoutFaults {
    /// The windows that are tried: width, height, and the size of text in percent.
    static final double[][] SIZES = {{1100, 700, 100}, {1280, 800, 100}, {1280, 800, 150}};

    /// Words that give way on purpose where there is no room; all are readable elsewhere or on hover.
    private static final Set<String> MAY_GIVE_WAY =
            Set.of("point-name", "rules", "roll-code", "tile-name", "import-name", "import-says", "series-name");

    private static final int LETTERS_A_LINE = 6;

    private LayoutFaults() {}

    /// What is cut off, overlaps or is wider than its sheet, each in words.
    ///
    /// @param what what is shown
    /// @param size the window's width and height, and the size of text in percent
    static List<String> of(FxRobot robot, String what, double[] size) {
        String where = "%s at %.0f x %.0f, %.0f %%: ".formatted(what, size[0], size[1], size[2]);
        List<String> wrong = new ArrayList<>();
        cutOff(robot).forEach(text -> wrong.add(where + "cut off: " + text));
        overlaps(robot).forEach(pair -> wrong.add(where + "overlap: " + pair));
        squeezed(robot).forEach(text -> wrong.add(where + "squeezed: " + text));
        tooWide(robot).forEach(style -> wrong.add(where + "wider than its sheet: " + style));
        return wrong;
    }

    /// Sheets that are only scrolled down must never be wider than what is seen of them.
    private static List<String> tooWide(FxRobot robot) {
        return robot
                .lookup((Node node) ->
                        node instanceof ScrollPane pane && pane.getHbarPolicy() != ScrollPane.ScrollBarPolicy.AS_NEEDED)
                .queryAllAs(ScrollPane.class)
                .stream()
                .filter(pane -> pane.getContent().getLayoutBounds().getWidth()
                        > pane.getViewportBounds().getWidth() + 1)
                .map(pane -> pane.getStyleClass().toString())
                .toList();
    }

    /// Words that wrap in so little width that they stand below each other letter by letter.
    private static List<String> squeezed(FxRobot robot) {
        return robot
                .lookup((Node node) -> node instanceof Label label && label.isWrapText() && node.isVisible())
                .queryAllAs(Label.class)
                .stream()
                .filter(label -> label.getText().length() > LETTERS_A_LINE)
                .filter(label -> label.getWidth() < label.getFont().getSize() * 3)
                .filter(label -> label.getHeight() > label.getFont().getSize() * 5)
                .map(Labeled::getText)
                .toList();
    }

    private static List<String> cutOff(FxRobot robot) {
        return robot
                .lookup((Node node) -> node instanceof Labeled && node.isVisible())
                .queryAllAs(Labeled.class)
                .stream()
                .filter(label -> label.getStyleClass().stream().noneMatch(MAY_GIVE_WAY::contains))
                .filter(label -> label.getText() != null && !label.getText().isEmpty() && label.getWidth() > 0)
                .filter(label -> drawnText(label).anyMatch(text -> !text.equals(label.getText())))
                .map(Labeled::getText)
                .toList();
    }

    /// The words a label draws itself, without those of a graphic in it.
    private static Stream<String> drawnText(Labeled label) {
        return label.getChildrenUnmodifiable().stream()
                .filter(Text.class::isInstance)
                .map(text -> ((Text) text).getText());
    }

    private static List<String> overlaps(FxRobot robot) {
        List<String> pairs = new ArrayList<>();
        for (Node drawing :
                robot.lookup((Node node) -> node instanceof PictureView).<Node>queryAll()) {
            List<Label> labels = drawing.lookupAll(".label").stream()
                    .filter(node ->
                            node instanceof Label label && !label.getText().isEmpty())
                    .map(Label.class::cast)
                    .toList();
            for (int i = 0; i < labels.size(); i++) {
                for (int j = i + 1; j < labels.size(); j++) {
                    if (overlap(labels.get(i), labels.get(j))) {
                        pairs.add(
                                labels.get(i).getText() + " | " + labels.get(j).getText());
                    }
                }
            }
        }
        return pairs;
    }

    /// Two pixels of line height may touch.
    private static boolean overlap(Label one, Label two) {
        Bounds a = one.localToScene(one.getBoundsInLocal());
        Bounds b = two.localToScene(two.getBoundsInLocal());
        double across = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        double down = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        return across > 1 && down > 3;
    }
}
