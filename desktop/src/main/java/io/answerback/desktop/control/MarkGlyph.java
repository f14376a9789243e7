package io.answerback.desktop.control;

import io.answerback.core.engine.finding.Mark;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.SVGPath;

/// A mark: status is said by shape first, by word on hover and for screen readers, and by colour last. It is one
/// filled outline, for there are many of them; what lies inside another outline is a hole.
public final class MarkGlyph extends SVGPath {
    private Mark mark;
    private double radius;

    /// A mark that shows nothing yet.
    public MarkGlyph() {
        setFillRule(FillRule.EVEN_ODD);
        setPickOnBounds(true);
        getStyleClass().add("mark");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /// Shows a mark.
    ///
    /// @param says whose mark it is and what it says, such as "Loop: tight"
    /// @param pixels its radius
    public void show(Mark other, String says, double pixels) {
        if (other != mark || pixels != radius) {
            radius = pixels;
            setContent(MarkOutline.of(other, pixels));
        }
        if (other != mark) {
            if (mark != null) {
                pseudoClassStateChanged(pseudoClass(mark), false);
            }
            pseudoClassStateChanged(pseudoClass(other), true);
            mark = other;
        }
        setAccessibleText(says);
        Hint.on(this, says);
    }

    private static PseudoClass pseudoClass(Mark mark) {
        return PseudoClass.getPseudoClass(mark.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }
}
