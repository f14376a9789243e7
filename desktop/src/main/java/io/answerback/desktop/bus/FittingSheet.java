package io.answerback.desktop.bus;

import io.answerback.core.bus.FittingRun;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.CheckRunPart;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Fitting a module, one step at a time, up to zones that live.
final class FittingSheet extends FilledSheet {
    private static final Set<ModuleSort> FITTED = EnumSet.of(
            ModuleSort.PLUG_IN,
            ModuleSort.BUS_EXPANDER,
            ModuleSort.KEYPAD,
            ModuleSort.RECEIVER,
            ModuleSort.OUTPUTS,
            ModuleSort.COMMUNICATOR);

    private final Actions actions;
    private final CheckRunPart run;
    private Optional<ModuleId> module = Optional.empty();

    FittingSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.run = new CheckRunPart(actions, clock, this::showAgain);
        instrument.set(
                Words.title("Ready with nothing connected"),
                Words.wrapped(
                        Words.quiet(
                                "A module that was just fitted shows nothing until its zones have a type and an area. \"Ready\" then means that its zones are off, not that they are well.")),
                Words.caution(
                        "Power off before a module is seated or wired: isolate, lock off, prove dead, battery off. The maker's manual comes first."));
    }

    @Override
    public String title() {
        return "Fitting a module";
    }

    @Override
    public String about(WindowState state) {
        return chosen(state)
                .map(its -> CheckRunPart.progress(FittingRun.of(state.job(), its)))
                .orElse("");
    }

    @Override
    protected void show(WindowState state) {
        Optional<ModuleId> chosen = chosen(state);
        if (chosen.isEmpty()) {
            sheet.set(
                    Words.empty("No module is on this job but the board: fit one on the survey's inventory (Ctrl+1)."));
            return;
        }
        Parts row = Parts.flow(Choice.of("Module", modules(state), chosen.get(), state.job()::nameOf, id -> {
            module = Optional.of(id);
            showAgain();
        }));
        row.add(run.tools(FittingRun.prefix(chosen.get())));
        row.style("switches");
        sheet.set(row);
        sheet.add(run.parts(
                state,
                its -> FittingRun.of(its.job(), chosen.get()),
                state.job().nameOf(chosen.get()) + " is fitted and its zones live"));
    }

    private static List<ModuleId> modules(WindowState state) {
        Job job = state.job();
        return job.modules().stream()
                .filter(its -> job.kindOf(its)
                        .filter(kind -> FITTED.contains(kind.sort()))
                        .isPresent())
                .map(PanelModule::id)
                .toList();
    }

    private Optional<ModuleId> chosen(WindowState state) {
        List<ModuleId> modules = modules(state);
        return module.filter(modules::contains).or(() -> modules.stream().findFirst());
    }
}
