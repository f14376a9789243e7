package io.answerback.desktop.loop;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Figures;
import io.answerback.core.fault.Priors;
import io.answerback.core.finding.Stop;
import io.answerback.core.profile.Conductor;
import io.answerback.core.scheme.FaultKind;
import io.answerback.core.site.Link;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The loop of the selected point, drawn, with every state against the panel's bands.
final class OneLoopSheet extends Sheet {
    private final OpenJob openJob;
    private final LoopDrawing loop;
    private final BandsDrawing bands;
    private final MarginSlider slider;
    private final LoopChoices choices;
    private final FaultFinder finder;
    private final List<Conductor> conductors;
    private Optional<LoopView> shown = Optional.empty();
    private CaseRows rows = CaseRows.CABLE;

    OneLoopSheet(OpenJob openJob, Look look, List<Conductor> conductors, Supplier<Priors> priors, InstantSource clock) {
        this.openJob = openJob;
        this.conductors = conductors;
        this.loop = new LoopDrawing(openJob, look, conductors);
        this.bands = new BandsDrawing(openJob, look);
        this.slider = new MarginSlider(openJob, look, this::showMoved);
        this.choices = new LoopChoices(openJob);
        this.finder = new FaultFinder(openJob, priors, clock);
        VBox.setVgrow(bands, Priority.ALWAYS);
    }

    @Override
    public String title() {
        return "What the input sees";
    }

    @Override
    public String about(WindowState state) {
        return state.point().pointId() + " " + state.point().name();
    }

    @Override
    public void show(WindowState state) {
        Optional<LoopView> view = LoopView.of(state);
        view.ifPresent(its -> showInstrument(state, its));
        if (view.isPresent() && view.equals(shown)) {
            return;
        }
        shown = view;
        view.ifPresentOrElse(its -> showLoop(state, its), () -> showNone(state));
    }

    private void showNone(WindowState state) {
        shown = Optional.empty();
        instrument.getChildren().clear();
        if (state.job().points().isEmpty()) {
            sheet.getChildren().setAll(FirstSteps.points(openJob).stream().toList());
            return;
        }
        if (state.point().wired().isEmpty()) {
            sheet.getChildren()
                    .setAll(
                            Words.wrapped(
                                    Words.of(
                                            "empty",
                                            "The panel watches this on its own board: there is no loop to compute. Report shows what it sends.")));
            return;
        }
        if (state.point().wired().get().wireless()) {
            sheet.getChildren()
                    .setAll(
                            Words.wrapped(
                                    Words.of(
                                            "empty",
                                            "It sends by radio: there is no loop to compute. The bus bench shows how well it is heard.")),
                            Tool.of("What the panel hears", "the bus bench (Ctrl+5)", () -> openJob.go(Stop.BUS)));
            return;
        }
        Label why = Words.wrapped(
                Words.of("empty", state.point().chain().of(Link.LOOP).line()));
        sheet.getChildren().setAll(choices.of(state), why);
    }

    private void showLoop(WindowState state, LoopView view) {
        if (view.fault().kind() != FaultKind.SOUND) {
            rows = view.fault().kind().ofFitting() ? CaseRows.FITTING : CaseRows.CABLE;
        }
        loop.show(view);
        slider.show(view);
        sheet.getChildren().clear();
        if (view.point().kind().family().lifeSafety()) {
            sheet.getChildren()
                    .add(
                            Words.wrapped(
                                    Words.of(
                                            "caution",
                                            "Life-safety: this is computed and never approved. Its own code and licence decide, and the makers' lists of what may share an input.")));
        }
        sheet.getChildren().addAll(switches(state, view), loop, slider.node(), section(view), bands);
        bands.show(view, rows);
    }

    private void showMoved(LoopView view) {
        bands.show(view, rows);
    }

    private void showInstrument(WindowState state, LoopView view) {
        instrument.getChildren().setAll(Meter.of(view));
        instrument.getChildren().addAll(finder.of(state, view));
        instrument
                .getChildren()
                .addAll(
                        Words.title("How far it could go"),
                        Words.wrapped(Words.of("question", LimitWords.of(view, conductors))));
    }

    private Flow switches(WindowState state, LoopView view) {
        String thing = view.point().kind().words().thing();
        String name = Character.toUpperCase(thing.charAt(0)) + thing.substring(1);
        Flow row = choices.of(state);
        row.getChildren()
                .addAll(
                        Switch.of(
                                name,
                                view.deviceStates(),
                                view.device(),
                                view::word,
                                device -> openJob.switchTo(device, view.fault())),
                        Choice.of(
                                "Fault",
                                view.faults(),
                                view.fault(),
                                fault -> FaultLabel.of(fault, view.fitted()),
                                fault -> openJob.switchTo(view.device(), fault)));
        return row;
    }

    private Node section(LoopView view) {
        Flow row = new Flow(
                Words.wrapped(Words.title("Every state")),
                Switch.bare(
                        "Faults shown",
                        Arrays.asList(CaseRows.values()),
                        rows,
                        which -> which.words(view.result()),
                        which -> {
                            rows = which;
                            shown.ifPresent(its -> bands.show(its, rows));
                        }),
                Words.wrapped(Words.quiet(tolerances(view))));
        row.getStyleClass().addAll("section", "margin-strip");
        return row;
    }

    private static String tolerances(LoopView view) {
        Cable cable = view.fitted().cable();
        String resistors = view.wiring().scheme().withoutResistors()
                ? ""
                : "±" + Figures.plain(view.wiring().tolerancePercent()) + " % resistors, ";
        return "over %s%s to %s °C, contacts to %s"
                .formatted(
                        resistors,
                        Figures.plain(cable.coldestCelsius()),
                        Figures.plain(cable.hottestCelsius()),
                        Figures.ohms(view.wiring().contactOhms()));
    }
}
