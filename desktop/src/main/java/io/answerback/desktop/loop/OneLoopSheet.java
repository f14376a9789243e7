package io.answerback.desktop.loop;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Link;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.PickedHint;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;

/// The loop of the selected point, drawn, with every state against the panel's bands.
final class OneLoopSheet extends PartSheet {
    private final Actions actions;
    private final MarginSlider slider;
    private final LoopChoices choices;
    private final FaultFinder finder;
    private final List<Conductor> conductors;
    private CaseRows rows = CaseRows.CABLE;
    private LoopFault fault = LoopFault.NONE;

    OneLoopSheet(Actions actions, List<Conductor> conductors, Supplier<Priors> priors, InstantSource clock) {
        this.actions = actions;
        this.conductors = conductors;
        this.slider = new MarginSlider(actions, this::showAgain);
        this.choices = new LoopChoices(actions);
        this.finder = new FaultFinder(actions, priors, clock);
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
    public List<Part> middle(WindowState state) {
        return LoopView.of(state).map(view -> loop(state, view)).orElseGet(() -> noLoop(state));
    }

    private List<Part> noLoop(WindowState state) {
        if (state.job().points().isEmpty()) {
            return FirstSteps.points(actions).stream().map(Part.class::cast).toList();
        }
        if (state.point().wired().isEmpty()) {
            return List.of(
                    Words.empty(
                            "The panel watches this on its own board: there is no loop to compute. Report shows what it sends."));
        }
        if (state.point().wired().get().wireless()) {
            return List.of(
                    Words.empty(
                            "It sends by radio: there is no loop to compute. The bus bench shows how well it is heard."),
                    Tool.of("What the panel hears", "the bus bench (Ctrl+5)", () -> actions.go(Stop.BUS)));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(choices.of(state));
        PickedHint.of(actions, state).ifPresent(parts::add);
        parts.add(Words.empty(state.point().chain().of(Link.LOOP).line()));
        return parts;
    }

    private List<Part> loop(WindowState state, LoopView view) {
        if (!view.fault().equals(fault)) {
            fault = view.fault();
            rows = fault.kind() == FaultKind.SOUND
                    ? rows
                    : fault.kind().ofFitting() ? CaseRows.FITTING : CaseRows.CABLE;
        }
        List<Part> parts = new ArrayList<>();
        if (view.point().kind().family().lifeSafety()) {
            parts.add(
                    Words.caution(
                            "Life-safety: this is computed and never approved. Its own code and licence decide, and the makers' lists of what may share an input."));
        }
        parts.add(switches(state, view));
        PickedHint.of(actions, state).ifPresent(parts::add);
        parts.addAll(List.of(
                new Drawn(new LoopDrawing(actions, view, conductors)),
                slider.part(view),
                section(view),
                new Drawn(new BandsDrawing(actions, slider.moved(view), rows))));
        return parts;
    }

    @Override
    public List<Part> beside(WindowState state) {
        return LoopView.of(state).map(view -> beside(state, view)).orElse(List.of());
    }

    private List<Part> beside(WindowState state, LoopView view) {
        List<Part> parts = new ArrayList<>(Meter.of(view));
        parts.addAll(finder.of(state, view));
        parts.add(Words.title("How far it could go"));
        parts.add(Words.wrapped(Words.of("question", LimitWords.of(view, conductors))));
        return parts;
    }

    private Group switches(WindowState state, LoopView view) {
        String thing = view.point().kind().words().thing();
        String name = Character.toUpperCase(thing.charAt(0)) + thing.substring(1);
        return choices.of(state)
                .and(
                        Switch.of(
                                name,
                                view.deviceStates(),
                                view.device(),
                                view::word,
                                device -> actions.switchTo(device, view.fault())),
                        Choice.of(
                                "Fault",
                                view.faults(),
                                view.fault(),
                                its -> FaultLabel.of(its, view.fitted()),
                                its -> actions.switchTo(view.device(), its)));
    }

    private Part section(LoopView view) {
        return Group.flow(
                        Words.wrapped(Words.title("Every state")),
                        Switch.bare(
                                "Faults shown",
                                Arrays.asList(CaseRows.values()),
                                rows,
                                which -> which.words(view.result()),
                                this::list),
                        Words.wrapped(Words.quiet(tolerances(view))))
                .style("section", "margin-strip");
    }

    private void list(CaseRows which) {
        rows = which;
        showAgain();
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
