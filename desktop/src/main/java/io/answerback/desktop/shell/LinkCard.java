package io.answerback.desktop.shell;

import io.answerback.core.chain.Mark;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.present.ChainPresentation.OneLink;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// One link of the chain. It is made once; what changes is changed on it.
final class LinkCard extends VBox {
    private static final PseudoClass REACHED = PseudoClass.getPseudoClass("reached");
    private static final PseudoClass HEAD = PseudoClass.getPseudoClass("head");
    private static final PseudoClass DIM = PseudoClass.getPseudoClass("dim");

    private final Label title = label("link-title");
    private final Label figure = wrapped("link-figure");
    private final Label line = wrapped("link-line");
    private OneLink shown;

    LinkCard() {
        Region edge = new Region();
        edge.getStyleClass().add("link-edge");
        VBox words = new VBox(title, figure, line);
        words.getStyleClass().add("link-words");
        getChildren().addAll(edge, words);
        getStyleClass().add("link");
        setMinWidth(0);
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }

    private static Label wrapped(String style) {
        Label label = label(style);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    void show(OneLink link) {
        if (link.equals(shown)) {
            return;
        }
        shown = link;
        title.setText(link.link().title());
        figure.setText(link.figure());
        line.setText(link.line());
        for (Mark mark : Mark.values()) {
            String name = mark.name().toLowerCase(Locale.ROOT).replace('_', '-');
            pseudoClassStateChanged(PseudoClass.getPseudoClass(name), mark == link.mark());
        }
        pseudoClassStateChanged(REACHED, link.reached());
        pseudoClassStateChanged(HEAD, link.head());
        pseudoClassStateChanged(DIM, link.dim());
        setAccessibleText(link.says());
        Hint.on(this, link.says());
    }
}
