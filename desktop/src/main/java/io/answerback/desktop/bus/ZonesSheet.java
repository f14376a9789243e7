package io.answerback.desktop.bus;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.bus.BusState;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// Every input with the zone it brings, in one picture; a keypad's input takes over a zone by typing its
/// number.
final class ZonesSheet extends FilledSheet {
    private final Actions actions;
    private final Parts about = Parts.column();

    ZonesSheet(Actions actions) {
        this.actions = actions;
        about.style("gaps");
        instrument.set(about);
    }

    @Override
    public String title() {
        return "Where each zone really is";
    }

    @Override
    public String about(WindowState state) {
        return "module by module, place by place";
    }

    @Override
    protected void show(WindowState state) {
        ZoneMap map = state.assessment().get(BusState.FACT).zones();
        sheet.set(new ZonesDrawing(actions, state.job(), map, state.selected()));
        keypads(state.job(), map).forEach(sheet::add);
        about.clear();
        selected(state.job(), map, state.selected());
        state.job().panel().profile().bus().ifPresent(rule -> rule(state.job(), rule));
    }

    /// How the selected point's zone comes to its number.
    private void selected(Job job, ZoneMap map, PointId pointId) {
        Optional<Input> input = job.inputOf(pointId);
        input.flatMap(its -> map.zone(its.zone())).ifPresent(line -> {
            about.add(Words.title("Zone %02d".formatted(line.zone())));
            about.add(Words.wrapped(Words.quiet("is read from %s%s."
                    .formatted(
                            line.source().map(job::nameOf).orElse("nowhere"),
                            line.takenOver() ? ", which has taken it over" : ""))));
            line.ignored()
                    .forEach(other -> about.add(Words.wrapped(
                            Words.quiet("%s has the same number and is not monitored.".formatted(job.nameOf(other))))));
        });
    }

    private void rule(Job job, BusRule rule) {
        about.add(Words.title("How this panel counts"));
        rule.ranges().stream().filter(range -> range.zonesEach() > 0).forEach(range -> {
            String kinds = range.kinds().stream()
                    .flatMap(id -> job.panel().profile().module(id).stream())
                    .map(kind -> kind.sort().words())
                    .distinct()
                    .collect(Collectors.joining(", "));
            String says = range.offTheBus()
                    ? "%s: zones %d to %d".formatted(kinds, range.firstZone(), range.lastZone())
                    : "%s at address %d: zones from %d, %d each"
                            .formatted(kinds, range.leastAddress(), range.firstZone(), range.zonesEach());
            about.add(Words.wrapped(Words.quiet(says)));
        });
        job.panel()
                .profile()
                .radio()
                .ifPresent(radio -> about.add(Words.wrapped(Words.quiet("by radio: zones %d to %d"
                        .formatted(
                                radio.firstZone(),
                                radio.firstZone()
                                        + job.panel().profile().capacity().radioZones()
                                        - 1)))));
    }

    private List<Group> keypads(Job job, ZoneMap map) {
        return job.inputs().stream()
                .filter(input -> !input.second() && onKeypad(job, input))
                .sorted((one, other) -> job.nameOf(one).compareTo(job.nameOf(other)))
                .map(input -> keypad(job, map, input))
                .toList();
    }

    private static boolean onKeypad(Job job, Input input) {
        return job.kindOf(input.module())
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .isPresent();
    }

    private Group keypad(Job job, ZoneMap map, Input input) {
        boolean takenOver = map.zone(input.zone())
                .filter(line ->
                        line.takenOver() && line.source().filter(input::equals).isPresent())
                .isPresent();
        Parts row = Parts.flow(
                Words.title(job.nameOf(input)),
                Words.quiet(takenOver ? "has taken over zone" : "brings zone"),
                Value.of(
                        "Zone of " + job.nameOf(input),
                        "%02d".formatted(input.zone()),
                        typed -> takeOver(job, input, typed)));
        if (takenOver) {
            row.add(Tool.of(
                    "Release",
                    "it has its own number again, and the zone falls back to the input of that number",
                    () -> actions.apply(BusEdits.release(input.id()))));
        }
        row.style("switches");
        return row.group();
    }

    private boolean takeOver(Job job, Input input, String typed) {
        return actions.apply(FigureReader.read(typed.strip(), "zone of " + job.nameOf(input))
                .then(zone -> BusEdits.takeOver(input.id(), zone.intValue())));
    }
}
