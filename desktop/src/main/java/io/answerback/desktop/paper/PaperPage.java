package io.answerback.desktop.paper;

import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/// One page of paper as it will be printed: white, whatever the theme.
final class PaperPage extends Pane {
    private static final String FACE = "Barlow Semi Condensed";
    private static final double THIN_MILLIMETRES = 0.2;

    private final double scale;
    private final String pictures;

    /// A page as it is printed, without what is cut into the sheet already.
    ///
    /// @param number which page, from 0
    /// @param scale how long a millimetre is drawn
    PaperPage(Paper paper, int number, double scale) {
        this(paper, number, scale, "");
    }

    /// A page as it is printed, with its pictures.
    ///
    /// @param pictures the folder they are in, as a URI that ends in "/"; empty for none
    PaperPage(Paper paper, int number, double scale, String pictures) {
        this.scale = scale;
        this.pictures = pictures;
        getStyleClass().add("paper-page");
        double width = paper.widthMillimetres() * scale;
        double height = paper.heightMillimetres() * scale;
        setMinSize(width, height);
        setMaxSize(width, height);
        paper.pages().get(number).forEach(mark -> getChildren().add(drawn(mark)));
        setAccessibleText(paper.pages().get(number).stream()
                .filter(PaperElement.Text.class::isInstance)
                .map(mark -> ((PaperElement.Text) mark).words())
                .collect(Collectors.joining(", ")));
    }

    /// The same with what is cut into the sheet already.
    PaperPage withGuides(Paper paper) {
        for (int i = 0; i < paper.guides().size(); i++) {
            Rectangle guide = box(paper.guides().get(i));
            guide.setStyle("-fx-stroke: #B8BEC6; -fx-stroke-dash-array: 3 3;");
            getChildren().add(i, guide);
        }
        return this;
    }

    private Node drawn(PaperElement mark) {
        return switch (mark) {
            case PaperElement.Text text -> text(text);
            case PaperElement.Rule rule -> {
                Line line = new Line(rule.x1() * scale, rule.y1() * scale, rule.x2() * scale, rule.y2() * scale);
                line.setStrokeWidth(rule.width() * scale);
                yield line;
            }
            case PaperElement.Box box -> box(box);
            case PaperElement.Picture picture -> picture(picture);
        };
    }

    /// The face is given twice: a page in the window obeys the style sheet, a page on its way to a printer has
    /// none.
    private Text text(PaperElement.Text text) {
        String face = text.strong() ? FACE + " SemiBold" : FACE;
        Text words = new Text(text.x() * scale, text.baseline() * scale, text.words());
        words.setFont(Font.font(face, text.size() * scale));
        words.setStyle(
                "-fx-font-family: \"%s\"; -fx-font-size: %fpx; -fx-fill: black;".formatted(face, text.size() * scale));
        return words;
    }

    /// A picture, read beside the JavaFX thread; its place is outlined until it is there, and stays so where it
    /// is not.
    private Node picture(PaperElement.Picture its) {
        Rectangle place = box(new PaperElement.Box(its.x(), its.y(), its.width(), its.height(), ""));
        if (pictures.isEmpty()) {
            return place;
        }
        ImageView view = new ImageView();
        StackPane middle = new StackPane(place, view);
        middle.relocate(its.x() * scale, its.y() * scale);
        Image image = new Image(
                pictures + its.file().replace(" ", "%20"), its.width() * scale, its.height() * scale, true, true, true);
        image.progressProperty().subscribe(progress -> place.setVisible(progress.doubleValue() < 1 || image.isError()));
        view.setImage(image);
        return middle;
    }

    private Rectangle box(PaperElement.Box box) {
        Rectangle drawn = new Rectangle(box.x() * scale, box.y() * scale, box.width() * scale, box.height() * scale);
        if (box.colour().isEmpty()) {
            drawn.setFill(Color.TRANSPARENT);
            drawn.setStroke(Color.BLACK);
            drawn.setStrokeWidth(THIN_MILLIMETRES * scale);
        } else {
            drawn.setFill(Color.web(box.colour()));
        }
        return drawn;
    }
}
