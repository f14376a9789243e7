package io.answerback.desktop.power;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.FedId;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SoundOutput;
import io.answerback.core.supply.Supplies;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Picture;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// The outputs that make sounders, strobes and speakers go, each with a bar of what it gives, and what hangs on
/// it with its current and its volts when the battery is empty.
final class SoundOutputsDrawing extends Picture {
    private static final double ROW = 34;
    private static final double BOX = 26;
    private static final double ROOT = 210;
    private static final double GAP = 60;
    private static final double BAR = 5;
    private static final double BETWEEN = 14;

    private final List<SoundOutput> outputs;
    private final Map<FedId, DeviceVolts> volts;

    SoundOutputsDrawing(Supplies supplies) {
        super("tree-drawing");
        outputs = supplies.sounders().outputs();
        volts = supplies.states().stream()
                .flatMap(state -> state.volts().stream())
                .collect(Collectors.toMap(DeviceVolts::part, device -> device, (one, other) -> one));
    }

    @Override
    public double height() {
        return outputs.stream()
                        .mapToDouble(output -> rows(output) * ROW + BETWEEN)
                        .sum()
                + 4;
    }

    private static int rows(SoundOutput output) {
        return Math.max(1, output.loads().size());
    }

    @Override
    protected void draw(double width) {
        double top = 2;
        for (SoundOutput output : outputs) {
            output(output, top, width);
            top += rows(output) * ROW + BETWEEN;
        }
    }

    private void output(SoundOutput output, double top, double width) {
        double y = top + ROW / 2;
        Mark mark = output.overloaded() ? Mark.WRONG : Mark.SOUND;
        box("tree-root tree-" + mark.name().toLowerCase(java.util.Locale.ROOT), 0, y - BOX / 2, ROOT, BOX + BAR)
                .says(output.title() + ": " + says(output));
        words("path-place", output.title(), 8, y - 1, Across.LEFT);
        words("figure", says(output), ROOT - 8, y - 1, Across.RIGHT);
        bar(output, y + BOX / 2);
        double left = ROOT + GAP;
        for (int i = 0; i < output.loads().size(); i++) {
            double at = y + i * ROW;
            line("tree-line", ROOT, y, ROOT + 12, y);
            line("tree-line", ROOT + 12, y, ROOT + 12, at);
            line("tree-line", ROOT + 12, at, left, at);
            load(output.loads().get(i), left, at, Math.min(360, width - left));
        }
    }

    private static String says(SoundOutput output) {
        return output.limitMilliamps() > 0
                ? "%.0f of %.0f mA".formatted(output.milliamps(), output.limitMilliamps())
                : "%.0f mA".formatted(output.milliamps());
    }

    /// How much of what the output gives is asked of it.
    private void bar(SoundOutput output, double y) {
        if (output.limitMilliamps() > 0) {
            double share = Math.min(1, output.milliamps() / output.limitMilliamps());
            box("sound-there", 0, y, ROOT, BAR);
            box(output.overloaded() ? "sound-over" : "sound-used", 0, y, ROOT * share, BAR);
        }
    }

    private void load(SoundOutput.Load load, double x, double y, double wide) {
        Optional<DeviceVolts> device = Optional.ofNullable(volts.get(load.part()));
        Mark mark = device.map(its -> its.ok() ? Mark.SOUND : Mark.WRONG).orElse(Mark.NOT_DONE);
        String gets = device.map(its -> its.collapsed() ? "no volts" : "%.2f V".formatted(its.atEnd()))
                .orElse("volts not known");
        words("core-word", "%.0f mA".formatted(load.milliamps()), x - 8, y - 9, Across.RIGHT);
        box("tree-place tree-" + mark.name().toLowerCase(java.util.Locale.ROOT), x, y - BOX / 2, wide, BOX)
                .says("%s: %.0f mA, %s".formatted(load.title(), load.milliamps(), gets));
        place(Marks.of(mark, mark.word()), x + 8, y, Across.LEFT).passive();
        words("tree-word", load.title(), x + 22, y, Across.LEFT);
        words("figure", gets, x + wide - 8, y, Across.RIGHT);
    }
}
