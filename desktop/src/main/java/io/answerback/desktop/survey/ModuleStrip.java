package io.answerback.desktop.survey;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.Inventory;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.survey.capacity.Slot;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// A module as its row of inputs: which point is on each, which are free, which are kept for one use; and for
/// a module with keys, the areas it works.
final class ModuleStrip {
    private final Actions actions;
    private final WindowState state;
    private final PanelModule module;
    private final Parts strip = Parts.column();

    ModuleStrip(Actions actions, WindowState state, PanelModule module) {
        this.actions = actions;
        this.state = state;
        this.module = module;
        Optional<ModuleKind> kind = state.job().panel().profile().module(module.kindId());
        strip.style("module");
        strip.add(head(kind));
        Parts slots = Parts.flow();
        slots.style("slots");
        state.assessment().get(Inventory.FACT).slots().stream()
                .filter(slot -> slot.input().module().equals(module.id()))
                .sorted(Comparator.comparingInt(slot -> slot.input().number()))
                .forEach(slot -> slots.add(slot(slot)));
        if (kind.filter(its -> its.sort() == ModuleSort.KEYPAD).isPresent()) {
            slots.add(areas());
        }
        if (!slots.list().isEmpty()) {
            strip.add(slots);
        }
    }

    Part part() {
        return strip.group().keyed(module.id());
    }

    private Part head(Optional<ModuleKind> kind) {
        Parts head =
                Parts.flow(name(), Words.quiet(kind.map(ModuleStrip::about).orElse("not one of this panel's modules")));
        head.style("section");
        if (kind.filter(its -> its.sort() == ModuleSort.BOARD).isEmpty()) {
            head.add(Tool.of(
                    "Take off",
                    "takes " + module.name() + " and its inputs out of the job",
                    () -> actions.apply(ModuleEdits.remove(module.id()))));
        }
        return head.group();
    }

    private Part name() {
        return Value.of(
                        "Name of " + module.name(),
                        module.name(),
                        typed -> actions.apply(ModuleEdits.rename(module.id(), typed)))
                .styled("module-name");
    }

    private static String about(ModuleKind kind) {
        List<String> words = new ArrayList<>(List.of(kind.name()));
        if (!kind.radioBand().isEmpty()) {
            words.add(kind.radioBand());
        }
        words.add(kind.ownSupply() ? "own supply and battery" : "%.0f mA".formatted(kind.milliamps()));
        return String.join(" · ", words);
    }

    private Part slot(Slot slot) {
        String text = slot.input().pointId().map(PointId::text).orElse("free");
        String kept = slot.reserved()
                .map(its -> ", kept for %s%s"
                        .formatted(its.use().name().toLowerCase(Locale.ROOT), its.twoWire() ? " on two wires" : ""))
                .orElse("");
        String says = "%s, zone %02d%s: %s"
                .formatted(state.job().nameOf(slot.input()), slot.input().zone(), kept, pointName(slot));
        List<Part> words =
                List.of(Words.of("slot-number", Integer.toString(slot.input().number())), Words.of("slot-text", text));
        return new Press("slot", says, () -> act(slot), words)
                .styled(styles(slot))
                .hint(says)
                .keyed(slot.input().id());
    }

    private String[] styles(Slot slot) {
        List<String> styles = new ArrayList<>(List.of(slot.free() ? "slot-free" : "slot-used"));
        slot.reserved().ifPresent(its -> styles.add("slot-kept"));
        slot.input().pointId().filter(state.selected()::equals).ifPresent(its -> styles.add("slot-selected"));
        return styles.toArray(String[]::new);
    }

    private String pointName(Slot slot) {
        return slot.input()
                .pointId()
                .flatMap(state.job()::point)
                .map(Point::name)
                .orElse("free");
    }

    private void act(Slot slot) {
        slot.input().pointId().ifPresentOrElse(actions::select, () -> wire(slot));
    }

    private void wire(Slot slot) {
        if (state.job().point(state.selected()).isEmpty()) {
            actions.tell("Select a zone point first; then click the input it goes to.");
        } else {
            actions.apply(CapacityEdits.wire(
                    state.selected(), Optional.of(slot.input().id())));
        }
    }

    private Part areas() {
        Parts row = Parts.flow(Words.of("switch-name", "works areas"));
        row.style("slots");
        for (Area area : state.job().areas()) {
            row.add(new Check(
                            "%02d".formatted(area.number()),
                            module.areas().contains(area.number()),
                            on -> actions.apply(PracticeEdits.keypadAreas(module.id(), toggled(area.number()))))
                    .saying("%s works area %02d %s".formatted(module.name(), area.number(), area.name()))
                    .hint(area.name()));
        }
        return row.group();
    }

    private List<Integer> toggled(int area) {
        List<Integer> areas = new ArrayList<>(module.areas());
        if (!areas.remove(Integer.valueOf(area))) {
            areas.add(area);
        }
        return areas.stream().sorted().toList();
    }
}
