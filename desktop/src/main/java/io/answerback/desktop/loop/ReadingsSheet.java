package io.answerback.desktop.loop;

import io.answerback.core.commission.LoopReading;
import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.fault.Priors;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.site.Measurement;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
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
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/// What a meter showed at every loop of one box, in one column: Tab, number, Tab.
final class ReadingsSheet extends Sheet {
    private static final String NO_INPUT = "No input yet";
    private static final List<MeasurementSetup> SETUPS = Stream.of(MeasurementSetup.values())
            .filter(setup -> setup.device().isPresent())
            .toList();

    private final OpenJob openJob;
    private final Look look;
    private final InstantSource clock;
    private final FaultFinder finder;
    private final GridPane column = new GridPane();
    private final Flow controls = new Flow();
    private final Map<String, ReadingRow> rows = new LinkedHashMap<>();
    private Optional<ModuleId> box = Optional.empty();
    private MeasurementSetup setup = MeasurementSetup.AT_REST;

    ReadingsSheet(OpenJob openJob, Look look, Supplier<Priors> priors, InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
        this.finder = new FaultFinder(openJob, priors, clock);
        controls.getStyleClass().add("switches");
        column.getStyleClass().add("readings");
        sheet.getChildren()
                .setAll(
                        controls,
                        column,
                        Words.wrapped(Words.quiet(
                                "Tab, number, Tab. 2218, 2k2, 1.60 V at the connected input and open will do.")));
    }

    @Override
    public String title() {
        return "What the meter showed";
    }

    @Override
    public String about(WindowState state) {
        long off = state.assessment().readings().stream()
                .filter(reading -> reading.verdict().off())
                .count();
        long measured = state.assessment().readings().stream()
                .map(LoopReading::pointId)
                .distinct()
                .count();
        String loops = measured == 1 ? "1 loop measured" : "%d loops measured".formatted(measured);
        return off == 0 ? loops : "%s, %d not as computed".formatted(loops, off);
    }

    @Override
    public void show(WindowState state) {
        Map<Optional<ModuleId>, List<WiredPoint>> boxes = boxes(state);
        if (!boxes.containsKey(box)) {
            box = boxOf(state, boxes);
        }
        controls.getChildren()
                .setAll(
                        Switch.of(
                                "At",
                                List.copyOf(boxes.keySet()),
                                box,
                                its -> its.map(state.job()::nameOf).orElse(NO_INPUT),
                                chosen -> {
                                    box = chosen;
                                    show(openJob.now());
                                }),
                        Words.quiet("with the devices"),
                        Choice.of(
                                "State of the devices",
                                SETUPS,
                                setup,
                                its -> its.measured().words(),
                                chosen -> {
                                    setup = chosen;
                                    show(openJob.now());
                                }));
        showRows(state, boxes.getOrDefault(box, List.of()));
        showInstrument(state);
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

    /// Rows stay as long as the box and the state do, so that the keyboard stays where it is.
    private void showRows(WindowState state, List<WiredPoint> loops) {
        Map<PointId, List<Measurement>> taken =
                state.job().measurements().stream().collect(Collectors.groupingBy(Measurement::pointId));
        List<WiredPoint> measurable = loops.stream()
                .filter(wired ->
                        MeasurementSetup.of(wired.fitted().orElseThrow()).contains(setup))
                .toList();
        List<String> keys = measurable.stream()
                .map(wired -> setup.id() + " " + wired.point().id())
                .toList();
        if (!keys.equals(List.copyOf(rows.keySet()))) {
            rows.clear();
            column.getChildren().clear();
            head();
            for (int i = 0; i < keys.size(); i++) {
                ReadingRow row = new ReadingRow(openJob, look, clock, setup);
                rows.put(keys.get(i), row);
                row.addTo(column, i + 1);
            }
            if (keys.isEmpty()) {
                column.add(Words.of("empty", "No loop here has this state."), 0, 1, 5, 1);
            }
        }
        for (int i = 0; i < keys.size(); i++) {
            WiredPoint wired = measurable.get(i);
            List<Measurement> its = taken.getOrDefault(wired.point().id(), List.of());
            rows.get(keys.get(i)).show(wired, LoopReading.of(wired, setup, its), state);
        }
    }

    private void head() {
        String[] titles = {"Input", "Loop", "Should read", "Did read, Ω", "", "Since last visit"};
        for (int i = 0; i < titles.length; i++) {
            Label title = Words.wrapped(Words.quiet(titles[i]));
            title.setMinWidth(i == 0 ? Label.USE_PREF_SIZE : 0);
            column.add(title, i, 0);
        }
    }

    private void showInstrument(WindowState state) {
        instrument.getChildren().clear();
        LoopView.of(state).ifPresent(view -> {
            instrument
                    .getChildren()
                    .add(Words.wrapped(
                            Words.title(view.point().id() + " " + view.point().name())));
            instrument.getChildren().addAll(finder.of(state, view));
        });
    }
}
