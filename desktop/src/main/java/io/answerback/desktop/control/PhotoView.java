package io.answerback.desktop.control;

import io.answerback.desktop.part.Photo;
import java.util.Objects;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;

/// Shows a photograph, which is read beside the JavaFX thread; says so when it cannot be shown.
final class PhotoView extends StackPane {
    private final ImageView view = new ImageView();
    private final Label words = new Label();
    private Photo shown;

    PhotoView() {
        getStyleClass().add("photo");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        view.setPreserveRatio(true);
        words.setWrapText(true);
        getChildren().addAll(view, words);
    }

    /// @param width how wide it is at most, in pixels
    void show(Photo photo, double width) {
        setAccessibleText(photo.name());
        view.setFitWidth(width);
        if (Objects.equals(photo, shown)) {
            return;
        }
        shown = photo;
        words.setText("");
        Image image = new Image(photo.address(), width, 0, true, true, true);
        view.setImage(image);
        image.errorProperty().subscribe(failed -> {
            if (failed && image == view.getImage()) {
                words.setText(photo.file() + " cannot be shown: it is no picture, or it is not there.");
            }
        });
    }
}
