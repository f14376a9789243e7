package io.answerback.desktop.survey;

import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.capacity.ModuleEdits;
import io.answerback.core.capacity.Slot;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Area;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Point;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;

/// A module as its row of inputs: which point is on each, which are free, which are kept for one use; and for
/// a module with keys, the areas it works.
final class ModuleStrip {
    private final OpenJob openJob;
    private final WindowState state;
    private final PanelModule module;
    private final VBox strip = new VBox();

    ModuleStrip(OpenJob openJob, WindowState state, PanelModule module) {
        this.openJob = openJob;
        this.state = state;
        this.module = module;
        Optional<ModuleKind> kind = state.job().panel().profile().module(module.kindId());
        strip.getStyleClass().add("module");
        strip.getChildren().add(head(kind));
        Flow slots = new Flow();
        slots.getStyleClass().add("slots");
        state.assessment().inventory().slots().stream()
                .filter(slot -> slot.input().module().equals(module.id()))
                .sorted(Comparator.comparingInt(slot -> slot.input().number()))
                .forEach(slot -> slots.getChildren().add(slot(slot)));
        if (kind.filter(its -> its.sort() == ModuleSort.KEYPAD).isPresent()) {
            slots.getChildren().add(areas());
        }
        if (!slots.getChildren().isEmpty()) {
            strip.getChildren().add(slots);
        }
    }

    Node node() {
        return strip;
    }

    private Node head(Optional<ModuleKind> kind) {
        Flow head =
                new Flow(name(), Words.quiet(kind.map(ModuleStrip::about).orElse("not one of this panel's modules")));
        head.getStyleClass().add("section");
        if (kind.filter(its -> its.sort() == ModuleSort.BOARD).isEmpty()) {
            head.getChildren()
                    .add(Tool.of(
                            "Take off",
                            "takes " + module.name() + " and its inputs out of the job",
                            () -> openJob.apply(ModuleEdits.remove(module.id()))));
        }
        return head;
    }

    private ValueField name() {
        ValueField name = new ValueField(
                "Name of " + module.name(),
                module.name(),
                typed -> openJob.apply(ModuleEdits.rename(module.id(), typed)));
        name.getStyleClass().add("module-name");
        return name;
    }

    private static String about(ModuleKind kind) {
        List<String> words = new ArrayList<>(List.of(kind.name()));
        if (!kind.radioBand().isEmpty()) {
            words.add(kind.radioBand());
        }
        words.add(kind.ownSupply() ? "own supply and battery" : "%.0f mA".formatted(kind.milliamps()));
        return String.join(" · ", words);
    }

    private Button slot(Slot slot) {
        String text = slot.input().pointId().orElse(new PointId("free")).text();
        String kept = slot.reserved()
                .map(its -> ", kept for %s%s"
                        .formatted(
                                its.use().name().toLowerCase(java.util.Locale.ROOT),
                                its.twoWire() ? " on two wires" : ""))
                .orElse("");
        Button button = new Button(text);
        button.getStyleClass().addAll("slot", slot.free() ? "slot-free" : "slot-used");
        if (slot.reserved().isPresent()) {
            button.getStyleClass().add("slot-kept");
        }
        if (slot.input().pointId().filter(state.selected()::equals).isPresent()) {
            button.getStyleClass().add("slot-selected");
        }
        String says = "%s, zone %02d%s: %s"
                .formatted(state.job().nameOf(slot.input()), slot.input().zone(), kept, pointName(slot));
        button.setAccessibleText(says);
        Hint.on(button, says);
        button.setOnAction(click -> act(slot));
        button.setGraphic(Words.of("slot-number", Integer.toString(slot.input().number())));
        return button;
    }

    private String pointName(Slot slot) {
        return slot.input()
                .pointId()
                .flatMap(state.job()::point)
                .map(Point::name)
                .orElse("free");
    }

    private void act(Slot slot) {
        slot.input().pointId().ifPresentOrElse(openJob::select, () -> wire(slot));
    }

    private void wire(Slot slot) {
        if (state.job().point(state.selected()).isEmpty()) {
            openJob.tell("Select a zone point first; then click the input it goes to.");
        } else {
            openJob.apply(CapacityEdits.wire(
                    state.selected(), Optional.of(slot.input().id())));
        }
    }

    private Node areas() {
        Flow row = new Flow(Words.of("switch-name", "works areas"));
        row.getStyleClass().add("slots");
        for (Area area : state.job().areas()) {
            ToggleButton works = new ToggleButton("%02d".formatted(area.number()));
            works.setSelected(module.areas().contains(area.number()));
            works.setAccessibleText("%s works area %02d %s".formatted(module.name(), area.number(), area.name()));
            Hint.on(works, area.name());
            works.setOnAction(click -> openJob.apply(PracticeEdits.keypadAreas(module.id(), toggled(area.number()))));
            row.getChildren().add(works);
        }
        return row;
    }

    private List<Integer> toggled(int area) {
        List<Integer> areas = new ArrayList<>(module.areas());
        if (!areas.remove(Integer.valueOf(area))) {
            areas.add(area);
        }
        return areas.stream().sorted().toList();
    }
}
