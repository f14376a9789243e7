package io.answerback.desktop.shell;

import io.answerback.desktop.control.Hint;
import io.answerback.desktop.control.ValueField;
import io.answerback.desktop.work.OpenJob;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/// What is worth saying, in a line of fixed height at the foot of the window. Words that need more lie over what is
/// above
/// it: nothing in the window ever moves for them.
///
/// What came of the last thing done goes when the next one is begun; what has to be read stays until it is
/// clicked or Escape is pressed.
final class NoticeLine {
    private static final PseudoClass AT_FIELD = PseudoClass.getPseudoClass("at-field");
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private static final double WIDEST_EM = 30;

    private final OpenJob openJob;
    private final Label words = new Label();
    private final StackPane room = new StackPane();

    NoticeLine(OpenJob openJob) {
        this.openJob = openJob;
        room.getStyleClass().add("notice-room");
        room.getChildren().add(keys());
        words.getStyleClass().add("notice");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.setMaxSize(Double.MAX_VALUE, Region.USE_PREF_SIZE);
        words.setAccessibleRole(AccessibleRole.TEXT);
        words.setOnMouseClicked(click -> openJob.tell(""));
        words.setVisible(false);
        StackPane.setAlignment(words, Pos.BOTTOM_LEFT);
        Hint.on(words, "Click, or press Esc, to dismiss");
    }

    /// What stands there while nothing is said: keys that help everywhere.
    private static Label keys() {
        Label keys = new Label(
                "Ctrl+J what is next   ·   Ctrl+K find anything   ·   Ctrl+Page Down next sheet   ·   Ctrl+Space try the point");
        keys.getStyleClass().add("quiet");
        StackPane.setAlignment(keys, Pos.CENTER_LEFT);
        return keys;
    }

    /// The line at the foot, which is there whether anything is said or not.
    Region room() {
        return room;
    }

    /// The words, to lie over everything else.
    Node words() {
        return words;
    }

    /// Watches for the next thing that is done in a window.
    void watch(Scene scene) {
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, press -> {
            boolean sameThing = press.getClickCount() > 1;
            if (!sameThing && press.getTarget() instanceof Node target && !within(target)) {
                openJob.goOn();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private boolean within(Node target) {
        for (Node at = target; at != null; at = at.getParent()) {
            if (at == words) {
                return true;
            }
        }
        return false;
    }

    private void pressed(KeyEvent key) {
        boolean acts = switch (key.getCode()) {
            case ENTER, SPACE, UP, DOWN -> true;
            default -> key.isShortcutDown() && !key.getCode().isModifierKey();
        };
        if (acts) {
            openJob.goOn();
        }
    }

    /// Dismisses what is said.
    ///
    /// @return whether anything was
    boolean dismiss(Event cause) {
        boolean said = words.isVisible();
        if (said) {
            openJob.tell("");
            cause.consume();
        }
        return said;
    }

    /// Shows other words: under the field they speak of where that refuses what was typed into it, else at the
    /// foot.
    void show(String notice) {
        if (!notice.equals(words.getText())) {
            words.setText(notice);
            words.setVisible(!notice.isEmpty());
            words.setAccessibleText(notice);
            place(words.getScene());
            words.notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        }
    }

    private void place(Scene scene) {
        Node field = scene == null ? null : refusing(scene.getFocusOwner());
        words.pseudoClassStateChanged(AT_FIELD, field != null);
        words.setManaged(field == null);
        if (field == null) {
            words.setMaxSize(Double.MAX_VALUE, Region.USE_PREF_SIZE);
            return;
        }
        Bounds its = words.getParent().sceneToLocal(field.localToScene(field.getBoundsInLocal()));
        words.applyCss();
        double width = Math.min(words.prefWidth(-1), WIDEST_EM * words.getFont().getSize());
        double height = words.prefHeight(width);
        double x = Math.clamp(its.getMinX(), 0, Math.max(0, scene.getWidth() - width));
        double y = its.getMaxY() + height > scene.getHeight() ? its.getMinY() - height : its.getMaxY();
        words.resizeRelocate(x, y, width, height);
    }

    /// The field that has the keyboard and refuses what was typed into it; null for none.
    private static Node refusing(Node focused) {
        for (Node at = focused; at instanceof TextInputControl || at instanceof ValueField; at = at.getParent()) {
            if (at.getPseudoClassStates().contains(REFUSED)) {
                return at;
            }
        }
        return null;
    }
}
