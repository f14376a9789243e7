package io.answerback.desktop.loop;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.function.Function;

/// The loop with its real parts, their values on them, in the state the switches say. Every value can be
/// changed where it stands.
final class LoopDrawing extends FaultDrawing {
    private static final double HEIGHT = 168;
    private static final double PANEL_WIDTH = 118;

    private final List<Conductor> conductors;
    private double device;
    private double right;

    LoopDrawing(Actions actions, LoopView view, List<Conductor> conductors) {
        super("loop-drawing", actions, view);
        this.conductors = conductors;
    }

    @Override
    public double height() {
        return HEIGHT;
    }

    @Override
    protected void draw(double width) {
        device = Math.max(PANEL_WIDTH + 200, width * (threeContacts() ? 0.44 : 0.5));
        right = width - 74;
        drawPanel();
        drawCable();
        box("device-box", device, 6, width - device - 2, HEIGHT - 14);
        words("quiet", asWired(), device + 10, HEIGHT - 20, Across.LEFT);
        drawContacts(device, right);
        drawEnd();
        drawFault(PANEL_WIDTH, device, right);
    }

    private boolean threeContacts() {
        return view().wiring().scheme() == SchemeKind.TRIPLE_END_OF_LINE;
    }

    private String asWired() {
        String state = view().word(view().device());
        return view().other()
                .map(other -> "%s and %s, %s"
                        .formatted(
                                view().wired().second()
                                        ? other.id()
                                        : view().point().id(),
                                view().wired().second() ? view().point().id() : other.id(),
                                state))
                .orElse(view().point().kind().words().part() + " as wired, " + state);
    }

    private void drawPanel() {
        box("part-box", 0, 6, PANEL_WIDTH, HEIGHT - 14);
        var input = view().wired().input();
        words("part-name", view().box(), 10, 22, Across.LEFT);
        words("figure", input.map(its -> "input " + its.number()).orElse("not wired"), 10, TOP, Across.LEFT);
        var model = view().wired().model();
        words("quiet", Figures.plain(model.pullUpVolts()) + " V through", 10, 78, Across.LEFT);
        words("quiet", Figures.resistor(model.pullUpOhms()) + " pull-up", 10, 96, Across.LEFT);
        words("figure", "0 V", 10, BOTTOM, Across.LEFT);
    }

    private LoopWiring fitted() {
        return LoopNetwork.fitted(view().wiring(), view().fault());
    }

    private boolean inPanel() {
        return hasResistor() && fitted().place() == ResistorPlace.IN_PANEL;
    }

    private boolean across() {
        SchemeKind scheme = view().wiring().scheme();
        return scheme == SchemeKind.END_OF_LINE_ACROSS || scheme == SchemeKind.TWO_WIRE_SMOKE;
    }

    private boolean leftOut() {
        return view().fault().kind() == FaultKind.NO_RESISTOR;
    }

    private void drawCable() {
        double start = PANEL_WIDTH;
        if (inPanel() && !leftOut() && across()) {
            resistorAtTerminals(start + 14);
        } else if (inPanel() && !leftOut()) {
            line("wire", start, TOP, start + 14, TOP);
            body(fitted().endOfLineOhms(), start + 14, TOP - 7, 40, 14);
            place(endOfLine(), start + 34, TOP - 22, Across.CENTER);
            line("wire", start + 54, TOP, start + 62, TOP);
            start += 62;
        }
        line("wire cable", start, TOP, device, TOP);
        line("wire cable", PANEL_WIDTH, BOTTOM, device, BOTTOM);
        boolean besidePanel = inPanel() && across() || view().fault().kind() == FaultKind.TWO_LOOPS;
        cableWords(PANEL_WIDTH + (besidePanel ? 34 : 16));
    }

