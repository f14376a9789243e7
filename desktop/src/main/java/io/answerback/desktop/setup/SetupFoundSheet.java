package io.answerback.desktop.setup;

import io.answerback.core.chain.Mark;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.setup.Leftovers;
import io.answerback.core.setup.Leftovers.Leftover;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.io.File;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.stage.FileChooser;

/// What was in a panel that was programmed before: read out of it as a table or entry by entry, explained, and
/// held against what is wanted. Names and zones of the earlier site are to be cleared.
final class SetupFoundSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;
    private final FoundTable table;

    SetupFoundSheet(OpenJob openJob, Look look, FoundTable table) {
        this.openJob = openJob;
        this.look = look;
        this.table = table;
        instrument
                .getChildren()
                .setAll(
                        Words.title("Left from before"),
                        Words.wrapped(
                                Words.quiet(
                                        "Old names and zones confuse whoever comes next. Where there is much of it, load the maker's defaults and begin anew: then it is known what the panel has.")),
                        Words.wrapped(
                                Words.quiet(
                                        "A table has the columns setting, number and entry; a setting is named as on the run sheet. What one entry shows is typed on the run sheet itself. A file whose name ends in .settings.csv can be dropped on the window.")));
    }

    @Override
    public String title() {
        return "What was in it already";
    }

    @Override
    public String about(WindowState state) {
        int count = state.job().setup().found().size();
        return count == 0 ? "nothing was read out" : "%d entries were read out".formatted(count);
    }

    @Override
    public void show(WindowState state) {
        Flow tools =
                new Flow(Tool.of("From a table", "reads what was read out of the panel from a file", this::choose));
        if (!state.job().setup().found().isEmpty()) {
            tools.getChildren()
                    .add(Tool.of(
                            "The panel is at its defaults",
                            "nothing that was read or typed is in it any more",
                            () -> openJob.apply(SetupEdits.defaults())));
        }
        tools.getStyleClass().add("switches");
        List<Leftover> left =
                Leftovers.of(state.job(), state.assessment().setup().sheet());
        sheet.getChildren().setAll(tools);
        if (left.isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(Words.of(
                            "empty",
                            state.job().setup().found().isEmpty()
                                    ? "Taking over a programmed panel: read its settings out first, and see what differs."
                                    : "All that was read out is as it is wanted.")));
            return;
        }
        sheet.getChildren().add(listed(left));
    }

    private Node listed(List<Leftover> left) {
        GridPane rows = new GridPane();
        rows.getStyleClass().addAll("table", "load-table");
        rows.addRow(
                0,
                new Label(""),
                Words.title("Setting"),
                Words.title("Has"),
                Words.title("Means"),
                Words.title("Wanted"));
        left.forEach(its -> rows.addRow(
                rows.getRowCount(),
                Marks.of(its.clear() ? Mark.WRONG : Mark.TIGHT, its.clear() ? "to clear" : "differs", look.px(4.5)),
                Words.wrapped(new Label(its.title())),
                Words.whole(Words.figure(its.entry())),
                Words.wrapped(new Label(its.means())),
                Words.wrapped(new Label(its.wanted()))));
        return rows;
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("What was read out of the panel");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Table", "*.csv"));
        File file = chooser.showOpenDialog(sheet.getScene().getWindow());
        if (file != null) {
            table.take(file.toPath());
        }
    }
}
