package io.answerback.desktop.paper;

import io.answerback.core.paper.Paper;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import java.util.Optional;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;

/// Pages of paper, scrolled and as large as is wanted. Another set of pages leaves the scroll where it is.
public final class PagesView extends ScrollPane {
    private static final double READABLE_SCALE = 4;
    private static final double MARGIN = 44;
    private static final double LEAST_HEIGHT = 280;

    private final Look look;
    private final FlowPane flow = new FlowPane();
    private Optional<Pages> shown = Optional.empty();

    /// A view without pages.
    public PagesView(Look look) {
        this.look = look;
        flow.getStyleClass().add("paper-pages");
        getStyleClass().add("paper-scroll");
        setContent(flow);
        setFitToWidth(true);
        setAccessibleText("Pages of paper");
        widthProperty().subscribe(this::draw);
        heightProperty().subscribe(this::draw);
        WhileShown.listen(
                this,
                () -> look.textPercent().subscribe(percent -> {
                    setMinHeight(look.px(LEAST_HEIGHT));
                    draw();
                }));
    }

    /// Shows pages in place of those that are there.
    public void show(Pages pages) {
        shown = Optional.of(pages);
        draw();
    }

    private void draw() {
        flow.getChildren().clear();
        shown.filter(its -> getHeight() > look.px(MARGIN)).ifPresent(its -> {
            double scale = scale(its);
            setFitToWidth(its.zoom() != Pages.Zoom.READ);
            int last = Math.min(its.paper().pages().size(), its.first() + its.count());
            for (int i = its.first(); i < last; i++) {
                flow.getChildren().add(new PaperPage(its.paper(), i, scale, its.pictures()).withGuides(its.paper()));
            }
        });
    }

    /// How many pixels a millimetre is drawn.
    private double scale(Pages pages) {
        Paper paper = pages.paper();
        double readable = look.px(READABLE_SCALE);
        double across = Math.min(readable, (getWidth() - look.px(MARGIN)) / paper.widthMillimetres());
        double down = (getHeight() - look.px(MARGIN)) / paper.heightMillimetres();
        return switch (pages.zoom()) {
            case PAGE -> Math.min(across, down);
            case WIDTH -> across;
            case READ -> readable;
        };
    }
}
