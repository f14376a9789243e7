package io.answerback.desktop.bus;

import io.answerback.bus.BusModule;
import io.answerback.bus.BusState;
import io.answerback.chain.Mark;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.edit.BusEdits;
import io.answerback.job.Bus;
import io.answerback.job.BusAddress;
import io.answerback.job.Job;
import io.answerback.job.Learned;
import io.answerback.job.ModuleSort;
import io.answerback.job.PanelModule;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/// Address by address: what the panel has learned on the left, who is on the wall on the right. What is on one side
/// only
/// has to be put right before the engineer leaves.
final class WallSheet extends Sheet {
    private final Desk desk;
    private final Look look;

    WallSheet(Desk desk, Look look) {
        this.desk = desk;
        this.look = look;
        instrument
                .getChildren()
                .setAll(
                        Words.title("Leave nothing behind"),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "A service keypad that hangs on the bus while the panel restarts or scans is learned with the rest, and reported missing once you have left. Take it off first, or delete its address here and in the panel before you go.")),
                        Words.wrapped(
                                Words.quiet(
                                        "What the panel has learned is read out in its engineer's menu; how is in the maker's manual.")));
    }

    @Override
    public String title() {
        return "What the panel knows, and what is on the wall";
    }

    @Override
    public String about(DeskState state) {
        return "address by address";
    }

    @Override
    public void show(DeskState state) {
        BusState bus = state.assessment().facts().bus();
        Bus known = state.job().bus();
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        table.addRow(
                0,
                Words.title("At"),
                new Region(),
                Words.wrapped(Words.title("The panel has learned")),
                Words.wrapped(Words.title("On the wall")),
                Words.title(""),
                new Region());
        TreeSet<Integer> addresses = new TreeSet<>();
        known.addresses().forEach(given -> addresses.add(given.address()));
        known.learned().forEach(learned -> addresses.add(learned.address()));
        for (int address : addresses) {
            table.addRow(table.getRowCount(), row(state, bus, address));
        }
        Flow tools = new Flow(Tool.of(
                "The panel scans",
                "learns everybody on the wall that has an address; what it has learned before stays",
                () -> desk.apply(BusEdits.scan())));
        service(state).ifPresent(tools.getChildren()::add);
        tools.getStyleClass().add("switches");
        sheet.getChildren().setAll(tools, table);
        if (addresses.isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(
                            Words.of("empty", "No module has an address yet: give them on the sheet before.")));
        }
    }

    /// Hooks a service keypad on at the highest free keypad address, or takes it off.
    private Optional<Node> service(DeskState state) {
        Optional<Integer> now = state.job().bus().service();
        Optional<Integer> free = now.or(() -> freeKeypad(state.job()));
        return free.map(address -> Switch.of(
                "Service keypad", List.of(false, true), now.isPresent(), on -> on ? "at " + address : "off", on -> {
                    desk.apply(BusEdits.service(on ? Optional.of(address) : Optional.empty()));
                }));
    }

    private static Optional<Integer> freeKeypad(Job job) {
        return job.panel().profile().modules().stream()
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .findFirst()
                .flatMap(kind -> BusEdits.free(job, kind.id()).stream().max(Integer::compare));
    }

    private Node[] row(DeskState state, BusState bus, int address) {
        Optional<Learned> learned = state.job().bus().learnedAt(address);
        Optional<BusAddress> given = state.job().bus().at(address);
        Optional<PanelModule> module = given.flatMap(its -> state.job().module(its.module()));
        boolean present =
                module.filter(its -> state.job().bus().present(its.name())).isPresent();
        boolean ghost = learned.isPresent() && !present;
        boolean fits = !ghost
                && module.flatMap(its -> bus.module(its.name()))
                        .filter(its -> its.standing() == BusModule.Standing.LEARNED)
                        .isPresent();
        Mark mark =
                fits ? Mark.SOUND : ghost || learned.isEmpty() && present && known(state) ? Mark.WRONG : Mark.NOT_DONE;
        return new Node[] {
            Words.figure(String.valueOf(address)),
            Marks.of(mark, fits ? "both agree" : ghost ? "expected, and nobody is there" : "not agreed", look.px(4.5)),
            Words.wrapped(new Label(
                    learned.map(its -> its.sort().words()).orElse(known(state) ? "nothing" : "not read out"))),
            Words.whole(new Label(module.map(PanelModule::name).orElse("nobody"))),
            module.<Node>map(its -> presence(its, present)).orElseGet(Region::new),
            learned.filter(its -> ghost)
                    .<Node>map(its -> Tool.of(
                            "Delete from the panel",
                            "it no longer expects anybody at address " + address,
                            () -> desk.apply(BusEdits.forget(address))))
                    .orElseGet(Region::new)
        };
    }

    private static boolean known(DeskState state) {
        return !state.job().bus().learned().isEmpty();
    }

    private Node presence(PanelModule module, boolean present) {
        return Switch.bare(
                module.name(),
                List.of(true, false),
                present,
                on -> on ? "up" : "not up",
                on -> desk.apply(BusEdits.present(module.name(), on)));
    }
}
