package io.answerback.desktop.theme;

import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/// The look of one window: theme and size of text, changed while it runs.
public final class Look {
    private static final PseudoClass DARK = PseudoClass.getPseudoClass("dark");
    private static final double BODY_PIXELS = 14;
    private static final List<String> FONTS = List.of(
            "BarlowSemiCondensed_400Regular",
            "BarlowSemiCondensed_500Medium",
            "BarlowSemiCondensed_600SemiBold",
            "JetBrainsMono_400Regular",
            "JetBrainsMono_500Medium");

    /// Read once, with the first look.
    private static final class Fonts {
        static {
            FONTS.forEach(name -> Font.loadFont(
                    Look.class.getResourceAsStream("/io/answerback/desktop/fonts/" + name + ".ttf"), BODY_PIXELS));
        }

        private static void load() {}
    }

    private final BooleanProperty dark = new SimpleBooleanProperty();
    private final IntegerProperty textPercent = new SimpleIntegerProperty(100);

    /// Whether the dark theme is on.
    public BooleanProperty dark() {
        return dark;
    }

    /// Size of text in percent, 100 to 150.
    public IntegerProperty textPercent() {
        return textPercent;
    }

    /// A length in pixels at 100 % as it is at the present size of text.
    public double px(double at100Percent) {
        return at100Percent * textPercent.get() / 100;
    }

    /// Gives a scene this look, now and whenever it changes.
    public void dress(Scene scene) {
        Fonts.load();
        scene.getStylesheets()
                .add(Look.class
                        .getResource("/io/answerback/desktop/answerback.css")
                        .toExternalForm());
        dark.subscribe(on -> scene.getRoot().pseudoClassStateChanged(DARK, on));
        textPercent.subscribe(percent ->
                scene.getRoot().setStyle("-fx-font-size: " + BODY_PIXELS * percent.intValue() / 100 + "px;"));
    }
}