    private void cableWords(double left) {
        Cable cable = view().fitted().cable();
        words("figure", cable.id().text(), left, MIDDLE - 24, Across.LEFT);
        if (view().oneCable()) {
            place(metres(cable), left + 42, MIDDLE - 24, Across.LEFT);
            place(conductor(cable), left + 92, MIDDLE - 24, Across.LEFT);
            place(celsius("Coldest", cable, cable.coldestCelsius(), true), left, MIDDLE, Across.LEFT);
            words("quiet", "to", left + 52, MIDDLE, Across.LEFT);
            place(celsius("Hottest", cable, cable.hottestCelsius(), false), left + 68, MIDDLE, Across.LEFT);
        } else {
            String all = "%s in all, %s"
                    .formatted(Figures.metres(cable.metres()), cable.conductor().name());
            words("quiet", all, left, MIDDLE, Across.LEFT);
        }
        words("figure", Figures.ohms(thereAndBack(cable)) + " there and back", left, MIDDLE + 22, Across.LEFT);
        words("quiet", longest(), left, BOTTOM + 18, Across.LEFT);
    }

    private String longest() {
        return view().result()
                .longestMetres()
                .map(metres -> "longest that works: " + Figures.longest(metres, LoopCheck.LONGEST_METRES))
                .orElse("does not work at any length");
    }

    /// The resistor between the panel's own terminals, before the cable.
    private void resistorAtTerminals(double x) {
        double low = BOTTOM - 30;
        line("wire", x, TOP, x, low - 44);
        body(fitted().endOfLineOhms(), x - 7, low - 44, 14, 44);
        line("wire", x, low, x, BOTTOM);
        place(endOfLine(), x - 8, TOP - 20, Across.LEFT);
    }

    private static double thereAndBack(Cable cable) {
        return new LoopPart.Copper(cable.metres(), cable.conductor(), cable.coldestCelsius(), cable.hottestCelsius())
                .ohms(Extreme.NOMINAL);
    }

    private void drawEnd() {
        if (!hasResistor()) {
            if (view().wiring().scheme() != SchemeKind.TWO_ZONES_PARALLEL) {
                line("wire", right, TOP, right, BOTTOM);
            } else {
                place(tolerance(), right + 12, MIDDLE, Across.LEFT);
            }
            return;
        }
        if (!inPanel() && !leftOut()) {
            endResistors();
        } else if (!across()) {
            line("wire", right, TOP, right, BOTTOM);
        }
        if (!inPanel()) {
            place(endOfLine(), right + 12, MIDDLE - 12, Across.LEFT);
        }
        place(tolerance(), right + 12, MIDDLE + 12, Across.LEFT);
    }

    /// One resistor, or the two of which one is too many: one after the other, or side by side.
    private void endResistors() {
        boolean twice = view().fault().kind() == FaultKind.DOUBLED;
        if (twice && !across()) {
            upright(right, TOP, TOP + 5, 34);
            upright(right, TOP + 44, TOP + 49, 34);
            line("wire", right, TOP + 83, right, BOTTOM);
            return;
        }
        upright(right, TOP, MIDDLE - 22, 44);
        line("wire", right, MIDDLE + 22, right, BOTTOM);
        if (twice) {
            upright(right - 26, TOP, MIDDLE - 22, 44);
            line("wire", right - 26, MIDDLE + 22, right - 26, BOTTOM);
        }
    }

    private void upright(double x, double from, double top, double high) {
        line("wire", x, from, x, top);
        body(fitted().endOfLineOhms(), x - 7, top, 14, high);
    }

    private Value metres(Cable cable) {
        return field(
                "Cable length",
                Figures.plain(cable.metres()) + " m",
                "cable length",
                metres -> ofCable(cable, its -> Edits.cableMetres(its.id(), metres)));
    }

    private Part conductor(Cable cable) {
        return Choice.of(
                "Conductor",
                conductors,
                cable.conductor(),
                Conductor::name,
                chosen -> actions()
                        .applyToPicked(
                                "conductor",
                                view().point().id(),
                                ofCable(cable, its -> Edits.cableConductor(its.id(), chosen))));
    }

    private Value celsius(String name, Cable cable, double celsius, boolean coldest) {
        return field(
                name,
                Figures.plain(celsius) + " °C",
                "cable temperatures",
                degrees -> ofCable(
                        cable,
                        its -> Edits.cableCelsius(
                                its.id(),
                                coldest ? degrees : its.coldestCelsius(),
                                coldest ? its.hottestCelsius() : degrees)));
    }

    /// The cable that is drawn, and for other points that are picked their own.
    private Function<PointId, Edit> ofCable(Cable drawn, Function<Cable, Edit> edit) {
        return id -> id.equals(view().point().id()) ? edit.apply(drawn) : Edits.ofCableTo(id, edit);
    }
}
