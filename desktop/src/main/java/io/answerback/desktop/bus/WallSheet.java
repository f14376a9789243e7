package io.answerback.desktop.bus;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.BusSteps;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Learned;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.panel.LearningEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/// Address by address: what the panel has learned on the left, who is on the wall on the right. What is on one
/// side only has to be put right before the engineer leaves.
final class WallSheet extends FilledSheet {
    private final Actions actions;
    private final Parts how = Parts.column();

    WallSheet(Actions actions) {
        this.actions = actions;
        instrument.set(
                Words.title("Leave nothing behind"),
                Words.caution(
                        "A service keypad that is on the bus while the panel restarts or scans is learned with the rest, and reported missing once you have left. Take it off first, or delete its address here and in the panel before you go."),
                how);
        how.style("gaps");
    }

    @Override
    public String title() {
        return "What the panel knows, and what is on the wall";
    }

    @Override
    public String about(WindowState state) {
        return "address by address";
    }

    @Override
    protected void show(WindowState state) {
        BusState bus = state.assessment().get(BusState.FACT);
        Bus known = state.job().bus();
        Grid.Filling table = Grid.filling("table", "load-table");
        table.line(
                Words.title("At"),
                Group.space(),
                Words.wrapped(Words.title("The panel has learned")),
                Words.wrapped(Words.title("On the wall")),
                Words.title(""),
                Group.space());
        TreeSet<Integer> addresses = new TreeSet<>();
        known.addresses().forEach(given -> addresses.add(given.address()));
        known.learned().forEach(learned -> addresses.add(learned.address()));
        for (int address : addresses) {
            table.line(address, row(state, bus, address));
        }
        Parts tools = Parts.flow(Tool.of(
                "The panel scans",
                "learns everybody on the wall that has an address; what it has learned before stays",
                () -> actions.apply(LearningEdits.scan())));
        service(state).ifPresent(tools::add);
        tools.add(Words.quiet("read out at"), Value.of("Address that was read out", "address", this::readOut));
        tools.style("switches");
        sheet.set(tools, table);
        how.set(steps(state.job()));
        if (addresses.isEmpty()) {
            sheet.add(Words.empty("No module has an address yet: give them on the sheet before."));
        }
    }

    /// Hooks a service keypad on at the highest free keypad address, or takes it off.
    private Optional<Part> service(WindowState state) {
        Optional<Integer> now = state.job().bus().service();
        Optional<Integer> free = now.or(() -> freeKeypad(state.job()));
        return free.map(address -> Switch.of(
                "Service keypad", List.of(false, true), now.isPresent(), on -> on ? "at " + address : "off", on -> {
                    actions.apply(LearningEdits.service(on ? Optional.of(address) : Optional.empty()));
                }));
    }

    private static Optional<Integer> freeKeypad(Job job) {
        return job.panel().profile().modules().stream()
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .findFirst()
                .flatMap(kind -> BusEdits.free(job, kind.id()).stream().max(Integer::compare));
    }

    private List<Part> row(WindowState state, BusState bus, int address) {
        Optional<Learned> learned = state.job().bus().learnedAt(address);
        Optional<BusAddress> given = state.job().bus().at(address);
        Optional<PanelModule> module = given.flatMap(its -> state.job().module(its.module()));
        boolean present =
                module.filter(its -> state.job().bus().present(its.id())).isPresent();
        boolean ghost = learned.isPresent() && !present;
        boolean fits = !ghost
                && module.flatMap(its -> bus.module(its.id()))
                        .filter(its -> its.standing() == BusModule.Standing.LEARNED)
                        .isPresent();
        Mark mark =
                fits ? Mark.SOUND : ghost || learned.isEmpty() && present && known(state) ? Mark.WRONG : Mark.NOT_DONE;
        return List.of(
                Words.figure(String.valueOf(address)),
                Marks.of(mark, fits ? "both agree" : ghost ? "expected, and nobody is there" : "not agreed"),
                learnt(state, address, learned),
                Words.whole(Text.of(module.map(PanelModule::name).orElse("nobody"))),
                module.<Part>map(its -> presence(its, present)).orElseGet(Group::space),
                learned.filter(its -> ghost)
                        .<Part>map(its -> Tool.of(
                                "Delete it",
                                "it no longer expects anybody at address " + address,
                                () -> actions.apply(LearningEdits.forget(address))))
                        .orElseGet(Group::space));
    }

    /// What was read out at an address: one of the sorts that can answer there, or nothing.
    private Part learnt(WindowState state, int address, Optional<Learned> learned) {
        List<Optional<ModuleSort>> sorts = Stream.concat(
                        Stream.of(Optional.<ModuleSort>empty()),
                        Stream.concat(LearningEdits.sorts(state.job(), address), learned.map(Learned::sort).stream())
                                .distinct()
                                .map(Optional::of))
                .toList();
        return Choice.of(
                        "Learned at address " + address,
                        sorts,
                        learned.map(Learned::sort),
                        sort -> sort.map(ModuleSort::words).orElse(known(state) ? "nothing" : "not read out"),
                        sort -> actions.apply(sort.map(its -> LearningEdits.learned(address, its))
                                .orElseGet(() -> LearningEdits.forget(address))))
                .uncut();
    }

    /// An address that is on no line yet: the panel shows something there, and nobody on the job has it.
    private boolean readOut(String typed) {
        if (!typed.strip().matches("\\d{1,3}")) {
            actions.tell("\"%s\" is no address; type the number the panel shows".formatted(typed));
            return false;
        }
        int address = Integer.parseInt(typed.strip());
        Optional<ModuleSort> first =
                LearningEdits.sorts(actions.now().job(), address).findFirst();
        if (first.isEmpty()) {
            actions.tell("this panel has no address %d for a module".formatted(address));
            return false;
        }
        return actions.apply(LearningEdits.learned(address, first.get()));
    }

    /// The steps of this panel, and which of its modes keeps a service keypad from being learned.
    private static List<Part> steps(Job job) {
        BusSteps steps = job.panel().profile().bus().map(BusRule::steps).orElse(BusSteps.UNKNOWN);
        List<Part> all = new ArrayList<>();
        if (steps.equals(BusSteps.UNKNOWN)) {
            all.add(
                    Words.wrapped(
                            Words.quiet(
                                    "The panel's profile does not say how modules are learned and forgotten: take the maker's manual.")));
            return all;
        }
        listed("The panel forgets one", steps.removing(), all);
        if (steps.temporary().isEmpty()) {
            all.add(Words.wrapped(
                    Words.of("finding-says", "This panel has no mode for a service keypad: it learns every one.")));
        } else {
            listed("A service keypad for the visit", steps.temporary(), all);
        }
        listed("The panel learns one", steps.learning(), all);
        return all;
    }

    private static void listed(String title, List<String> steps, List<Part> all) {
        if (!steps.isEmpty()) {
            all.add(Words.title(title));
        }
        for (int step = 0; step < steps.size(); step++) {
            all.add(Words.wrapped(Words.quiet("%d. %s".formatted(step + 1, steps.get(step)))));
        }
    }

    private static boolean known(WindowState state) {
        return !state.job().bus().learned().isEmpty();
    }

    private Part presence(PanelModule module, boolean present) {
        return Switch.bare(
                module.name(),
                List.of(true, false),
                present,
                on -> on ? "up" : "not up",
                on -> actions.apply(LearningEdits.present(module.id(), on)));
    }
}
