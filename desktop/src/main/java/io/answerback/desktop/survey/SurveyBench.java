package io.answerback.desktop.survey;

import io.answerback.core.profile.Conductor;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.desk.SurveySheet;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.shell.SheetFrame;
import io.answerback.desktop.theme.Look;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;

/// What is watched, on which inputs, by whose rules, and what old wiring hides. A table that is being imported
/// lies on top until it is taken in or given up.
public final class SurveyBench implements Bench {
    private final Desk desk;
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
            Desk desk,
            Look look,
            KindCatalogue kinds,
            Conductor conductor,
            InstantSource clock,
            RuleShelf rules,
            TableImport table) {
        this.desk = desk;
        this.table = table;
        this.importing = new ImportSheet(table, look);
        makers.put(SurveySheet.ROOMS, () -> new RoomsSheet(desk, look, kinds, conductor));
        makers.put(SurveySheet.INPUTS, () -> new InputsSheet(desk, look, rules));
        makers.put(SurveySheet.OLD_WIRING, () -> new OldWiringSheet(desk, look, kinds, clock));
        makers.put(SurveySheet.HOUSE_RULES, () -> new RulesSheet(desk, look, rules));
        table.open().subscribe(() -> show(desk.now()));
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
    public void show(DeskState state) {
        if (table.open().get().isPresent()) {
            frame.show(importing, state);
            return;
        }
        Sheet sheet = made.computeIfAbsent(state.sheet(), its -> makers.get(its).get());
        frame.show(sheet, state, switching(state));
    }

    private Node switching(DeskState state) {
        return Switch.bare("Sheet", List.of(SurveySheet.values()), state.sheet(), SurveySheet::title, desk::open);
    }
}
