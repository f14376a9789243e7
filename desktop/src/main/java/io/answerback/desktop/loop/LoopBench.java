package io.answerback.desktop.loop;

import io.answerback.chain.Figures;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Headline;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.theme.Look;
import io.answerback.edit.Edits;
import io.answerback.fault.Priors;
import io.answerback.job.Cable;
import io.answerback.job.Conductor;
import io.answerback.job.LoopWiring;
import io.answerback.job.Meaning;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeKind;
import io.answerback.loop.CableState;
import io.answerback.loop.LoopLimits;
import io.answerback.loop.LoopScheme;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What the input sees, whatever happens at the device or to the cable.
public final class LoopBench implements Bench {
    private final Desk desk;
    private final VBox sheet = new VBox();
    private final VBox instrument = new VBox();
    private final LoopDrawing loop;
    private Optional<LoopView> shown = Optional.empty();
    private final BandsDrawing bands;
    private final FaultFinder finder;
    private final List<Conductor> conductors;

    /// The bench.
    ///
    /// @param conductors the conductors there are to choose from
    /// @param priors how often each cause of a strange reading is met
    /// @param clock tells when a reading is taken
    public LoopBench(Desk desk, Look look, List<Conductor> conductors, Supplier<Priors> priors, InstantSource clock) {
        this.conductors = List.copyOf(conductors);
        this.finder = new FaultFinder(desk, priors, clock);
        this.desk = desk;
        this.loop = new LoopDrawing(desk, look, conductors);
        this.bands = new BandsDrawing(desk, look);
        sheet.getStyleClass().add("bench");
        VBox.setVgrow(bands, Priority.ALWAYS);
        instrument.getStyleClass().add("instrument");
    }

    @Override
    public Node sheet() {
        return sheet;
    }

    @Override
    public Node instrument() {
        return instrument;
    }

    @Override
    public void show(DeskState state) {
        Optional<LoopView> view = LoopView.of(state);
        view.ifPresent(its -> showInstrument(state, its));
        if (view.isPresent() && view.equals(shown)) {
            return;
        }
        shown = view;
        if (view.isPresent()) {
            showLoop(view.get());
        } else {
            showNone(state);
        }
    }

    private void showNone(DeskState state) {
        String why = state.point().wired().isEmpty()
                ? "The panel watches this on its own board: there is no loop to compute. Report shows what it sends."
                : state.point().chain().of(io.answerback.job.Link.LOOP).line();
        Label words = Words.wrapped(Words.of("empty", why));
        sheet.getChildren().setAll(new Headline(state.point().name(), "what the input sees"), words);
        instrument.getChildren().clear();
    }

    private void showLoop(LoopView view) {
        loop.show(view);
        bands.show(view);
        sheet.getChildren()
                .setAll(
                        headline(view),
                        switches(view),
                        loop,
                        Words.section("Every state against the panel's bands", tolerances(view)),
                        bands,
                        Words.section("How far it could go", limits(view)));
    }

    private void showInstrument(DeskState state, LoopView view) {
        instrument.getChildren().setAll(meter(view));
        instrument.getChildren().addAll(finder.of(state, view));
    }

    private static String about(LoopView view) {
        return view.point().id() + " " + view.point().name();
    }

    private Headline headline(LoopView view) {
        Headline line = new Headline("What the input sees", about(view));
        line.getChildren().addAll(choices(view));
        return line;
    }

    private List<Node> choices(LoopView view) {
        LoopWiring wiring = view.point().loop();
        String point = view.point().id();
        List<Node> row = new ArrayList<>();
        row.add(Choice.of(
                "Scheme",
                Arrays.asList(SchemeKind.values()),
                wiring.scheme(),
                SchemeKind::words,
                chosen -> desk.apply(Edits.loop("scheme", point, its -> its.withScheme(chosen)))));
        if (wiring.scheme().hasEndOfLine()) {
            row.add(Words.quiet("resistor"));
            row.add(Choice.of(
                    "Place of the resistor",
                    Arrays.asList(ResistorPlace.values()),
                    wiring.place(),
                    ResistorPlace::words,
                    chosen -> desk.apply(Edits.loop("resistor's place", point, its -> its.withPlace(chosen)))));
        }
        return row;
    }

    private Flow switches(LoopView view) {
        LoopScheme scheme = LoopScheme.of(view.point().loop().scheme());
        List<CableState> cables = new ArrayList<>(Arrays.asList(CableState.values()));
        if (!scheme.hasEndOfLine()) {
            cables.remove(CableState.NO_RESISTOR);
        }
        String thing = view.point().kind().words().thing();
        Flow row = new Flow(
                Switch.of(
                        Character.toUpperCase(thing.charAt(0)) + thing.substring(1),
                        scheme.deviceStates(),
                        view.device(),
                        view::word,
                        device -> desk.switchTo(device, view.cableState())),
                Switch.of(
                        "Cable",
                        cables,
                        view.cableState(),
                        LoopView::word,
                        cable -> desk.switchTo(view.device(), cable)));
        row.getStyleClass().add("switches");
        return row;
    }

    private static String tolerances(LoopView view) {
        Cable cable = view.cable();
        String resistors = !view.point().loop().scheme().hasEndOfLine()
                ? ""
                : "±" + Figures.plain(view.point().loop().tolerancePercent()) + " % resistors, ";
        return "worst case over %s%s to %s °C cable, contacts up to %s"
                .formatted(
                        resistors,
                        Figures.plain(cable.coldestCelsius()),
                        Figures.plain(cable.hottestCelsius()),
                        Figures.ohms(view.point().loop().contactOhms()));
    }

    private String limits(LoopView view) {
        LoopWiring wiring = view.point().loop();
        return LoopLimits.of(wiring, view.cable(), view.bands(), conductors)
                .map(limits -> "%s of this cable%s, a leak of %s, %s to %s °C.%s"
                        .formatted(
                                Figures.metres(limits.longestMetres()),
                                !wiring.scheme().hasEndOfLine()
                                        ? ""
                                        : ", resistors of ±" + Figures.percent(limits.loosestTolerancePercent() / 100),
                                Figures.ohms(limits.leastLeakOhms()),
                                Figures.plain(Math.ceil(limits.coldestCelsius())),
                                Figures.plain(Math.floor(limits.hottestCelsius())),
                                limits.givesFirst(wiring, view.cable())
                                        .map(first -> " The " + first + " gives first.")
                                        .orElse("")))
                .orElse("It does not work as it is; see the states that are wrong.");
    }

    private static List<Node> meter(LoopView view) {
        Label title = Words.title("What a meter should show");
        String state = view.cableState() == CableState.SOUND
                ? view.word(view.device())
                : view.word(view.device()) + ", cable " + LoopView.word(view.cableState());
        double ohms = view.shown().range().nominalOhms();
        Label figure = new Label(Figures.ohms(ohms));
        figure.getStyleClass().add("meter-figure");
        VBox meter = new VBox(figure);
        meter.getStyleClass().add("meter");
        Label volts = Words.wrapped(
                new Label("Connected: " + Figures.volts(view.profile().inputVolts(ohms)) + " at the terminals."));
        String reads = view.shown()
                .reads()
                .map(Meaning::word)
                .map(word -> "The panel reads " + word + ".")
                .orElse("Between bands: what the panel does is not promised.");
        Label conclusion = Words.wrapped(new Label(reads));
        conclusion.getStyleClass().add(view.shown().safe() ? "meter-safe" : "meter-unsafe");
        return List.of(
                title, Words.wrapped(new Label("At the input, cores lifted: " + state)), meter, volts, conclusion);
    }
}
