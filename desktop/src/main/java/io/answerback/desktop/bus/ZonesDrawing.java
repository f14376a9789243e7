package io.answerback.desktop.bus;

import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Every module with its inputs side by side, each with the zone it brings and the point on it. An input that
/// is not monitored is crossed out, and a line leads from it to the one that is read in its place.
final class ZonesDrawing extends Picture {
    private static final double NAME = 130;
    private static final double NARROW_NAME = 78;
    private static final double NARROW = 560;
    private static final double ROW = 62;
    private static final double CELL_HEIGHT = 50;
    private static final double GAP = 6;
    private static final int ACROSS = 8;
    private static final double LETTER = 5.8;

    private final Actions actions;

    private record Place(double x, double y) {}

    private final List<List<Input>> rows = new ArrayList<>();
    private final Job job;
    private final ZoneMap map;
    private final PointId selected;
    private double names;

    ZonesDrawing(Actions actions, Job job, ZoneMap map, PointId selected) {
        super("zones-drawing");
        this.actions = actions;
        this.job = job;
        this.map = map;
        this.selected = selected;
        job.modules().forEach(module -> {
            List<Input> its = job.inputs().stream()
                    .filter(input -> input.module().equals(module.id()) && !input.second())
                    .sorted((one, other) -> Integer.compare(one.number(), other.number()))
                    .toList();
            for (int from = 0; from < its.size(); from += ACROSS) {
                rows.add(its.subList(from, Math.min(its.size(), from + ACROSS)));
            }
        });
    }

    @Override
    public double height() {
        return rows.size() * ROW + 6;
    }

    @Override
    protected void draw(double width) {
        names = width < NARROW ? NARROW_NAME : NAME;
        double wide = (width - names) / ACROSS - GAP;
        Set<InputId> ignored = map.ignored();
        Map<InputId, Place> centres = new HashMap<>();
        for (int row = 0; row < rows.size(); row++) {
            double y = 3 + row * ROW;
            Input first = rows.get(row).getFirst();
            if (first.number() == 1 || row == 0) {
                words("path-place", job.nameOf(first.module()), 0, y + CELL_HEIGHT / 2, Across.LEFT);
            }
            for (Input input : rows.get(row)) {
                double x = names + ((input.number() - 1) % ACROSS) * (wide + GAP);
                cell(input, x, y, wide, ignored.contains(input.id()));
                centres.put(input.id(), new Place(x + wide / 2, y + CELL_HEIGHT / 2));
            }
        }
        map.lines()
                .forEach(line -> line.source()
                        .ifPresent(source -> line.ignored()
                                .forEach(other -> leads(centres.get(other.id()), centres.get(source.id())))));
    }

    private void cell(Input input, double x, double y, double wide, boolean ignored) {
        boolean used = input.pointId().isPresent();
        boolean shown = input.pointId().filter(selected::equals).isPresent();
        String style = ignored ? "zone-ignored" : shown ? "zone-selected" : used ? "zone-used" : "zone-unused";
        Pen.Item cell = box("zone-cell " + style, x, y, wide, CELL_HEIGHT);
        cell.says("%s, zone %d%s%s"
                .formatted(
                        job.nameOf(input),
                        input.zone(),
                        input.pointId().map(id -> " point " + id).orElse(", unused"),
                        ignored ? ", not monitored" : ""));
        cell.onClick(() -> input.pointId().ifPresent(actions::select));
        words("figure", number(input), x + 6, y + 10, Across.LEFT).passive();
        String title =
                ignored ? "not monitored" : input.pointId().map(this::title).orElse("free");
        List<String> lines = lines(title, (int) ((wide - 8) / LETTER));
        for (int i = 0; i < lines.size(); i++) {
            words("core-word", lines.get(i), x + 6, y + 26 + 14 * i, Across.LEFT)
                    .passive();
        }
        if (ignored) {
            // its number is struck out, and its words are left readable
            line("zone-cross", x + 3, y + 17, x + 32, y + 4);
        }
    }

    private String title(PointId pointId) {
        return pointId + " " + job.point(pointId).map(Point::name).orElse("");
    }

    /// Words broken into two lines at the most, the second cut off where it is too long.
    private static List<String> lines(String title, int letters) {
        if (title.length() <= letters) {
            return List.of(title);
        }
        int space = title.lastIndexOf(' ', letters);
        String first = space <= 0 ? title.substring(0, letters) : title.substring(0, space);
        String rest = title.substring(first.length()).strip();
        return List.of(first, rest.length() <= letters ? rest : rest.substring(0, Math.max(1, letters - 1)) + "…");
    }

    /// The number of its zone, with that of the second where it tells two apart.
    private String number(Input input) {
        return job.inputs().stream()
                .filter(other -> other.shares().filter(input.id()::equals).isPresent())
                .findFirst()
                .map(other -> "%02d+%02d".formatted(input.zone(), other.zone()))
                .orElse("%02d".formatted(input.zone()));
    }

    private void leads(Place from, Place to) {
        if (from != null && to != null) {
            double down = from.y() + CELL_HEIGHT / 2 + (ROW - CELL_HEIGHT) / 2;
            double side = names - 8;
            path(
                    "zone-lead",
                    from.x(),
                    from.y() + CELL_HEIGHT / 2,
                    from.x(),
                    down,
                    side,
                    down,
                    side,
                    to.y(),
                    names,
                    to.y());
        }
    }
}
