package io.answerback.desktop.shell;

import io.answerback.desktop.control.Hint;
import io.answerback.desktop.find.Found;
import io.answerback.desktop.find.Hit;
import io.answerback.desktop.work.OpenJob;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// Finds a point, an input, a cable, a finding or a command by a few letters, and goes there.
final class Palette extends StackPane {
    private static final int MOST_HITS = 40;

    private final TextField wanted = new TextField();
    private final ListView<Hit> hits = new ListView<>();
    private final Everything everything;
    private final Runnable closed;
    private Supplier<Stream<Hit>> from = Stream::empty;
    private final VBox box = new VBox(wanted, hits);

    Palette(OpenJob openJob, List<Command> commands, List<SheetPlace> sheets, Runnable closed) {
        this.everything = new Everything(openJob, commands, sheets);
        this.closed = closed;
        getStyleClass().add("palette-shade");
        setVisible(false);
        wanted.setAccessibleText("Find");
        wanted.textProperty().subscribe((before, text) -> search());
        hits.setPlaceholder(nothing());
        hits.setAccessibleText("Found");
        hits.setCellFactory(view -> new HitCell());
        hits.setFocusTraversable(false);
        hits.setOnMouseClicked(click -> go());
        box.getStyleClass().add("palette");
        box.setMaxHeight(Region.USE_PREF_SIZE);
        setAlignment(box, Pos.TOP_CENTER);
        setOnMouseClicked(click -> {
            if (click.getTarget() == this) {
                close();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private static Label nothing() {
        Label says = new Label(
                "Nothing has that name. Points, sheets, modules, cables, terminals, inputs, settings (by our word or the panel's), people, findings and commands can be found.");
        says.setWrapText(true);
        says.setMinHeight(Region.USE_PREF_SIZE);
        says.getStyleClass().addAll("quiet", "palette-nothing");
        return says;
    }

    private void key(KeyEvent key) {
        int at = hits.getSelectionModel().getSelectedIndex();
        switch (key.getCode()) {
            case ESCAPE -> close();
            case ENTER -> go();
            case DOWN -> choose(at + 1);
            case UP -> choose(at - 1);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void choose(int index) {
        int there = Math.clamp(index, 0, Math.max(0, hits.getItems().size() - 1));
        hits.getSelectionModel().select(there);
        hits.scrollTo(there);
    }

    /// Opens it, empty, with the cursor in it. A window has nothing of it until then, so that it starts sooner.
    void open() {
        open(
                "A point, a sheet, a module, a cable, a terminal, a setting, a person, a finding, a command",
                everything::of);
    }

    /// Opens it on all that is not done, in the order of work.
    void openNext() {
        open("What is next, in the order of work: Enter goes there", everything::next);
    }

    private void open(String prompt, Supplier<Stream<Hit>> among) {
        from = among;
        wanted.setPromptText(prompt);
        getChildren().setAll(box);
        setVisible(true);
        wanted.clear();
        search();
        wanted.requestFocus();
    }

    private void close() {
        setVisible(false);
        closed.run();
    }

    private void go() {
        Hit hit = hits.getSelectionModel().getSelectedItem();
        close();
        if (hit != null) {
            hit.action().run();
        }
    }

    private void search() {
        hits.getItems().setAll(Found.of(wanted.getText(), from.get(), MOST_HITS));
        choose(0);
    }

    /// What was found and what it is. Both give way where the row is too narrow; hovering says them whole.
    private static final class HitCell extends ListCell<Hit> {
        HitCell() {
            // as wide as the list and no wider
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            if (empty || hit == null) {
                setGraphic(null);
                return;
            }
            Label title = new Label(hit.title());
            Label about = new Label(hit.about());
            about.getStyleClass().addAll("quiet", "palette-about");
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            HBox row = new HBox(title, space, about);
            Hint.on(row, hit.title() + "\n" + hit.about());
            setGraphic(row);
            setAccessibleText(hit.title() + ", " + hit.about());
        }
    }
}
