package io.answerback.desktop.survey;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.edit.AreaEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/// An area drawn as a room: its wall with what is watched in it, and what watches the space inside.
///
/// @param state what the window shows
/// @param tiles the tiles that were shown before, kept where they show the same
record Room(Actions actions, WindowState state, Map<PointId, Shown> tiles) {
    /// The room of an area, or of the points that are in none.
    Part of(Optional<Area> area, List<Point> points) {
        Parts walled = Parts.column().style("room-walls");
        Predicate<Point> opening = point -> point.kind().family().opening();
        points.stream().filter(opening).forEach(point -> walled.add(tile(point, "tile-in-wall")));
        points.stream().filter(opening.negate()).forEach(point -> walled.add(tile(point, "tile-inside")));
        if (points.isEmpty()) {
            walled.add(empty(area.orElseThrow()));
        }
        Group head = area.map(this::head).orElseGet(() -> Group.flow(Words.title("In no area yet")));
        Group room = Group.column(head, walled).style("room");
        return (area.isEmpty() ? room.style("room-none") : room)
                .keyed(area.map(Area::number).orElse(0));
    }

    private Part tile(Point point, String style) {
        boolean picked = state.picks(point.id());
        Shown before = tiles.get(point.id());
        if (before == null || before.assessment() != state.assessment() || before.picked() != picked) {
            before = shown(before, picked, PointTile.of(actions, state, point));
            tiles.put(point.id(), before);
        }
        return before.tile().styled(style).keyed(style + " " + point.id());
    }

    private Shown shown(Shown before, boolean picked, Tile now) {
        boolean same = before != null && before.tile().shows(now);
        return new Shown(state.assessment(), picked, same ? before.tile() : now);
    }

    /// A tile that was shown, and what it rests on.
    record Shown(Assessment assessment, boolean picked, Tile tile) {}

    private Group head(Area area) {
        return Group.flow(
                        Words.of("room-number", "%02d".formatted(area.number())),
                        Value.of(
                                        "Name of area " + area.number(),
                                        area.name(),
                                        typed -> actions.apply(AreaEdits.name(area.number(), typed)))
                                .styled("room-name"),
                        Value.of(
                                "Account of area " + area.number(),
                                area.account().isEmpty() ? "no account" : area.account(),
                                typed -> actions.apply(Edits.account(area.number(), typed))),
                        Words.quiet(setFrom(area))
                                .hint("Where this area is made to watch. Changed on the sheet Inputs."))
                .style("room-head");
    }

    private String setFrom(Area area) {
        String modules = state.job().modules().stream()
                .filter(module -> module.areas().contains(area.number()))
                .map(PanelModule::name)
                .collect(Collectors.joining(", "));
        return modules.isEmpty() ? "no keypad" : modules.toLowerCase(Locale.ROOT);
    }

    private Part empty(Area area) {
        return Group.column(
                        Words.quiet("Nothing is watched here yet."),
                        Tool.link("Take this area away", () -> actions.apply(AreaEdits.remove(area.number()))))
                .style("room-empty");
    }
}
