package io.answerback.desktop.setup;

import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.panel.behaviour.EntryRemedies;
import io.answerback.core.panel.behaviour.EntryWalk;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A way in from a door to a keypad, walked with a watch, against the entry time: what is passed when, and what
/// would help where it is too slow.
final class WayInSheet extends FilledSheet {
    private final Actions actions;

    WayInSheet(Actions actions) {
        this.actions = actions;
        instrument.set(
                Words.title("How to walk it"),
                Words.wrapped(
                        Words.quiet(
                                "At the pace of the slowest user, with what they carry: open the door, start the watch, read it at every detector that sees you, and when the last digit is typed.")),
                Words.caution("Walk it once with the site set and the station told, before you leave."));
    }

    @Override
    public String title() {
        return "Can they get in?";
    }

    @Override
    public String about(WindowState state) {
        return "from the door to the keypad";
    }

    @Override
    protected void show(WindowState state) {
        Job job = state.job();
        sheet.clear();
        add(job).ifPresent(sheet::add);
        List<EntryWalk> walks = state.assessment().get(EntryWalk.ALL);
        if (walks.isEmpty()) {
            sheet.add(Words.empty("No way in was walked yet: choose the door one comes in by."));
        }
        walks.forEach(walk -> sheet.add(walk(job, walk)));
    }

    /// Doors that start an entry time and were not walked from.
    private Optional<Group> add(Job job) {
        List<Point> doors = job.points().stream()
                .filter(point -> point.surveyed().type() == ZoneType.ENTRY_EXIT)
                .filter(point -> job.setup().walks().stream()
                        .noneMatch(walk -> walk.from().equals(point.id())))
                .toList();
        Optional<PanelModule> keypad = keypads(job).findFirst();
        if (doors.isEmpty() || keypad.isEmpty()) {
            return Optional.empty();
        }
        Parts row = Parts.flow(Words.quiet("Walk in by"));
        doors.forEach(door -> row.add(Tool.of(
                door.name(),
                "a walk from there to the keypad",
                () -> actions.apply(
                        SetupEdits.walk(new TimedWalk(door.id(), keypad.get().id(), List.of(), 0))))));
        row.style("switches");
        return Optional.of(row.group());
    }

    private static Stream<PanelModule> keypads(Job job) {
        return job.modules().stream()
                .filter(module -> job.kindOf(module)
                        .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                        .isPresent());
    }

    private Part walk(Job job, EntryWalk walk) {
        String door = job.point(walk.walk().from())
                .map(Point::name)
                .orElse(walk.walk().from().text());
        Parts part = Parts.column(Words.section("From " + door, walk.ok() ? "they get in" : "they do not get in"));
        part.style("gaps");
        if (!walk.unready().isEmpty()) {
            part.add(Words.wrapped(Words.of("finding-says", walk.unready())));
        }
        part.add(new WalkDrawing(door, job.nameOf(walk.walk().keypad()), walk), fields(job, walk.walk()));
        EntryRemedies.of(job, walk).forEach(remedy -> part.add(remedy(remedy)));
        return part.group();
    }

    private Group remedy(EntryRemedies.Remedy remedy) {
        Parts row = Parts.flow(
                Tool.of(remedy.says(), remedy.why(), () -> actions.apply(remedy.edit())),
                Words.wrapped(Words.quiet(
                        remedy.why() + (remedy.enough() ? " They get in then." : " It is not enough by itself."))));
        row.style("switches");
        return row.group();
    }

    private Group fields(Job job, TimedWalk walk) {
        Parts row = Parts.flow();
        row.style("switches");
        walk.paces()
                .forEach(pace -> row.add(
                        Words.quiet(job.point(pace.pointId())
                                .map(Point::name)
                                .orElse(pace.pointId().text())),
                        Value.of(
                                "Seconds to " + pace.pointId(),
                                "%.0f s".formatted(pace.seconds()),
                                typed -> paced(walk, pace.pointId(), typed))));
        row.add(
                Words.quiet("code typed at"),
                Choice.of(
                        "Keypad",
                        keypads(job).map(PanelModule::id).toList(),
                        walk.keypad(),
                        job::nameOf,
                        id -> actions.apply(
                                SetupEdits.walk(new TimedWalk(walk.from(), id, walk.paces(), walk.seconds())))),
                Value.of("Seconds to the code", "%.0f s".formatted(walk.seconds()), typed -> reached(walk, typed)),
                Choice.of(
                        "Passed on the way",
                        open(job, walk),
                        null,
                        "also passed",
                        point -> title(point),
                        point -> paced(walk, point.id(), String.valueOf(walk.seconds()))),
                Tool.of(
                        "Forget this walk",
                        "it is of no interest any more",
                        () -> actions.apply(SetupEdits.withoutWalk(walk.from()))));
        return row.group();
    }

    private static String title(Point point) {
        return point.id() + " " + point.name();
    }

    private static List<Point> open(Job job, TimedWalk walk) {
        return job.points().stream()
                .filter(point -> !point.id().equals(walk.from()))
                .filter(point ->
                        walk.paces().stream().noneMatch(pace -> pace.pointId().equals(point.id())))
                .toList();
    }

    private boolean paced(TimedWalk walk, PointId pointId, String typed) {
        return actions.apply(seconds(typed).then(seconds -> {
            List<TimedWalk.Pace> paces = new ArrayList<>(walk.paces());
            paces.removeIf(pace -> pace.pointId().equals(pointId));
            paces.add(new TimedWalk.Pace(pointId, seconds));
            return SetupEdits.walk(new TimedWalk(walk.from(), walk.keypad(), paces, walk.seconds()));
        }));
    }

    private boolean reached(TimedWalk walk, String typed) {
        return actions.apply(seconds(typed)
                .then(seconds -> SetupEdits.walk(new TimedWalk(walk.from(), walk.keypad(), walk.paces(), seconds))));
    }

    private static Typed<Double> seconds(String typed) {
        return FigureReader.read(typed.replace("s", "").strip(), "seconds");
    }
}
