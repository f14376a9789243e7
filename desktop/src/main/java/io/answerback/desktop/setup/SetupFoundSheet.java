package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.setup.Leftovers;
import io.answerback.core.setup.Leftovers.Leftover;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.List;

/// What was in a panel that was programmed before: read out of it as a table or entry by entry, explained, and
/// held against what is wanted. Names and zones of the earlier site are to be cleared.
final class SetupFoundSheet extends FilledSheet {
    private final Actions actions;
    private final FoundTable table;
    private final FileQuestions files;

    SetupFoundSheet(Actions actions, FoundTable table, FileQuestions files) {
        this.actions = actions;
        this.table = table;
        this.files = files;
        instrument.set(
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
    protected void show(WindowState state) {
        Parts tools =
                Parts.flow(Tool.of("From a table", "reads what was read out of the panel from a file", this::choose));
        if (!state.job().setup().found().isEmpty()) {
            tools.add(Tool.of(
                    "The panel is at its defaults",
                    "nothing that was read or typed is in it any more",
                    () -> actions.apply(SetupEdits.defaults())));
        }
        tools.style("switches");
        List<Leftover> left = Leftovers.of(
                state.job(), state.assessment().get(SetupState.FACT).sheet());
        sheet.set(tools);
        if (left.isEmpty()) {
            sheet.add(Words.empty(
                    state.job().setup().found().isEmpty()
                            ? "Taking over a programmed panel: read its settings out first, and see what differs."
                            : "All that was read out is as it is wanted."));
            return;
        }
        sheet.add(listed(left));
    }

    private Part listed(List<Leftover> left) {
        Grid.Filling rows = Grid.filling("table", "load-table");
        rows.line(Text.of(""), Words.title("Setting"), Words.title("Has"), Words.title("Means"), Words.title("Wanted"));
        left.forEach(its -> rows.line(
                Marks.of(its.clear() ? Mark.WRONG : Mark.TIGHT, its.clear() ? "to clear" : "differs"),
                Words.wrapped(Text.of(its.title())),
                Words.whole(Words.figure(its.entry())),
                Words.wrapped(Text.of(its.means())),
                Words.wrapped(Text.of(its.wanted()))));
        return rows.grid();
    }

    private void choose() {
        files.toRead("What was read out of the panel", List.of(new FileQuestions.Sort("Table", "*.csv")))
                .ifPresent(table::take);
    }
}
