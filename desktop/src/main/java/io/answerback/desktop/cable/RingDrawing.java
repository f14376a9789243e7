package io.answerback.desktop.cable;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.TamperRing;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The tamper ring of a box: from one terminal through every cover in turn to the other, and the covers it
/// passes by below the place where they should be.
final class RingDrawing extends Picture {
    private static final double Y = 20;
    private static final double STATION = 44;
    private static final double LEFT_OUT_Y = 62;
    private static final double HEIGHT = 82;

    private final Actions actions;
    private final BoxPlan box;

    RingDrawing(Actions actions, BoxPlan box) {
        super("ring-drawing");
        this.actions = actions;
        this.box = box;
    }

    @Override
    public double height() {
        return box.ring().leftOut().isEmpty() ? Y + 22 : HEIGHT;
    }

    @Override
    protected void draw(double width) {
        if (!box.ring().wanted()) {
            return;
        }
        TamperRing ring = box.ring();
        List<Optional<CableId>> stations = new ArrayList<>();
        stations.add(Optional.empty());
        ring.joined().forEach(id -> stations.add(Optional.of(id)));
        stations.add(Optional.empty());
        double step = Math.min(92, (width - STATION) / Math.max(1, stations.size() - 1));
        for (int i = 0; i < stations.size(); i++) {
            double x = STATION / 2 + i * step;
            if (i > 0) {
                line("ring", x - step + STATION / 2, Y, x - STATION / 2, Y);
            }
            station(stations.get(i), i == 0, x, step);
        }
        Map<Integer, Integer> there = new HashMap<>();
        for (CableId id : ring.leftOut()) {
            int before = ring.before(id)
                    .map(its -> stations.indexOf(Optional.of(its)))
                    .orElse(0);
            int already = there.merge(before, 1, Integer::sum) - 1;
            leftOut(id, STATION / 2 + (before + 0.5) * step, already * (STATION + 8));
        }
    }

    private void station(Optional<CableId> cableId, boolean first, double x, double step) {
        double wide = Math.min(STATION, step - 8);
        Pen.Item station = box(cableId.isEmpty() ? "ring-end" : "ring-station", x - wide / 2, Y - 12, wide, 24);
        words("figure", cableId.map(CableId::text).orElseGet(() -> endName(first)), x, Y, Across.CENTER)
                .passive();
        cableId.ifPresent(id -> select(station, id));
    }

    /// In a joint box the ring begins with the lid and goes back in the cable it came in.
    private String endName(boolean first) {
        boolean joint = box.place() instanceof JointId;
        if (joint) {
            return first && !box.strip().isEmpty() ? "lid" : trunk();
        }
        return box.strip().stream()
                .filter(terminal -> terminal.use() == TerminalUse.TAMPER)
                .map(terminal -> terminal.name())
                .findFirst()
                .orElse("?");
    }

    private String trunk() {
        return box.cables().stream()
                .filter(cable -> cable.end() == CableEnd.FAR)
                .map(cable -> cable.id().text())
                .findFirst()
                .orElse("?");
    }

    /// Under the place where it belongs; the next ones of that place go to its right.
    private void leftOut(CableId cableId, double place, double beside) {
        double x = place + beside;
        line("ring-missing", place, Y + 4, x, LEFT_OUT_Y - 12);
        Pen.Item station = box("ring-left-out", x - STATION / 2, LEFT_OUT_Y - 12, STATION, 24);
        words("figure", cableId.text(), x, LEFT_OUT_Y, Across.CENTER).passive();
        select(station, cableId);
    }

    private void select(Pen.Item station, CableId cableId) {
        box.cable(cableId).ifPresent(cable -> station.onClick(() -> actions.focus(cable.cable(), cable.end(), "")));
    }
}
