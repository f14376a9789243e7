package io.answerback.desktop.survey;

import io.answerback.core.profile.Conductor;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.shell.SheetFrame;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;

/// What is watched, on which inputs, by whose rules, and what old wiring hides. A table that is being imported
/// lies on top until it is taken in or given up.
public final class SurveyBench implements Bench {
    private final OpenJob openJob;
    private final TableImport table;
    private final Map<SurveySheet, Supplier<Sheet>> makers = new EnumMap<>(SurveySheet.class);
    private final Map<SurveySheet, Sheet> made = new EnumMap<>(SurveySheet.class);
    private final ImportSheet importing;
    private final SheetFrame frame = new SheetFrame();

    /// The bench.
    ///
    /// @param kinds the kinds of point there are
    /// @param conductor what new cables are made of unless somebody says otherwise
    /// @param clock tells when a reading is taken
    /// @param rules the house rules there are to choose from, and where the firm keeps its own
    /// @param table the table that is being imported
    public SurveyBench(
            OpenJob openJob,
            Look look,
            KindCatalogue kinds,
            Conductor conductor,
            InstantSource clock,
            RuleShelf rules,
            TableImport table) {
        this.openJob = openJob;
        this.table = table;
        this.importing = new ImportSheet(table, look);
        makers.put(SurveySheet.ROOMS, () -> new RoomsSheet(openJob, look, kinds, conductor));
        makers.put(SurveySheet.INPUTS, () -> new InputsSheet(openJob, look, rules));
        makers.put(SurveySheet.OLD_WIRING, () -> new OldWiringSheet(openJob, look, kinds, clock));
        makers.put(SurveySheet.HOUSE_RULES, () -> new RulesSheet(openJob, look, rules));
        WhileShown.listen(frame.bench(), () -> table.open().subscribe(() -> show(openJob.now())));
    }

    /// Puts the cursor into the line for points, where the rooms lie on top.
    public void focusEntry() {
        if (made.get(SurveySheet.ROOMS) instanceof RoomsSheet rooms) {
            rooms.focusEntry();
        }
    }

    /// Types into the line for points, in place of what stands there, without Enter.
    public void type(String line) {
        if (made.get(SurveySheet.ROOMS) instanceof RoomsSheet rooms) {
            rooms.type(line);
        }
    }

    @Override
    public Node sheet() {
        return frame.bench();
    }

    @Override
    public Node instrument() {
        return frame.instrument();
    }

    @Override
    public void show(WindowState state) {
        if (table.open().get().isPresent()) {
            frame.show(importing, state);
            return;
        }
        Sheet sheet = made.computeIfAbsent(state.sheet(), its -> makers.get(its).get());
        frame.show(sheet, state, switching(state));
    }

    private Node switching(WindowState state) {
        return Switch.bare("Sheet", List.of(SurveySheet.values()), state.sheet(), SurveySheet::title, openJob::open);
    }
}
