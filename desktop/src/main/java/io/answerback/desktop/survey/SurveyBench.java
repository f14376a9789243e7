package io.answerback.desktop.survey;

import io.answerback.core.model.profile.Conductor;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.Optional;

/// What is watched, on which inputs, by whose rules, and what old wiring hides. A table that is being imported
/// lies on top until it is taken in or given up.
public final class SurveyBench extends SheetedBench<SurveySheet> {
    private final OpenJob openJob;
    private final TableImport table;
    private final ImportSheet importing;
    private final RoomsSheet rooms;

    /// The bench.
    ///
    /// @param kinds the kinds of point there are
    /// @param conductor what new cables are made of until another type is chosen
    /// @param rules the house rules there are to choose from, and where the firm keeps its own
    /// @param table the table that is being imported
    public SurveyBench(BenchTools tools, KindCatalogue kinds, Conductor conductor, RuleShelf rules, TableImport table) {
        super(tools, SurveySheet.class, SurveySheet::title);
        FileQuestions files = tools.files();
        InstantSource clock = tools.clock();
        this.openJob = tools.openJob();
        this.table = table;
        this.importing = new ImportSheet(table, files);
        this.rooms = new RoomsSheet(openJob, kinds, conductor, table::pasted);
        companion(SurveySheet.ROOMS, SurveySheet.INPUTS);
        sheets(sheet -> switch (sheet) {
            case ROOMS -> rooms;
            case INPUTS -> new InputsSheet(openJob, rules);
            case OLD_WIRING -> new OldWiringSheet(openJob, kinds, clock);
            case HOUSE_RULES -> new RulesSheet(openJob, rules, files);
        });
        showWhenever(table.open());
    }

    /// Puts the cursor into the line for points, where the rooms lie on top.
    public void focusEntry() {
        rooms.focusEntry();
    }

    /// Types into the line for points, in place of what stands there, without Enter.
    public void type(String line) {
        rooms.type(line);
    }

    @Override
    protected SurveySheet onTop(WindowState state) {
        return state.sheet();
    }

    @Override
    public void open(SurveySheet sheet) {
        openJob.open(sheet);
    }

    @Override
    protected Optional<PartSheet> over() {
        return table.open().get().map(its -> importing);
    }
}
