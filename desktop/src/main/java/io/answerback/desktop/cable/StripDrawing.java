package io.answerback.desktop.cable;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CoreEnd;
import io.answerback.core.wiring.cores.FittedPart;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Optional;

/// The terminals of a box as they are printed, with the cores that belong under them hanging from them in their
/// colours. The cores of the selected cable hang lower; a click on a terminal goes to the next cable there.
final class StripDrawing extends Picture {
    private static final double BARE_TOP = 8;
    private static final double PARTS = 40;
    private static final double PART_THICK = 12;
    private static final double TERMINAL = 26;
    private static final double NAME = TERMINAL + 10;
    private static final double CORES = NAME + 12;
    private static final double SHORT_CORE = 22;
    private static final double LONG_CORE = 40;
    private static final double WORD_LINE = 16;
    private static final double LETTER_WIDTH = 7;
    private static final double HEIGHT = BARE_TOP + CORES + LONG_CORE + WORD_LINE + 18;
    private static final double CORE_WIDTH = 4;
    private static final double WIDEST_STEP = 46;

    private final Actions actions;
    private final BoxPlan box;
    private final Optional<CableCores> cable;
    private final Optional<PlannedCore> core;
    private double wordEnd;

    StripDrawing(Actions actions, BoxPlan box, Optional<CableCores> cable, Optional<PlannedCore> core) {
        super("strip-drawing");
        this.actions = actions;
        this.box = box;
        this.cable = cable;
        this.core = core;
    }

    @Override
    public double height() {
        return top() - BARE_TOP + HEIGHT;
    }

    /// Resistors and links stand above the strip they are fitted to.
    private double top() {
        return box.parts().isEmpty() ? BARE_TOP : BARE_TOP + PARTS;
    }

    @Override
    protected void draw(double width) {
        if (box.strip().isEmpty()) {
            return;
        }
        wordEnd = 0;
        List<Terminal> strip = box.strip();
        double step = Math.min(Math.max(WIDEST_STEP, longestName(strip)), (width - 12) / strip.size());
        box("strip", 0, top() - 6, step * strip.size() + 12, NAME + 14);
        for (int i = 0; i < strip.size(); i++) {
            terminal(i, 6 + step * (i + 0.5), step);
        }
        box.parts().forEach(part -> part(part, step));
    }

    /// A resistor or a link on legs from one terminal to the other; two that meet at a terminal stand beside
    /// each other.
    private void part(FittedPart part, double step) {
        double from = 6 + step * (part.from() + 0.5) + 4;
        double to = 6 + step * (part.to() + 0.5) - 4;
        double y = BARE_TOP + PART_THICK / 2;
        line("wire", from, y, from, top());
        line("wire", to, y, to, top());
        line("wire", from, y, to, y);
        if (part.ohms() > 0) {
            double wide = Math.max(18, (to - from) * 0.6);
            Pen.Item body = box("resistor", (from + to - wide) / 2, y - PART_THICK / 2, wide, PART_THICK);
            body.says(part.words(box.strip()));
        }
        words("core-word", part.value(), (from + to) / 2, y + PART_THICK + 2, Across.CENTER);
    }

    private static double longestName(List<Terminal> strip) {
        return strip.stream()
                                .mapToInt(terminal -> terminal.name().length())
                                .max()
                                .orElse(0)
                        * LETTER_WIDTH
                + 10;
    }

    private void terminal(int i, double x, double step) {
        List<CoreEnd> ends = box.under(i);
        boolean on = ends.stream().anyMatch(this::selected);
        double side = Math.min(TERMINAL, step - 4);
        Pen.Item screw = box(on ? "terminal terminal-on" : "terminal", x - side / 2, top(), side, TERMINAL);
        screw.says("%s: %d cores".formatted(TerminationWords.terminal(box.strip(), i), ends.size()));
        screw.onClick(() -> goTo(ends));
        box("terminal-hole", x - 4, top() + TERMINAL / 2 - 4, 8, 8).passive();
        words("terminal-name", box.strip().get(i).name(), x, top() + NAME, Across.CENTER);
        for (int n = 0; n < ends.size(); n++) {
            double at = x + (n - (ends.size() - 1) / 2.0) * Math.min(7, (step - 6) / Math.max(1, ends.size()));
            core(ends.get(n), at);
        }
    }

    private void core(CoreEnd end, double x) {
        boolean on = selected(end);
        boolean looked =
                on && core.filter(its -> its.colour().equals(end.colour())).isPresent();
        double wide = looked ? 2 * CORE_WIDTH : CORE_WIDTH;
        Pen.Item hanging = box(
                "core core-" + CoreColour.style(end.colour()),
                x - wide / 2,
                top() + CORES,
                wide,
                on ? LONG_CORE : SHORT_CORE);
        hanging.says("%s of %s".formatted(end.colour(), end.cableId()));
        hanging.onClick(
                () -> box.cable(end.cableId()).ifPresent(its -> actions.focus(its.cable(), its.end(), end.colour())));
        if (on) {
            double half = end.colour().length() * LETTER_WIDTH / 2;
            boolean touches = x - half < wordEnd;
            words(
                    "core-word",
                    end.colour(),
                    x,
                    top() + CORES + LONG_CORE + 9 + (touches ? WORD_LINE : 0),
                    Across.CENTER);
            wordEnd = touches ? wordEnd : x + half;
        }
    }

    private boolean selected(CoreEnd end) {
        return cable.filter(its -> its.cable().id().equals(end.cableId())).isPresent();
    }

    /// The next cable under the terminal after the one that is selected.
    private void goTo(List<CoreEnd> ends) {
        List<CableId> ids = ends.stream().map(CoreEnd::cableId).distinct().toList();
        if (ids.isEmpty()) {
            return;
        }
        int now = cable.map(its -> ids.indexOf(its.cable().id())).orElse(-1);
        CableId next = ids.get((now + 1) % ids.size());
        box.cable(next).ifPresent(its -> actions.focus(its.cable(), its.end(), ""));
    }
}
