package io.answerback.desktop.power;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SupplyNode;
import io.answerback.core.supply.SupplyTree;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/// A supply tree from its output on the left to the farthest devices on the right, with the volts at each. A
/// click on a device goes to its point.
final class TreeDrawing extends Picture {
    private static final double ROW = 34;
    private static final double BOX = 26;
    private static final double GAP = 54;
    private static final double LEAST_WIDE = 150;
    private static final double MOST_WIDE = 250;
    private static final double ROOT = 96;
    private static final double LETTER = 6.6;
    private static final double TIGHT_VOLTS = 0.3;

    private final Actions actions;
    private final SupplyTree tree;
    private final Map<FedId, DeviceVolts> volts = new HashMap<>();
    private final ToDoubleFunction<DeviceVolts> at;
    private final double sourceVolts;
    private double wide;
    private int row;

    TreeDrawing(
            Actions actions,
            SupplyTree tree,
            List<DeviceVolts> devices,
            double sourceVolts,
            ToDoubleFunction<DeviceVolts> at) {
        super("tree-drawing");
        this.actions = actions;
        this.tree = tree;
        this.at = at;
        this.sourceVolts = sourceVolts;
        devices.forEach(device -> volts.put(device.part(), device));
    }

    @Override
    public double height() {
        return Math.max(1, leaves(tree.inAlarm())) * ROW + 8;
    }

    private static int leaves(SupplyNode node) {
        return node.onward().isEmpty()
                ? 1
                : node.onward().stream().mapToInt(TreeDrawing::leaves).sum();
    }

    private static int depth(SupplyNode node) {
        return 1 + node.onward().stream().mapToInt(TreeDrawing::depth).max().orElse(0);
    }

    @Override
    protected void draw(double width) {
        row = 0;
        int depth = depth(tree.inAlarm());
        wide = Math.clamp((width - ROOT - (depth - 1) * GAP) / Math.max(1, depth - 1), LEAST_WIDE, MOST_WIDE);
        double y = middle(0);
        box("tree-root", 0, y - BOX / 2, ROOT, BOX);
        words("path-place", tree.output(), 8, y, Across.LEFT);
        words("figure", "%.2f V".formatted(sourceVolts), ROOT - 6, y, Across.RIGHT);
        onward(tree.inAlarm(), ROOT, y);
    }

    private double middle(int at) {
        return 4 + at * ROW + ROW / 2;
    }

    /// What goes on from a place, the first on its own row and every other below the last.
    private void onward(SupplyNode node, double right, double y) {
        double left = right + GAP;
        for (int i = 0; i < node.onward().size(); i++) {
            SupplyNode next = node.onward().get(i);
            if (i > 0) {
                row++;
            }
            double below = middle(row);
            double bend = right + 10;
            line("tree-line", right, y, bend, y);
            line("tree-line", bend, y, bend, below);
            line("tree-line", bend, below, left, below);
            words("core-word", cable(next), bend + 4, below - 8, Across.LEFT);
            place(next, left, below);
            onward(next, left + wide, below);
        }
    }

    private String cable(SupplyNode node) {
        Optional<Cable> cable = node.cableId().flatMap(actions.now().job()::cable);
        return cable.map(its -> Figures.metres(its.metres())).orElse("");
    }

    private void place(SupplyNode node, double x, double y) {
        Optional<DeviceVolts> device = node.loads().stream()
                .map(load -> volts.get(load.part()))
                .filter(its -> its != null)
                .findFirst();
        String title = device.map(DeviceVolts::title).orElse(node.name());
        Mark mark = device.map(this::mark).orElse(Mark.SOUND);
        Pen.Item box =
                box("tree-place tree-" + mark.name().toLowerCase(java.util.Locale.ROOT), x, y - BOX / 2, wide, BOX);
        box.says("%s, %s: %s".formatted(title, figure(device), mark.word()));
        box.onClick(() -> select(node));
        place(Marks.of(mark, mark.word()), x + 8, y, Across.LEFT).passive();
        words("tree-word", cut(title), x + 22, y, Across.LEFT).passive();
        words("figure", figure(device), x + wide - 6, y, Across.RIGHT).passive();
    }

    private String figure(Optional<DeviceVolts> device) {
        return device.map(its -> at.applyAsDouble(its) <= 0 ? "none" : "%.2f V".formatted(at.applyAsDouble(its)))
                .orElse("");
    }

    private Mark mark(DeviceVolts device) {
        double here = at.applyAsDouble(device);
        if (here <= 0 || here < device.leastVolts()) {
            return Mark.WRONG;
        }
        if (device.leastVolts() <= 0) {
            return Mark.NOT_DONE;
        }
        return here < device.leastVolts() + TIGHT_VOLTS ? Mark.TIGHT : Mark.SOUND;
    }

    private String cut(String title) {
        int letters = (int) ((wide - 88) / LETTER);
        return title.length() <= letters ? title : title.substring(0, letters - 1) + "…";
    }

    private void select(SupplyNode node) {
        node.loads().stream()
                .map(SupplyNode.Load::part)
                .filter(PointId.class::isInstance)
                .map(PointId.class::cast)
                .findFirst()
                .ifPresent(actions::select);
    }
}
