package io.answerback.desktop.theme;

import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.util.Subscription;

/// Listens only while a node is in a window, so that a node that was dropped is not held by what it listened to.
public final class WhileShown {
    private final Supplier<Subscription> listening;
    private Subscription subscription = Subscription.EMPTY;

    private WhileShown(Supplier<Subscription> listening) {
        this.listening = listening;
    }

    /// Begins to listen whenever the node comes into a window, and ends it when it leaves.
    ///
    /// @param listening begins to listen
    public static void listen(Node node, Supplier<Subscription> listening) {
        WhileShown its = new WhileShown(listening);
        node.sceneProperty().subscribe(scene -> its.change(scene != null));
    }

    private void change(boolean shown) {
        subscription.unsubscribe();
        subscription = shown ? listening.get() : Subscription.EMPTY;
    }
}
