package io.answerback.desktop;

import static io.answerback.desktop.Screen.inNextFrame;
import static io.answerback.desktop.Screen.settle;

import io.answerback.desktop.control.PictureView;
import io.answerback.desktop.theme.Look;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.text.Text;
import javafx.stage.Stage;

/// Finds words that are cut off or lie on others, and sheets that are wider than what is seen of them.
final class LayoutFaults {
    /// The windows that are tried: width, height, and the size of text in percent. The first has the least room
    /// of those in which the side sheet stands beside, the second of those in which it stands below, the last has
    /// one mark a point.
    static final double[][] SIZES = {{1100, 700, 100}, {1280, 800, 150}, {1100, 700, 150}};

    /// The two with the least room.
    static final double[][] TIGHTEST = {SIZES[0], SIZES[2]};

    /// The usual window.
    static final double[] USUAL = {1280, 800, 100};

    /// Colours do not depend on the size; they are looked at in one.
    private static final double[] CONTRAST_AT = SIZES[0];

    /// Words that give way on purpose where there is no room; all are readable elsewhere or on hover.
    private static final Set<String> MAY_GIVE_WAY =
            Set.of("point-name", "rules", "roll-code", "tile-name", "import-name", "import-says", "series-name");

    private static final int LETTERS_A_LINE = 6;

    private final Stage stage;
    private final Look look;
    private final List<String> found = new ArrayList<>();
    private double[] size = SIZES[0];

    LayoutFaults(Stage stage, Look look) {
        this.stage = stage;
        this.look = look;
    }

    /// All that has been found, each in words.
    List<String> found() {
        return found;
    }

    /// Makes the window so large, and its text.
    ///
    /// @param to width, height, and the size of text in percent
    void resize(double[] to) {
        size = to;
        laidOut(() -> {
            stage.setWidth(to[0]);
            stage.setHeight(to[1]);
            look.textPercent().set((int) to[2]);
        });
    }

    /// Does something, lays out what it and what it puts off to the next moment have changed, and looks for
    /// what is cut off, overlaps or is wider than its sheet.
    ///
    /// @param what what is shown
    void after(Runnable change, String what) {
        laidOut(change);
        inNextFrame(() -> look(what));
    }

    /// Does something and lays out what has changed.
    void laidOut(Runnable change) {
        Screen.doOnFx(change);
        settle();
    }

    private void look(String what) {
        String where = "%s at %.0f x %.0f, %.0f %%: ".formatted(what, size[0], size[1], size[2]);
        List<Node> nodes = new ArrayList<>();
        addVisible(stage.getScene().getRoot(), nodes);
        cutOff(nodes).forEach(text -> found.add(where + "cut off: " + text));
        overlaps(nodes).forEach(pair -> found.add(where + "overlap: " + pair));
        squeezed(nodes).forEach(text -> found.add(where + "squeezed: " + text));
        tooWide(nodes).forEach(style -> found.add(where + "wider than its sheet: " + style));
        if (size == CONTRAST_AT) {
            unreadable(where);
        }
    }

    /// What is hard to read in the theme that is on, then in the other one.
    private void unreadable(String where) {
        for (int i = 0; i < 2; i++) {
            String theme = look.dark().get() ? "dark, " : "light, ";
            ContrastFaults.in(stage.getScene().getRoot()).forEach(text -> found.add(theme + where + text));
            look.dark().set(!look.dark().get());
            stage.getScene().getRoot().applyCss();
        }
    }

    private static void addVisible(Node node, List<Node> nodes) {
        if (node.isVisible()) {
            nodes.add(node);
            if (node instanceof Parent parent) {
                parent.getChildrenUnmodifiable().forEach(child -> addVisible(child, nodes));
            }
        }
    }

    private static <T extends Node> Stream<T> all(List<Node> nodes, Class<T> type) {
        return nodes.stream().filter(type::isInstance).map(type::cast);
    }

    /// Sheets that are only scrolled down must never be wider than what is seen of them.
    private static List<String> tooWide(List<Node> nodes) {
        return all(nodes, ScrollPane.class)
                .filter(pane -> pane.getHbarPolicy() != ScrollPane.ScrollBarPolicy.AS_NEEDED)
                .filter(pane -> pane.getContent().getLayoutBounds().getWidth()
                        > pane.getViewportBounds().getWidth() + 1)
                .map(pane -> "%s by %.0f"
                        .formatted(
                                pane.getStyleClass(),
                                pane.getContent().getLayoutBounds().getWidth()
                                        - pane.getViewportBounds().getWidth()))
                .toList();
    }

    /// Words that wrap in so little width that they stand below each other letter by letter.
    private static List<String> squeezed(List<Node> nodes) {
        return all(nodes, Label.class)
                .filter(Labeled::isWrapText)
                .filter(label -> label.getText().length() > LETTERS_A_LINE)
                .filter(label -> label.getWidth() < label.getFont().getSize() * 3)
                .filter(label -> label.getHeight() > label.getFont().getSize() * 5)
                .map(Labeled::getText)
                .toList();
    }

    private static List<String> cutOff(List<Node> nodes) {
        return all(nodes, Labeled.class)
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

    private static List<String> overlaps(List<Node> nodes) {
        return all(nodes, PictureView.class)
                .flatMap(drawing -> overlaps(drawing).stream())
                .toList();
    }

    private static List<String> overlaps(PictureView drawing) {
        List<String> pairs = new ArrayList<>();
        List<Label> labels = drawing.lookupAll(".label").stream()
                .filter(node -> node instanceof Label label && !label.getText().isEmpty())
                .map(Label.class::cast)
                .toList();
        for (int i = 0; i < labels.size(); i++) {
            for (int j = i + 1; j < labels.size(); j++) {
                if (overlap(labels.get(i), labels.get(j))) {
                    pairs.add(labels.get(i).getText() + " | " + labels.get(j).getText());
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
