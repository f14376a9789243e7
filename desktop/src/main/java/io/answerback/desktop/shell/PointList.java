package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// Every zone point and every system point, with one mark for each part of its chain. Everything else follows
/// what is selected here.
final class PointList extends VBox {
    /// Rows of one height spare the list measuring each of them.
    private static final double ROW_HEIGHT = 26;

    private static final PseudoClass WIDE = PseudoClass.getPseudoClass("wide");
    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");
    private static final double WIDE_WINDOW = 1600;
    private static final double NARROW_WINDOW = 820;

    private final ListView<PointResult> list = new ListView<>();
    private final TextField filter = new TextField();
    private final Label count = new Label();
    private final OpenJob openJob;
    private List<PointResult> all = List.of();
    private final List<PointCell> cells = new ArrayList<>();
    private List<PointId> picked = List.of();
    private final BooleanProperty narrow = new SimpleBooleanProperty();

    PointList(OpenJob openJob, Look look) {
        this.openJob = openJob;
        getStyleClass().add("points");
        list.getStyleClass().add("point-list");
        list.setAccessibleText("Points");
        list.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        look.textPercent().subscribe(percent -> {
            list.setFixedCellSize(look.px(ROW_HEIGHT));
            list.refresh();
        });
        list.setCellFactory(view -> {
            PointCell cell = new PointCell(look, openJob, narrow);
            cells.add(cell);
            return cell;
        });
        list.getSelectionModel().selectedItemProperty().subscribe(chosen -> {
            if (chosen != null) {
                openJob.select(chosen.pointId());
            }
        });
        filter.setPromptText("Type to filter");
        filter.setAccessibleText("Filter points");
        filter.getStyleClass().add("filter");
        filter.textProperty().subscribe(text -> fill());
        VBox.setVgrow(list, Priority.ALWAYS);
        StackPane row = new StackPane(filter);
        row.getStyleClass().add("filter-row");
        getChildren().addAll(head(), row, list);
    }

    private HBox head() {
        Label title = new Label("Points");
        title.getStyleClass().add("section-title");
        count.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox letters = new HBox();
        letters.getStyleClass().add("mark-letters");
        letters.visibleProperty().bind(narrow.not());
        letters.managedProperty().bind(narrow.not());
        letters.setAlignment(Pos.BASELINE_LEFT);
        HBox head = new HBox(title, count, space, letters);
        for (Column column : Column.values()) {
            Label letter = new Label(column.letter);
            letter.getStyleClass().add("mark-letter");
            Hint.on(letter, column.title + ": " + column.about);
            letters.getChildren().add(letter);
        }
        head.getStyleClass().add("points-head");
        head.setAlignment(Pos.BASELINE_LEFT);
        return head;
    }

    /// The parts of a chain that have a mark of their own in the list.
    enum Column {
        LOOP("L", "Loop", "whether every state of its loop reads as it should", Link.LOOP, Link.INPUT),
        CABLE("C", "Cable", "whether its cable is terminated", Link.POINT, Link.POINT) {
            @Override
            Mark mark(PointResult point) {
                return point.wired().isEmpty()
                        ? Mark.SOUND
                        : cable(point.wired().get());
            }

            private Mark cable(WiredPoint wired) {
                return wired.cable()
                        .map(cable -> cable.installation().progress())
                        .filter(progress -> progress.compareTo(CableInstallation.Progress.TERMINATED) >= 0)
                        .map(progress -> Mark.SOUND)
                        .orElse(Mark.NOT_DONE);
            }
        },
        REPORT("R", "Report", "whether zone, event, account and route are right", Link.ZONE, Link.ROUTE),
        PROOF(
                "P",
                "Proof",
                "whether its signal was answered, and nothing upstream has changed since",
                Link.STATION,
                Link.STATION);

        private final String letter;
        private final String title;
        private final String about;
        private final Link first;
        private final Link last;

        Column(String letter, String title, String about, Link first, Link last) {
            this.letter = letter;
            this.title = title;
            this.about = about;
            this.first = first;
            this.last = last;
        }

        Mark mark(PointResult point) {
            return point.worst(first, last);
        }

        String says(PointResult point) {
            return title + ": " + mark(point).word();
        }
    }

    /// Puts the cursor where a filter is typed.
    void focusFilter() {
        filter.requestFocus();
    }

    /// Whether the list has the keyboard, as it changes: then Space tries the selected point.
    ReadOnlyBooleanProperty keyboardOnList() {
        return list.focusedProperty();
    }

    /// Whether the list has the keyboard.
    boolean listHasKeyboard() {
        return list.isFocused();
    }

    /// What is typed on the list filters it: a name that is typed there never tries a point, however many spaces it
    /// has.
    private void typed(KeyEvent key) {
        String letter = key.getCharacter();
        if (!key.isShortcutDown()
                && !key.isAltDown()
                && !letter.isBlank()
                && letter.chars().noneMatch(Character::isISOControl)) {
            filter.requestFocus();
            filter.setText(letter);
            filter.end();
            key.consume();
        }
    }

    /// Takes a share of a window: room for long names in a wide one; in a narrow one a single mark for each
    /// point, the worst along its chain.
    ///
    /// @param width of the window, in pixels at 100 % text
    void within(double width) {
        pseudoClassStateChanged(WIDE, width >= WIDE_WINDOW);
        narrow.set(width < NARROW_WINDOW);
        pseudoClassStateChanged(NARROW, narrow.get());
    }

    /// Puts the keyboard on the list.
    void focusList() {
        list.requestFocus();
    }

    void show(WindowState state) {
        if (all != state.assessment().points()) {
            all = state.assessment().points();
            count.setText(Integer.toString(state.job().points().size()));
            fill();
        }
        select(state.selected());
        if (!picked.equals(state.picked())) {
            picked = state.picked();
            cells.forEach(PointCell::showPicked);
        }
    }

    private void fill() {
        String wanted = filter.getText().strip().toLowerCase(Locale.ROOT);
        List<PointResult> shown = all.stream()
                .filter(point -> (point.pointId() + " " + point.name())
                        .toLowerCase(Locale.ROOT)
                        .contains(wanted))
                .toList();
        if (!shown.equals(list.getItems())) {
            list.getItems().setAll(shown);
            select(openJob.now().selected());
        }
    }

    private void select(PointId pointId) {
        for (int i = 0; i < list.getItems().size(); i++) {
            if (list.getItems().get(i).pointId().equals(pointId)
                    && list.getSelectionModel().getSelectedIndex() != i) {
                list.getSelectionModel().select(i);
                list.scrollTo(Math.max(0, i - 4));
            }
        }
    }
}
