package io.answerback.desktop.cable;

import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.FirstFix;
import io.answerback.core.wiring.cabling.FixStep;
import io.answerback.core.wiring.cabling.RunStep;
import io.answerback.core.wiring.cabling.StepRun;
import io.answerback.core.wiring.cabling.UnusedInputs;
import io.answerback.core.wiring.cabling.UnusedStep;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Standing at the box, or pulling cables in: one thing at a time in large letters. Enter when it is done, Down
/// to leave it for later, Backspace to take the last one back. What was done is kept, with its time, so that it
/// can be left and taken up again.
final class WiringRunSheet extends FilledSheet {
    private static final int AHEAD = 3;

    /// The orders an engineer may like.
    private enum Order {
        ALONG_THE_STRIP(WiringRun.Order.ALONG_THE_STRIP.words()),
        CABLE_BY_CABLE(WiringRun.Order.CABLE_BY_CABLE.words()),
        FIRST_FIX("first fix, room by room");

        private final String words;

        Order(String words) {
            this.words = words;
        }
    }

    private final Actions actions;
    private final InstantSource clock;
    private Order order = Order.ALONG_THE_STRIP;
    private int from;
    private int called;
    private String shown = "";

    WiringRunSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
        instrument.set(Cautions.beforeATerminal());
    }

    @Override
    public String title() {
        return "Wiring run";
    }

    @Override
    public String about(WindowState state) {
        BoxView view = BoxView.of(state);
        StepRun<?> run = run(state, view);
        String where = order == Order.FIRST_FIX
                ? "the whole job"
                : view.box().map(BoxPlan::title).orElse("no cable comes to a box yet");
        return "%s · %s".formatted(where, count(run));
    }

    private static String count(StepRun<?> run) {
        return "%d of %d done".formatted(run.done(), run.steps().size());
    }

    private StepRun<? extends RunStep> run(WindowState state, BoxView view) {
        return switch (order) {
            case FIRST_FIX -> FirstFix.of(state.job(), view.plan());
            case ALONG_THE_STRIP -> wiring(state, view, WiringRun.Order.ALONG_THE_STRIP);
            case CABLE_BY_CABLE -> wiring(state, view, WiringRun.Order.CABLE_BY_CABLE);
        };
    }

    /// Every core, and then the inputs no point uses.
    private static StepRun<RunStep> wiring(WindowState state, BoxView view, WiringRun.Order order) {
        List<RunStep> steps = new ArrayList<>();
        view.box().ifPresent(box -> {
            steps.addAll(WiringRun.of(box, order).steps());
            steps.addAll(UnusedInputs.steps(state.job(), box));
        });
        return new StepRun<>(steps);
    }

    @Override
    protected void show(WindowState state) {
        BoxView view = BoxView.of(state);
        String now = order + view.box().map(BoxPlan::title).orElse("");
        if (!now.equals(shown)) {
            shown = now;
            from = 0;
        }
        StepRun<? extends RunStep> run = run(state, view);
        sheet.set(
                controls(view),
                new Gauge(run.done(), Math.max(1, run.steps().size()), count(run)),
                card().of(run, from, order == Order.FIRST_FIX));
        ahead(run);
    }

    private Group controls(BoxView view) {
        Parts row = Parts.flow();
        if (order != Order.FIRST_FIX) {
            view.box()
                    .ifPresent(box -> row.add(Choice.of(
                            "Box",
                            view.places(),
                            box.place(),
                            place -> BoxView.words(actions.now().job(), place),
                            this::go)));
        }
        row.add(
                Choice.of("Order of the run", Arrays.asList(Order.values()), order, its -> its.words, chosen -> {
                    order = chosen;
                    callKeyboard();
                }),
                Tool.of("Done ↵", "this is where it belongs", this::done),
                Tool.of("Later ↓", "leave this for later", this::skip),
                Tool.of("Take back ⌫", "the last is undone again", this::takeBack),
                Tool.of(
                        actions.fillsWindow() ? "Leave the whole window" : "Whole window",
                        "one at a time, to be read from a distance; Esc leaves",
                        this::fill));
        row.style("switches");
        return row.group();
    }

    private void go(EndId place) {
        if (place instanceof BoxId box) {
            actions.focus(Focus.on(box));
        }
    }

    private void ahead(StepRun<? extends RunStep> run) {
        Optional<? extends RunStep> now = run.next(from);
        List<? extends RunStep> after = run.steps().stream()
                .skip(now.map(step -> run.steps().indexOf(step) + 1)
                        .orElse(run.steps().size()))
                .filter(step -> !step.done())
                .limit(AHEAD)
                .toList();
        if (!after.isEmpty()) {
            sheet.add(Words.title("Then"));
            after.forEach(step -> sheet.add(Words.quiet(step.order())));
        }
    }

    private void done() {
        actions.inTurn(this::doneInTurn);
    }

    private void takeBack() {
        actions.inTurn(actions::undo);
    }

    private void skip() {
        actions.inTurn(this::skipInTurn);
    }

    private void doneInTurn() {
        BoxView view = BoxView.of(actions.now());
        StepRun<? extends RunStep> run = run(actions.now(), view);
        run.next(from).ifPresent(step -> {
            from = run.steps().indexOf(step);
            actions.apply(edit(view, step));
        });
        callKeyboard();
    }

    private Edit edit(BoxView view, RunStep step) {
        return switch (step) {
            case WiringStep core ->
                CableEdits.terminated(core, clock.instant(), WiringRun.completes(view.plan(), core));
            case FixStep fix -> CableEdits.fixed(fix);
            case UnusedStep unused -> CableEdits.terminateUnused(unused.inputId());
        };
    }

    private void fill() {
        actions.fillWindow(!actions.fillsWindow());
        callKeyboard();
    }

    private void skipInTurn() {
        StepRun<? extends RunStep> run = run(actions.now(), BoxView.of(actions.now()));
        run.next(from)
                .ifPresent(step ->
                        from = (run.steps().indexOf(step) + 1) % run.steps().size());
        callKeyboard();
    }

    private RunCard card() {
        return new RunCard(
                actions.fillsWindow(),
                new Card.Keys(this::done, Optional.of(this::skip), this::takeBack, Optional.of(this::fill)),
                called);
    }

    private void callKeyboard() {
        called++;
        showAgain();
    }
}
