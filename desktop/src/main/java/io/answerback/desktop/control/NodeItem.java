package io.answerback.desktop.control;

import io.answerback.desktop.part.Pen;
import javafx.scene.Node;

/// Something that was drawn with a node.
record NodeItem(Node node) implements Pen.Item {
    /// Takes away what an earlier picture gave the node.
    static void renew(Node node) {
        node.setOnMouseClicked(null);
        node.setMouseTransparent(false);
        node.setAccessibleText(null);
        if (node.getProperties().containsKey(Hint.class)) {
            Hint.on(node, "");
        }
    }

    @Override
    public Pen.Item says(String words) {
        node.setAccessibleText(words);
        return this;
    }

    @Override
    public Pen.Item onClick(Runnable click) {
        node.setOnMouseClicked(event -> click.run());
        return this;
    }

    @Override
    public Pen.Item passive() {
        node.setMouseTransparent(true);
        return this;
    }

    @Override
    public Pen.Item hint(String words) {
        Hint.on(node, words);
        return this;
    }
}
