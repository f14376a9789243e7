package io.answerback.desktop.cable;

import io.answerback.cores.BoxPlan;
import io.answerback.cores.WiringRun;
import io.answerback.cores.WiringStep;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Gauge;
import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.edit.CableEdits;
import io.answerback.job.LandedCore;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/// Standing at the box: one core at a time in large letters. Enter when it is in place, Down to leave it for later,
/// Backspace to take the last one back. What was done is kept, with its time, so that it can be left and taken up
/// again.
final class RunSheet extends Sheet {
    private static final int AHEAD = 3;

    private final Desk desk;
    private final InstantSource clock;
    private final OwnKeys card = new OwnKeys();
    private WiringRun.Order order = WiringRun.Order.ALONG_THE_STRIP;
    private int from;
    private String shownBox = "";

    RunSheet(Desk desk, InstantSource clock) {
        this.desk = desk;
        this.clock = clock;
        card.getStyleClass().add("run-card");
        card.addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        card.setOnMouseClicked(click -> card.requestFocus());
        instrument.getChildren().setAll(Cautions.beforeATerminal());
    }

    @Override
    public String title() {
        return "Wiring run";
    }

    @Override
    public String about(DeskState state) {
        return run(state)
                .map(run -> "%s · %d of %d cores in place"
                        .formatted(
                                BoxView.of(state).box().orElseThrow().module(),
                                run.done(),
                                run.steps().size()))
                .orElse("no cable comes to a box yet");
    }

    private Optional<WiringRun> run(DeskState state) {
        return BoxView.of(state).box().map(box -> WiringRun.of(box, order));
    }

    @Override
    public void show(DeskState state) {
        BoxView view = BoxView.of(state);
        sheet.getChildren().clear();
        if (view.box().isEmpty()) {
            sheet.getChildren().add(Words.of("empty", "No cable comes to a box yet."));
            return;
        }
        BoxPlan box = view.box().get();
        if (!box.module().equals(shownBox)) {
            shownBox = box.module();
            from = 0;
        }
        WiringRun run = WiringRun.of(box, order);
        sheet.getChildren()
                .addAll(
                        controls(view, box),
                        new Gauge(
                                run.done(),
                                Math.max(1, run.steps().size()),
                                "%d of %d cores in place"
                                        .formatted(run.done(), run.steps().size())),
                        card);
        showCard(box, run);
        ahead(run);
    }

    private Flow controls(BoxView view, BoxPlan box) {
        List<String> names = view.plan().boxes().stream().map(BoxPlan::module).toList();
        Flow row = new Flow(
                Choice.of(
                        "Box",
                        names,
                        box.module(),
                        its -> its,
                        name -> view.plan().boxes().stream()
                                .filter(its -> its.module().equals(name))
                                .findFirst()
                                .ifPresent(its -> desk.select(
                                        its.cables().getFirst().point().id()))),
                Choice.of(
                        "Order of the run",
                        Arrays.asList(WiringRun.Order.values()),
                        order,
                        WiringRun.Order::words,
                        chosen -> {
                            order = chosen;
                            from = 0;
                            show(desk.now());
                        }),
                Tool.of("In place ↵", "this core is where it belongs", this::done),
                Tool.of("Later ↓", "leave this core for later", this::skip),
                Tool.of("Take back ⌫", "the last core is loose again", desk::undo),
                Tool.of(
                        desk.wholeWindow().get() ? "Leave the whole window" : "Whole window",
                        "one core at a time, to be read from the box; Esc leaves",
                        this::fill));
        row.getStyleClass().add("switches");
        return row;
    }

    private void showCard(BoxPlan box, WiringRun run) {
        Optional<WiringStep> next = run.next(from);
        card.getChildren().clear();
        card.getStyleClass()
                .setAll(desk.wholeWindow().get() ? List.of("run-card", "run-card-whole") : List.of("run-card"));
        if (next.isEmpty()) {
            card.getChildren()
                    .add(Words.of(
                            "run-order",
                            run.steps().isEmpty() ? "No core has a place here yet" : "Every core is in place"));
            card.setAccessibleText("every core is in place");
            return;
        }
        WiringStep step = next.get();
        Label count = Words.quiet("Core %d of %d"
                .formatted(run.steps().indexOf(step) + 1, run.steps().size()));
        Region chip = new Region();
        chip.getStyleClass()
                .addAll("run-chip", "core-chip-" + CoreColour.style(step.core().colour()));
        Label mind = Words.wrapped(Words.of(step.supply() ? "caution" : "run-mind", step.mind()));
        card.getChildren()
                .addAll(
                        count,
                        chip,
                        Words.wrapped(Words.of("run-order", step.order())),
                        mind,
                        Words.wrapped(
                                Words.quiet(
                                        "Bare copper just enough to be gripped. Tug it. Enter: in place · Down: later · Backspace: take back")));
        card.setAccessibleText(step.order() + ". " + step.mind());
    }

    private void ahead(WiringRun run) {
        run.next(from).ifPresent(now -> {
            int at = run.steps().indexOf(now);
            List<WiringStep> after = run.steps().subList(at + 1, run.steps().size()).stream()
                    .filter(step -> !step.done())
                    .limit(AHEAD)
                    .toList();
            if (!after.isEmpty()) {
                sheet.getChildren().add(Words.title("Then"));
                after.forEach(step -> sheet.getChildren().add(Words.quiet(step.order())));
            }
        });
    }

    private void press(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE && desk.wholeWindow().get()) {
            fill();
        } else if (key.getCode() == KeyCode.ENTER) {
            done();
        } else if (key.getCode() == KeyCode.DOWN) {
            skip();
        } else if (key.getCode() == KeyCode.BACK_SPACE) {
            desk.undo();
        } else {
            return;
        }
        key.consume();
    }

    private void done() {
        BoxPlan box = BoxView.of(desk.now()).box().orElseThrow();
        WiringRun run = WiringRun.of(box, order);
        run.next(from).ifPresent(step -> {
            from = run.steps().indexOf(step);
            boolean last = run.steps().stream()
                            .filter(other -> other.cableId().equals(step.cableId()) && !other.done())
                            .count()
                    == 1;
            desk.apply(CableEdits.landed(
                    step.cableId(), new LandedCore(step.core().colour(), step.where(), clock.instant()), last));
        });
        card.requestFocus();
    }

    private void fill() {
        desk.wholeWindow().set(!desk.wholeWindow().get());
        show(desk.now());
        card.requestFocus();
    }

    private void skip() {
        BoxPlan box = BoxView.of(desk.now()).box().orElseThrow();
        WiringRun run = WiringRun.of(box, order);
        run.next(from)
                .ifPresent(step ->
                        from = (run.steps().indexOf(step) + 1) % run.steps().size());
        show(desk.now());
        card.requestFocus();
    }
}
