package io.answerback.desktop.loop;

import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.commission.LoopReading;
import io.answerback.core.loop.commission.Readings;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What a meter showed at every loop of one box, in one column: Tab, number, Tab.
final class ReadingsSheet extends FilledSheet {
    private static final int COLUMNS = 5;
    private static final String NO_INPUT = "No input yet";
    private static final List<MeasurementSetup> SETUPS = Stream.of(MeasurementSetup.values())
            .filter(setup -> setup.device().isPresent())
            .toList();

    private final Actions actions;
    private final InstantSource clock;
    private final FaultFinder finder;
    private Optional<ModuleId> box = Optional.empty();
    private MeasurementSetup setup = MeasurementSetup.AT_REST;

    ReadingsSheet(Actions actions, Supplier<Priors> priors, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
        this.finder = new FaultFinder(actions, priors, clock);
    }

    @Override
    public String title() {
        return "What the meter showed";
    }

    @Override
    public String about(WindowState state) {
        long off = state.assessment().get(Readings.FACT).stream()
                .filter(reading -> reading.verdict().off())
                .count();
        long measured = state.assessment().get(Readings.FACT).stream()
                .map(LoopReading::pointId)
                .distinct()
                .count();
        String loops = measured == 1 ? "1 loop measured" : "%d loops measured".formatted(measured);
        return off == 0 ? loops : "%s, %d not as computed".formatted(loops, off);
    }

    @Override
    protected void show(WindowState state) {
        Map<Optional<ModuleId>, List<WiredPoint>> boxes = boxes(state);
        if (!boxes.containsKey(box)) {
            box = boxOf(state, boxes);
        }
        sheet.set(controls(state, boxes), column(state, boxes.getOrDefault(box, List.of())));
        sheet.add(Words.wrapped(
                Words.quiet("Tab, number, Tab. 2218, 2k2, 1.60 V at the connected input and open will do.")));
        showInstrument(state);
    }

    private Group controls(WindowState state, Map<Optional<ModuleId>, List<WiredPoint>> boxes) {
        return Group.flow(
                        Switch.of(
                                "At",
                                List.copyOf(boxes.keySet()),
                                box,
                                its -> its.map(state.job()::nameOf).orElse(NO_INPUT),
                                chosen -> {
                                    box = chosen;
                                    showAgain();
                                }),
                        Words.quiet("with the devices"),
                        Choice.of(
                                "State of the devices",
                                SETUPS,
                                setup,
                                its -> its.measured().words(),
                                chosen -> {
                                    setup = chosen;
                                    showAgain();
                                }))
                .style("switches");
    }

    /// Loops that can be measured, box by box in the order of their inputs. Where two zones share an input
    /// there is one loop.
    private static Map<Optional<ModuleId>, List<WiredPoint>> boxes(WindowState state) {
        Map<Optional<ModuleId>, List<WiredPoint>> boxes = new LinkedHashMap<>();
        state.job().modules().forEach(module -> boxes.put(Optional.of(module.id()), new ArrayList<>()));
        boxes.put(Optional.empty(), new ArrayList<>());
        state.assessment().points().stream()
                .flatMap(point -> point.wired().stream())
                .filter(wired -> wired.cable().isPresent() && !wired.second())
                .forEach(wired ->
                        boxes.get(wired.input().map(its -> its.module())).add(wired));
        boxes.values().removeIf(List::isEmpty);
        boxes.values()
                .forEach(list -> list.sort(java.util.Comparator.comparing(
                        wired -> wired.input().map(input -> input.number()).orElse(0))));
        return boxes;
    }

    private static Optional<ModuleId> boxOf(WindowState state, Map<Optional<ModuleId>, List<WiredPoint>> boxes) {
        return state.point()
                .wired()
                .flatMap(WiredPoint::input)
                .map(input -> input.module())
                .filter(id -> boxes.containsKey(Optional.of(id)))
                .or(() -> boxes.keySet().stream().findFirst().flatMap(its -> its));
    }

    private Part column(WindowState state, List<WiredPoint> loops) {
        Map<PointId, List<Measurement>> taken =
                state.job().measurements().stream().collect(Collectors.groupingBy(Measurement::pointId));
        Grid.Filling column = Grid.filling("readings");
        column.line(
                Words.whole(Words.quiet("Input")),
                Words.wrapped(Words.quiet("Loop")),
                Words.wrapped(Words.quiet("Should read")),
                Words.wrapped(Words.quiet("Did read, Ω")),
                Words.quiet(""),
                Words.wrapped(Words.quiet("Since last visit")));
        ReadingRow row = new ReadingRow(actions, clock, setup);
        for (WiredPoint wired : loops) {
            if (MeasurementSetup.of(wired.fitted().orElseThrow()).contains(setup)) {
                List<Measurement> its = taken.getOrDefault(wired.point().id(), List.of());
                column.line(
                        setup.id() + " " + wired.point().id(), row.of(wired, LoopReading.of(wired, setup, its), state));
            }
        }
        if (column.size() == 1) {
            column.across(Words.of("empty", "No loop here has this state."), COLUMNS);
        }
        return column.grid();
    }

    private void showInstrument(WindowState state) {
        instrument.clear();
        LoopView.of(state).ifPresent(view -> {
            instrument.add(Words.wrapped(
                    Words.title(view.point().id() + " " + view.point().name())));
            instrument.add(finder.of(state, view));
        });
    }
}
