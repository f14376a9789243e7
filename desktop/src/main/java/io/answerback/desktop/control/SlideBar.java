package io.answerback.desktop.control;

import java.util.function.DoubleConsumer;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/// A figure that is moved along a line. Behind the line stands, where it is known, the stretch on which something
/// works, and where the plan is.
public final class SlideBar extends StackPane {
    private static final int STEPS = 50;

    private final Track track = new Track();
    private final Slider slider = new Slider();
    private DoubleConsumer moved = value -> {};
    private Runnable back = () -> {};
    private boolean setting;

    /// A slider at its left end.
    public SlideBar() {
        slider.getStyleClass().add("margin-slider");
        slider.valueProperty().subscribe(value -> {
            if (!setting) {
                moved.accept(value.doubleValue());
            }
        });
        slider.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                back.run();
                key.consume();
            }
        });
        getChildren().addAll(track, slider);
    }

    /// Shows a figure on its line.
    public void show(String name, double least, double most, double value) {
        setting = true;
        slider.setMin(least);
        slider.setMax(most);
        slider.setBlockIncrement((most - least) / STEPS);
        slider.setValue(value);
        slider.setAccessibleText(name);
        setting = false;
    }

    /// Shows how wide it is, in pixels.
    public void width(double pixels) {
        slider.setPrefWidth(pixels);
    }

    /// Says what moving it does, and what Escape does.
    public void takes(DoubleConsumer taking, Runnable puttingBack) {
        moved = taking;
        back = puttingBack;
    }

    /// Shows the stretch on which something works; without one, neither.
    ///
    /// @param gives where it gives, as a share of the width from the left
    /// @param plan where the plan stands, as a share of the width from the left
    public void stretch(boolean known, double gives, double plan) {
        track.setVisible(known);
        track.show(gives, plan);
    }

    /// The line behind the slider.
    private static final class Track extends Region {
        private final Region works = new Region();
        private final Region fails = new Region();
        private final Region planned = new Region();
        private double givesAt = 1;
        private double plannedAt;

        Track() {
            getStyleClass().add("slide-track");
            works.getStyleClass().add("slide-works");
            fails.getStyleClass().add("slide-fails");
            planned.getStyleClass().add("slide-planned");
            getChildren().addAll(works, fails, planned);
        }

        private void show(double gives, double plan) {
            givesAt = gives;
            plannedAt = plan;
            requestLayout();
        }

        @Override
        protected void layoutChildren() {
            double width = getWidth();
            double height = getHeight();
            works.resizeRelocate(0, 0, width * givesAt, height);
            fails.resizeRelocate(width * givesAt, 0, width * (1 - givesAt), height);
            planned.resizeRelocate(Math.clamp(width * plannedAt - 1, 0, Math.max(0, width - 2)), -2, 2, height + 4);
        }
    }
}
