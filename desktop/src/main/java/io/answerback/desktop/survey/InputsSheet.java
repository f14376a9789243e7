package io.answerback.desktop.survey;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.CapacityOption;
import io.answerback.core.survey.capacity.CapacityOptions;
import io.answerback.core.survey.capacity.Count;
import io.answerback.core.survey.capacity.Inventory;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is needed of the panel against what there is: inputs as they lie in their boxes, everything else by
/// count, and the cheapest ways to close a shortfall.
final class InputsSheet extends FilledSheet {
    private static final double TILE_WIDTH = 210;

    private final Actions actions;
    private final RuleShelf shelf;

    InputsSheet(Actions actions, RuleShelf shelf) {
        this.actions = actions;
        this.shelf = shelf;
    }

    @Override
    public String title() {
        return "Is there room for everything";
    }

    @Override
    public String about(WindowState state) {
        return says(state.job(), state.assessment().get(Inventory.FACT));
    }

    @Override
    protected void show(WindowState state) {
        Job job = state.job();
        Inventory inventory = state.assessment().get(Inventory.FACT);
        List<Part> parts = new ArrayList<>();
        parts.add(panel(job));
        parts.add(counts(job, inventory));
        parts.add(shortfall(inventory, state.assessment().get(CapacityOptions.FACT)));
        parts.add(Words.section("Boxes and their inputs", "click a free one to wire the selected point to it"));
        job.modules().forEach(module -> parts.add(new ModuleStrip(actions, state, module).part()));
        parts.add(fit(job.panel().profile()));
        sheet.set(parts);
        showInstrument(state, inventory);
    }

    private static String says(Job job, Inventory inventory) {
        long free = inventory.slots().stream().filter(slot -> slot.free()).count();
        return "%d points · %d inputs, %d of them free"
                .formatted(job.points().size(), inventory.slots().size(), free);
    }

    private Part panel(Job job) {
        Parts row = Parts.flow(
                Words.quiet("Panel"),
                Choice.of(
                        "Panel profile",
                        shelf.profiles(),
                        job.panel().profile(),
                        PanelProfile::name,
                        profile -> actions.apply(CapacityEdits.panel(profile))),
                Words.quiet("People who need a code"),
                Value.of("People who need a code", Integer.toString(job.site().people()), this::people));
        row.style("choices");
        return row.group();
    }

    private boolean people(String typed) {
        if (!typed.strip().matches("\\d{1,4}")) {
            actions.tell("People who need a code is \"%s\"; write a whole number up to 9999".formatted(typed.strip()));
            return false;
        }
        return actions.apply(PracticeEdits.people(Integer.parseInt(typed.strip())));
    }

    private Part counts(Job job, Inventory inventory) {
        List<Part> gauges = new ArrayList<>();
        gauges.add(
                gauge(new Count("inputs", job.points().size(), inventory.slots().size())));
        inventory.counts().forEach(count -> gauges.add(gauge(count)));
        return Group.tiles(TILE_WIDTH, gauges).style("gauges");
    }

    private static Part gauge(Count count) {
        String figure = count.of() == 0 ? "none" : count.used() + " of " + count.of();
        String said = count.over() ? count.used() + ", panel has " + count.of() : figure;
        return Group.column(
                        Group.row(
                                Words.of("gauge-name", count.what()).growing(),
                                Words.of(count.over() ? "gauge-figure-over" : "gauge-figure", said)),
                        new Gauge(count.used(), count.of(), count.what() + ": " + said))
                .keyed(count.what());
    }

