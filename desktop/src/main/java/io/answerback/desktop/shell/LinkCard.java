package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Mark;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.control.MarkGlyph;
import io.answerback.desktop.present.ChainPresentation.OneLink;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// One link of the chain. It is made once; what changes is changed on it.
final class LinkCard extends VBox {
    private static final PseudoClass REACHED = PseudoClass.getPseudoClass("reached");
    private static final PseudoClass HEAD = PseudoClass.getPseudoClass("head");
    private static final PseudoClass DIM = PseudoClass.getPseudoClass("dim");

    private static final double RADIUS = 5;
    private static final int LONGEST_WRAPPED = 40;
    private static final int LONGEST_LINE = 54;

    private final Label title = label("link-title");
    private final Label figure = named("link-figure");
    private final Label line = wrapped("link-line");
    private final MarkGlyph mark = new MarkGlyph();
    private final Label name = label("link-title");
    private final HBox folded = new HBox(mark, name);
    private OneLink shown;
    private double radius = RADIUS;

    LinkCard() {
        Region edge = new Region();
        edge.getStyleClass().add("link-edge");
        VBox words = new VBox(title, figure, line);
        words.getStyleClass().add("link-words");
        getChildren().addAll(edge, folded, words);
        folded.getStyleClass().add("link-folded");
        words.visibleProperty().bind(folded.visibleProperty().not());
        words.managedProperty().bind(words.visibleProperty());
        folded.managedProperty().bind(folded.visibleProperty());
        folded.setVisible(false);
        name.setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("link");
        setMinWidth(0);
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }

    /// A name may be as long as its point's: where it is longer than two lines it takes one, for it stands above
    /// the chain whole, and the chain keeps its height.
    private static Label named(String style) {
        Label label = label(style);
        label.setWrapText(true);
        return label;
    }

    private static Label wrapped(String style) {
        Label label = label(style);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    /// Shows the link in one line, its mark and its name, or whole.
    ///
    /// @param pixels the radius of its mark in this size of text
    void fold(boolean fold, double pixels) {
        folded.setVisible(fold);
        radius = pixels;
        if (shown != null) {
            mark.show(shown.mark(), shown.says(), radius);
        }
    }

    /// What stands there in three lines or so, so that a long reason does not push the bench away: the hint has it
    /// whole.
    private static String cut(String words) {
        return words.length() <= LONGEST_LINE
                ? words
                : words.substring(0, LONGEST_LINE).replaceAll("\\s+\\S*$", "") + " …";
    }

    void show(OneLink link) {
        if (link.equals(shown)) {
            return;
        }
        shown = link;
        title.setText(link.link().title());
        figure.setText(link.figure());
        figure.setWrapText(link.figure().length() <= LONGEST_WRAPPED);
        line.setText(cut(link.line()));
        for (Mark mark : Mark.values()) {
            String name = mark.name().toLowerCase(Locale.ROOT).replace('_', '-');
            pseudoClassStateChanged(PseudoClass.getPseudoClass(name), mark == link.mark());
        }
        pseudoClassStateChanged(REACHED, link.reached());
        pseudoClassStateChanged(HEAD, link.head());
        pseudoClassStateChanged(DIM, link.dim());
        name.setText(link.link().title());
        mark.show(link.mark(), link.says(), radius);
        setAccessibleText(link.says());
        Hint.on(this, link.says());
    }
}
