package io.answerback.desktop.loop;

import javafx.scene.layout.Region;

/// The stretch of a slider on which a loop works, and the stretch on which it does not.
final class SlideTrack extends Region {
    private final Region works = new Region();
    private final Region fails = new Region();
    private final Region planned = new Region();
    private double givesAt = 1;
    private double plannedAt;

    SlideTrack() {
        getStyleClass().add("slide-track");
        works.getStyleClass().add("slide-works");
        fails.getStyleClass().add("slide-fails");
        planned.getStyleClass().add("slide-planned");
        getChildren().addAll(works, fails, planned);
    }

    /// @param gives where it gives, as a share of the width from the left
    /// @param plan where the plan stands, as a share of the width from the left
    void show(double gives, double plan) {
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
        planned.resizeRelocate(Math.clamp(width * plannedAt - 1, 0, width - 2), -2, 2, height + 4);
    }
}
