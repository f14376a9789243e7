package io.answerback.desktop.prove;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.WalkPractice;
import io.answerback.desktop.live.WalkPractice.Noted;
import io.answerback.desktop.live.WalkSound;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;

/// A live walk: the real communicator is pointed at the practice station, and its signals tick the lines by
/// themselves.
final class WalkSheet extends PartSheet {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ENGLISH);
    private static final double TITLE_WIDTH = 210;
    private static final int SHOWN_NOTES = 12;

    private final Actions actions;
    private final PlanLines lines;
    private final WalkPractice walk;
    private final PracticeSession station;
    private final Engineer engineer;
    private final OnTestPart onTest;
    private final IntConsumer seconds;
    private final PhonePage phone;
    private final WalkSound sound;

    /// @param seconds starts the clock that says what is overdue at 1, and stops it at 0
    WalkSheet(
            Actions actions,
            PlanLines lines,
            WalkPractice walk,
            PracticeSession station,
            Engineer engineer,
            InstantSource clock,
            IntConsumer seconds,
            PhonePage phone,
            WalkSound sound) {
        this.sound = sound;
        this.phone = phone;
        this.seconds = seconds;
        this.actions = actions;
        this.lines = lines;
        this.walk = walk;
        this.station = station;
        this.engineer = engineer;
        this.onTest = new OnTestPart(actions, clock);
    }

    @Override
    public String title() {
        return "Live walk";
    }

    @Override
    public String about(WindowState state) {
        return lines.of(state.assessment()).progress();
    }

    @Override
    public List<Part> middle(WindowState state) {
        lines.of(state.assessment());
        List<Part> parts = new ArrayList<>();
        parts.add(onTest.part(state.job()));
        parts.add(tools());
        if (walk.walk().isPresent()) {
            parts.add(phone.part());
        }
        if (walk.walk().isPresent()) {
            walk.worst().ifPresent(noted -> parts.add(large(state, noted.note())));
        }
        parts.addAll(standing(state.job()));
        parts.add(new Rows("Lines that signals tick", rows(), inSight()).growing());
        return parts;
    }

    private Part tools() {
        Parts row = Parts.flow();
        if (walk.walk().isEmpty()) {
            row.add(
                    Words.quiet("Walked by"),
                    engineer.value(actions, this::showAgain),
                    Tool.primary("Begin the walk", this::begin));
        } else {
            row.add(Tool.of("End the walk", "what was shown stays", this::end), sound());
        }
        row.add(Words.wrapped(Words.quiet(
                "The practice station listens at %s. Point the communicator there; the site network is opened on the sheet \"Station\"."
                        .formatted(station.stationAddress()))));
        return row.style("switches").group();
    }

    private void begin() {
        engineer.then(actions, "Walked by", by -> {
            walk.begin(lines.plan(), by);
            seconds.accept(1);
            return true;
        });
    }

    private void end() {
        phone.close();
        walk.end();
        seconds.accept(0);
    }

    /// The last note, to be read across a room.
    private Part large(WindowState state, WalkNote note) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.wrapped(Words.of(note.kind().wrong() ? "run-order walk-wrong" : "run-order", note.says())));
        if (!note.why().isEmpty()) {
            parts.add(Words.wrapped(Words.of("run-mind", note.why())));
        }
        note.entry().ifPresent(entry -> {
            state.assessment()
                    .get(SetupState.FACT)
                    .sheet()
                    .step(entry, note.number())
                    .ifPresent(step -> parts.addAll(entry(step)));
            parts.add(Tool.of("To the run sheet", "every entry of the panel", () -> toEntry(note)));
        });
        walk.notes().stream()
                .findFirst()
                .filter(last -> last.note() != note)
                .ifPresent(last -> parts.add(
                        Words.wrapped(Words.quiet("Then: " + last.note().says()))));
        return Group.column(parts).style("card");
    }

    /// What walks found and nothing was done about: each stands until its line is shown, or somebody says why it is
    /// nothing.
    private List<Part> standing(Job job) {
        Map<String, List<FoundOnWalk>> bySentence = job.acceptance().found().stream()
                .filter(FoundOnWalk::stands)
                .collect(Collectors.groupingBy(FoundOnWalk::says, LinkedHashMap::new, Collectors.toList()));
        List<Part> parts = new ArrayList<>();
        bySentence.forEach((says, found) -> parts.add(Parts.flow(
                        Marks.of(Mark.WRONG, "found on a walk"),
                        Words.wrapped(Words.of("printed-problem", says)),
                        Words.quiet("until it is shown, or"),
                        Value.of("Why it is dismissed", "dismissed, because…", why -> dismiss(found, why)))
                .style("switches")
                .group()
                .keyed("found " + says)));
        return parts;
    }

    private boolean dismiss(List<FoundOnWalk> standing, String why) {
        return standing.stream()
                .allMatch(its -> actions.apply(Typed.of(() -> AcceptanceEdits.dismissed(its, reason(why)))));
    }

    private static String reason(String typed) {
        if (typed.isBlank()) {
            throw new IllegalArgumentException("Type why it is dismissed, such as: door was opened by a driver");
        }
        return typed.strip();
    }

    /// The entry that makes the panel do what the plan has.
    private static List<Part> entry(EntryStep step) {
        String type = step.entry().map("Type  %s"::formatted).orElse(step.problem());
        return List.of(
                Words.wrapped(Words.of("typing-where", String.join("  ›  ", step.where()))),
                Words.wrapped(Words.of("typing-entry", type)));
    }

    private Part sound() {
        return new Check("Sound", sound.on(), on -> {
            sound.turn(on);
            showAgain();
        });
    }

    private void toEntry(WalkNote note) {
        note.lineId().flatMap(lines.plan()::line).flatMap(AcceptanceLine::point).ifPresent(actions::select);
        actions.go(Stop.SET_UP);
    }

    /// Which row is kept in sight: where somebody is, else that of what came last.
    private int inSight() {
        Optional<String> id = walk.walk()
                .flatMap(LiveWalk::at)
                .or(() -> walk.notes().stream()
                        .findFirst()
                        .flatMap(noted -> noted.note().lineId()));
        List<String> ids = lines.states().stream()
                .map(LineState::line)
                .filter(AcceptanceLine::bySignal)
                .map(AcceptanceLine::id)
                .toList();
        return id.map(ids::indexOf).orElse(-1);
    }

    private List<With> rows() {
        List<With> rows = new ArrayList<>();
        for (LineState state : lines.states()) {
            if (state.line().bySignal()) {
                rows.add(row(state));
            }
        }
        return rows;
    }

    private With row(LineState state) {
        AcceptanceLine line = state.line();
        boolean here =
                walk.walk().flatMap(LiveWalk::at).filter(line.id()::equals).isPresent();
        boolean begun =
                walk.walk().filter(its -> its.begun().containsKey(line.id())).isPresent();
        Mark mark = PlanLines.mark(state);
        String says = begun && state.found().isEmpty() ? "came, waiting for its restore" : PlanLines.standing(state);
        return new Press(
                        here ? "finding story-chosen" : "finding",
                        line.title() + (here ? ", I am here" : ", " + says),
                        () -> walk.at(line.id()),
                        List.of(Group.row(
                                        Marks.of(mark, says),
                                        Words.wrapped(Words.of("told-name", line.title()))
                                                .wide(TITLE_WIDTH),
                                        Group.column(
                                                        Words.wrapped(Words.of(
                                                                "code",
                                                                (here ? "waits for " : "") + PlanLines.wanted(line))),
                                                        Words.wrapped(Words.quiet(here ? "I am here" : says)))
                                                .growing())
                                .style("plan-row")))
                .keyed(line.id());
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("What arrived"));
        if (walk.notes().isEmpty()) {
            parts.add(
                    Words.wrapped(
                            Words.quiet(
                                    "Nothing yet. Press the line of the point you are at; a signal of another point is then named at once.")));
        }
        walk.notes().stream().limit(SHOWN_NOTES).forEach(noted -> parts.add(note(noted)));
        parts.add(Words.caution(
                "Occupants warned; ears protected at sounders; ladder footed. Gas and fire under their own licence."));
        return parts;
    }

    private static Part note(Noted noted) {
        String words = TIME.format(noted.at().atZone(ZoneId.systemDefault())) + "  "
                + noted.note().says();
        return Words.wrapped(Words.of(noted.note().kind().wrong() ? "printed-problem" : "panel-sent", words));
    }
}
