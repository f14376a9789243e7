package io.answerback.desktop.bus;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/// The bus from the board outwards, its cables with their metres, its modules with address and volts. Modules
/// no bus cable leads to stand below.
final class LaidDrawing extends Picture {
    private static final double ROW = 46;
    private static final double BOX = 36;
    private static final double ROOT = 84;
    private static final double GAP = 66;
    private static final double LEAST_WIDE = 120;
    private static final double MOST_WIDE = 300;
    private static final double LETTER = 7.2;
    private static final double DIGIT = 8.2;
    private static final double END = 3;

    private final Actions actions;
    private final BusState bus;
    private final PanelModule board;
    private final List<ModuleId> terminated;
    private final Map<BoxId, List<BusState.Branch>> onward = new HashMap<>();
    private final List<BusModule> loose;
    private double wide;
    private int row;

    LaidDrawing(Actions actions, Job job, BusState bus) {
        super("tree-drawing");
        this.actions = actions;
        this.bus = bus;
        board = job.modules().getFirst();
        terminated = job.bus().terminated();
        bus.branches()
                .forEach(branch -> onward.computeIfAbsent(branch.from(), key -> new ArrayList<>())
                        .add(branch));
        loose = bus.modules().stream()
                .filter(module -> module.metres().isEmpty())
                .toList();
    }

    @Override
    public double height() {
        return (leaves(board.id()) + loose.size()) * ROW + (loose.isEmpty() ? 8 : 34);
    }

    private int leaves(BoxId place) {
        List<BusState.Branch> next = onward.getOrDefault(place, List.of());
        return next.isEmpty()
                ? 1
                : next.stream().mapToInt(branch -> leaves(branch.to())).sum();
    }

    private int depth(BoxId place) {
        return 1
                + onward.getOrDefault(place, List.of()).stream()
                        .mapToInt(branch -> depth(branch.to()))
                        .max()
                        .orElse(0);
    }

    @Override
    protected void draw(double width) {
        row = 0;
        int levels = Math.max(1, depth(board.id()) - 1);
        wide = Math.clamp((width - ROOT - levels * GAP) / levels, LEAST_WIDE, MOST_WIDE);
        double y = middle(0);
        box("tree-root", 0, y - BOX / 2, ROOT, BOX);
        words("path-place", board.name(), 10, y, Across.LEFT);
        terminator(board.id(), 2, y);
        branch(board.id(), ROOT, y);
        if (!loose.isEmpty()) {
            double below = leaves(board.id()) * ROW + 22;
            words("core-word", "no bus cable leads to these yet", 0, below - 8, Across.LEFT);
            for (int i = 0; i < loose.size(); i++) {
                module(loose.get(i), 0, below + 4 + i * ROW + BOX / 2);
            }
        }
    }

    private static double middle(int at) {
        return 4 + at * ROW + BOX / 2;
    }

    private void branch(BoxId place, double right, double y) {
        double left = right + GAP;
        List<BusState.Branch> next = onward.getOrDefault(place, List.of());
        for (int i = 0; i < next.size(); i++) {
            if (i > 0) {
                row++;
            }
            double below = middle(row);
            double bend = right + 12;
            line("bus-line", right, y, bend, y);
            line("bus-line", bend, y, bend, below);
            line("bus-line", bend, below, left, below);
            words("core-word", metres(next.get(i).cable()), bend + 4, below - 9, Across.LEFT);
            words("core-word", next.get(i).cable().conductor().name(), bend + 4, below + 9, Across.LEFT);
            String to = next.get(i).toName();
            bus.module(next.get(i).to())
                    .ifPresentOrElse(
                            module -> module(module, left, below),
                            () -> words("path-place", to, left + 4, below, Across.LEFT));
            branch(next.get(i).to(), left + wide, below);
        }
    }

    private void module(BusModule module, double x, double y) {
        Mark mark = mark(module);
        String volts = module.volts()
                .map(device -> !device.lengthsKnown()
                        ? "volts not known"
                        : device.collapsed() ? "no volts" : "%.2f V".formatted(device.atEnd()))
                .orElse("");
        box("tree-place tree-" + mark.name().toLowerCase(Locale.ROOT), x, y - BOX / 2, wide, BOX)
                .says("%s, %s, %s".formatted(module.name(), says(module), volts));
        place(Marks.of(mark, says(module)), x + 8, y, Across.LEFT);
        words("tree-word", cut(module.name(), address(module)), x + 22, y - 8, Across.LEFT);
        words("core-word", says(module), x + 22, y + 9, Across.LEFT);
        words("figure", volts, x + wide - 8, y + 9, Across.RIGHT);
        place(field(module), x + wide - 4, y - 8, Across.RIGHT);
        terminator(module.id(), x + wide - END - 1, y);
    }

    /// A bar where the bus has a terminator: nothing goes on from there.
    private void terminator(ModuleId module, double x, double y) {
        if (terminated.contains(module)) {
            box("bus-terminator", x, y - BOX / 2 + 3, END, BOX - 6).says("terminator");
        }
    }

    private static String metres(Cable cable) {
        return cable.lengthKnown() ? Figures.metres(cable.metres()) : "length?";
    }

    private static Mark mark(BusModule module) {
        if (module.settled()) {
            return module.volts().filter(device -> !device.ok()).isPresent() ? Mark.WRONG : Mark.SOUND;
        }
        if (!module.lengthKnown()) {
            return Mark.NOT_DONE;
        }
        return module.addresses().isEmpty() || !module.present() ? Mark.NOT_DONE : Mark.WRONG;
    }

    private static String says(BusModule module) {
        if (module.addresses().isEmpty()) {
            return "no address yet";
        }
        if (!module.present()) {
            return "not on the wall";
        }
        return module.addresses().size() < module.wanted()
                ? "%d of %d areas".formatted(module.addresses().size(), module.wanted())
                : module.standing().words();
    }

    private String cut(String name, String address) {
        int letters = (int) ((wide - 34 - address.length() * DIGIT) / LETTER);
        return name.length() <= letters ? name : name.substring(0, Math.max(1, letters - 1)) + "…";
    }

    /// Where it answers, such as "at 9" or "at 11–13".
    private static String address(BusModule module) {
        List<BusAddress> given = module.addresses();
        if (given.isEmpty()) {
            return module.kind().sort() == ModuleSort.COMMUNICATOR ? "none" : "address";
        }
        int first = given.getFirst().address();
        int last = given.getLast().address();
        if (given.size() > 2 && last - first == given.size() - 1) {
            return "at %d–%d".formatted(first, last);
        }
        return given.stream().map(BusAddress::address).map(String::valueOf).collect(Collectors.joining(" ", "at ", ""));
    }

    /// A communicator that listens has several addresses, which are given together.
    private Part field(BusModule module) {
        String text = address(module);
        return module.kind().sort() == ModuleSort.COMMUNICATOR
                ? Words.figure(text)
                : Value.of("Address of " + module.name(), text, typed -> set(module, typed));
    }

    private boolean set(BusModule module, String typed) {
        return actions.apply(FigureReader.read(typed.replace("at", "").strip(), "address of " + module.name())
                .then(address -> BusEdits.address(module.id(), address.intValue())));
    }
}