    private Part shortfall(Inventory inventory, CapacityOptions ways) {
        Parts rows = Parts.column();
        rows.style("ways");
        if (!inventory.placed().isEmpty()) {
            int placed = inventory.placed().size();
            rows.add(Tool.primary(
                    placed == 1 ? "Give 1 point its input" : "Give %d points their inputs".formatted(placed),
                    () -> actions.apply(CapacityEdits.giveInputs())));
        }
        if (inventory.shortOf() > 0) {
            rows.add(
                    Words.section(
                            inventory.shortOf() == 1
                                    ? "1 input is missing"
                                    : "%d inputs are missing".formatted(inventory.shortOf()),
                            ways.ways().isEmpty()
                                    ? "no mix of modules this panel takes is enough"
                                    : ways.priced()
                                            ? "cheapest first, by the firm's prices"
                                            : "cheapest first: fewest boxes, then mains spurs, modules and current; the firm keeps no prices for them"));
            ways.ways().forEach(way -> rows.add(row(way)));
        }
        ways.ruledOut()
                .forEach(out ->
                        rows.add(Words.wrapped(Words.quiet("Not " + out.kind().name() + ": " + out.why() + "."))));
        return rows.group();
    }

    private Part row(CapacityOption way) {
        Parts row = Parts.flow(
                Words.of("way-says", way.says()),
                Words.figure("%d inputs, %d to spare".formatted(way.inputs(), way.spare())),
                Words.quiet(costs(way)),
                Tool.of(
                        "Fit",
                        "adds them to the job, each with its inputs",
                        () -> actions.apply(CapacityEdits.fit(way.says(), way.modules()))));
        row.style("way");
        return row.group();
    }

    private static String costs(CapacityOption way) {
        List<String> costs = new ArrayList<>();
        costs.add("%d zones".formatted(way.zones()));
        costs.add(some(way.addresses(), "address", "addresses"));
        costs.add(
                way.modules().stream().allMatch(ModuleKind::ownSupply)
                        ? "own supply"
                        : "%.0f mA".formatted(way.milliamps()));
        costs.add(some(way.boxes(), "box", "boxes"));
        way.price().ifPresent(price -> costs.add("price " + Figures.plain(price)));
        if (way.radioZones() > 0) {
            costs.add("%d wireless zones".formatted(way.radioZones()));
        }
        return String.join(" · ", costs);
    }

    private static String some(int count, String one, String many) {
        return count == 1 ? "1 " + one : count + " " + many;
    }

    private Part fit(PanelProfile profile) {
        List<ModuleKind> kinds = profile.modules().stream().skip(1).toList();
        Parts row = Parts.flow(Choice.of(
                "Fit a module",
                kinds,
                null,
                "Fit another module",
                kind -> "%s, %s".formatted(kind.name(), kind.sort().words()),
                kind -> actions.apply(CapacityEdits.fit(kind.name(), List.of(kind)))));
        row.style("choices");
        return row.group();
    }

    private void showInstrument(WindowState state, Inventory inventory) {
        instrument.set(Words.title("Where the selected point goes"));
        Optional<Point> point = state.job().point(state.selected());
        if (point.isEmpty()) {
            instrument.add(Words.wrapped(Words.quiet("Select a zone point in the list.")));
            return;
        }
        Point its = point.get();
        instrument.add(Words.wrapped(Words.of("finding-says", its.id() + " " + its.name())));
        Optional<Input> input = state.job().inputOf(its.id());
        instrument.add(Words.wrapped(Words.of("question", where(state.job(), its, input, inventory))));
        input.ifPresent(wired -> instrument.add(Tool.of(
                "Lift it off",
                "the point then has no input, and its zone is not programmed",
                () -> actions.apply(CapacityEdits.wire(its.id(), Optional.empty())))));
    }

    private static String where(Job job, Point point, Optional<Input> input, Inventory inventory) {
        return input.map(wired -> "%s, zone %02d".formatted(job.nameOf(wired), wired.zone()))
                .or(() -> Optional.ofNullable(inventory.placed().get(point.id()))
                        .map(free -> "No input yet; %s fits, zone %02d".formatted(job.nameOf(free), free.zone())))
                .orElse("No input, and no free one fits it.");
    }
}
