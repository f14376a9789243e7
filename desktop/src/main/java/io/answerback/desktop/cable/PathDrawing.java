package io.answerback.desktop.cable;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.wiring.cores.CoreEnd;
import io.answerback.core.wiring.cores.CorePath;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;

/// The whole way of one core: where it is held, from one side to the other, with the cores between in their
/// colours. A click on a place goes there.
final class PathDrawing extends Picture {
    private static final double Y = 30;
    private static final double STOP = 14;
    private static final double HEIGHT = 62;
    private static final double CORE_HEIGHT = 5;
    private static final double EDGE = 70;
    private static final double LETTER = 6.2;

    private final Actions actions;
    private final CorePath path;

    PathDrawing(Actions actions, CorePath path) {
        super("path-drawing");
        this.actions = actions;
        this.path = path;
    }

    @Override
    public double height() {
        return HEIGHT;
    }

    @Override
    protected void draw(double width) {
        int stops = path.stops().size();
        double step = (width - 2 * EDGE) / (stops - 1);
        for (int i = 0; i + 1 < stops; i++) {
            core(path.cores().get(i), EDGE + i * step, EDGE + (i + 1) * step);
        }
        for (int i = 0; i < stops; i++) {
            stop(i, EDGE + i * step, Math.min(step, 2 * EDGE));
        }
    }

    private void core(CoreEnd core, double x1, double x2) {
        box("core core-" + CoreColour.style(core.colour()), x1, Y - CORE_HEIGHT / 2, x2 - x1, CORE_HEIGHT);
        words("core-word", core.cableId() + " " + core.colour(), (x1 + x2) / 2, Y - 13, Across.CENTER);
    }

    private void stop(int i, double x, double room) {
        CorePath.Stop stop = path.stops().get(i);
        Pen.Item held = box("path-stop", x - STOP / 2, Y - STOP / 2, STOP, STOP);
        held.says("%s, %s: go there".formatted(stop.title(), stop.where()));
        held.onClick(() -> go(i));
        words("path-place", cut(stop.title(), room), x, Y + 15, Across.CENTER).onClick(() -> go(i));
        words("core-word", cut(stop.where(), room), x, Y + 29, Across.CENTER);
    }

    private static String cut(String words, double room) {
        int letters = (int) (room / LETTER);
        return words.length() <= letters ? words : words.substring(0, Math.max(1, letters - 1)) + "…";
    }

    /// To the end of the core beside that stop which is held there.
    private void go(int i) {
        CoreEnd core = path.cores().get(Math.min(i, path.cores().size() - 1));
        Cable cable = actions.now().job().cable(core.cableId()).orElseThrow();
        CableEnd end = actions.now()
                .assessment()
                .get(CorePlan.FACT)
                .at(cable, CableEnd.NEAR)
                .filter(box -> box.place().equals(path.stops().get(i).place()))
                .map(box -> CableEnd.NEAR)
                .orElse(CableEnd.FAR);
        actions.focus(cable, end, core.colour());
    }
}
