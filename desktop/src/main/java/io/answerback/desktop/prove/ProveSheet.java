package io.answerback.desktop.prove;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.prove.proof.ProofState;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Progress;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Which points a station has answered, and which still have to be sent.
public final class ProveSheet extends PartSheet {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM HH:mm:ss", Locale.ENGLISH);
    private static final double NAME_WIDTH = 190;
    private static final double BAR_WIDTH = 200;
    private static final List<String> CAUTIONS = List.of(
            "This proves the programming against the practice station. Prove the real line with the account on test.",
            "Put the account on test before you trip anything, and take it off again.",
            "Warn everybody in the building; protect your ears at sounders.",
            "Gas and fire points come under their own code and licence: this computes, it does not approve.");

    private final Actions actions;
    private final PracticeSession practice;
    private final Kept<Rows> rows = new Kept<>();

    /// The sheet.
    public ProveSheet(Actions actions, PracticeSession practice) {
        this.actions = actions;
        this.practice = practice;
    }

    private static List<PointResult> reported(WindowState state) {
        return state.assessment().points().stream()
                .filter(PointResult::reported)
                .toList();
    }

    @Override
    public String title() {
        return "Which lines have been answered";
    }

    @Override
    public String about(WindowState state) {
        return counts(reported(state));
    }

    @Override
    public List<Part> middle(WindowState state) {
        Progress progress = practice.progress().get();
        List<Part> parts = new ArrayList<>();
        FirstSteps.points(actions).ifPresent(parts::add);
        parts.add(sending(reported(state), progress, Terms.of(state.job().practice())));
        removal(state).ifPresent(parts::add);
        parts.add(rows.of(state.assessment(), () -> rows(reported(state))).growing());
        return parts;
    }

    private Rows rows(List<PointResult> points) {
        List<With> all = new ArrayList<>(group("To be sent", points, Comparator.comparing(ProveSheet::order), false));
        all.addAll(group(
                "Proven", points, Comparator.comparing(point -> point.pointId().text()), true));
        return new Rows("Points that are reported", all, -1);
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("Before you send"));
        CAUTIONS.forEach(caution -> parts.add(Words.caution(caution)));
        return parts;
    }

    private static String counts(List<PointResult> points) {
        long proven = points.stream().filter(PointResult::proven).count();
        long stale = points.stream()
                .filter(point -> point.proof() instanceof ProofState.Stale)
                .count();
        long half = points.stream()
                .filter(point -> point.proof() instanceof ProofState.NotRestored)
                .count();
        long never = points.size() - proven - stale - half;
        return "%d proven · %d stale · %d without a restore · %d never".formatted(proven, stale, half, never);
    }

    private Part sending(List<PointResult> points, Progress progress, Terms terms) {
        long open = points.stream().filter(point -> !point.proven()).count();
        Parts row = Parts.flow();
        if (progress.running()) {
            String count = "%d of %d".formatted(progress.done(), progress.of());
            row.add(
                    new Gauge(progress.done(), Math.max(1, progress.of()), count + " sent").wide(BAR_WIDTH),
                    Text.of(count),
                    Tool.of("Stop", "the rest is not sent", practice::stop));
        } else {
            String words = open == 0 ? "Everything is proven" : "Send the %d that are not proven".formatted(open);
            row.add(Tool.primary(words, practice::sendAllUnproven).enabled(open > 0));
        }
        row.add(Words.quiet("each point active and back to rest, one after another, all areas " + terms.set()));
        return row.style("sending").group();
    }

    /// What the practice station answered for the selected point can be removed, as when it was sent by mistake.
    private Optional<Part> removal(WindowState state) {
        PointResult point = state.point();
        return point.proof() instanceof ProofState.Never
                ? Optional.empty()
                : Optional.of(Parts.flow(Tool.of(
                                "Remove the proof of " + point.name(),
                                "what the practice station answered for it; undo brings it back",
                                () -> actions.apply(Edits.withoutProof(point.pointId()))))
                        .style("switches")
                        .group());
    }

    private List<With> group(String title, List<PointResult> points, Comparator<PointResult> order, boolean proven) {
        List<With> rows = new ArrayList<>(List.of(Words.title(title).keyed(title)));
        points.stream()
                .filter(point -> point.proven() == proven)
                .sorted(order)
                .map(this::row)
                .forEach(rows::add);
        if (rows.size() == 1) {
            rows.add(Words.quiet(proven ? "None yet. Press Space on a point to send it." : "None.")
                    .keyed(title + " none"));
        }
        return rows;
    }

    private static int order(PointResult point) {
        return switch (point.proof()) {
            case ProofState.Stale stale -> 0;
            case ProofState.NotRestored half -> 1;
            case ProofState.Never _, ProofState.Proven _ -> 2;
        };
    }

    private With row(PointResult point) {
        String name = point.wired().isPresent() ? point.pointId() + "  " + point.name() : point.name();
        Mark mark = point.chain().of(Link.STATION).mark();
        return Press.of(
                        point.name() + ": " + mark.word() + ", " + words(point),
                        () -> actions.select(point.pointId()),
                        Marks.of(mark, mark.word(), 5),
                        Words.of("prove-name", name).wide(NAME_WIDTH),
                        Words.wrapped(Words.of("prove-words", words(point))).growing())
                .keyed(point.pointId());
    }

    private static String words(PointResult point) {
        return switch (point.proof()) {
            case ProofState.Never never -> blocked(point).orElse("never answered");
            case ProofState.NotRestored half -> "alarm " + when(half.proof()) + ", restore not answered";
            case ProofState.Stale stale -> "stale: " + stale.why();
            case ProofState.Proven proven ->
                when(proven.proof()) + " · " + proven.proof().roundTripMillis() + " ms · "
                        + proven.proof()
                                .restoredAt()
                                .map(at -> "restore " + time(at))
                                .orElse("no receiver is told of its restore");
        };
    }

    private static Optional<String> blocked(PointResult point) {
        return point.chain().links().stream()
                .filter(link -> link.mark() == Mark.WRONG)
                .findFirst()
                .map(link -> "cannot arrive: " + link.figure() + ", " + link.line());
    }

    private static String when(Proof proof) {
        return time(proof.answeredAt());
    }

    private static String time(Instant at) {
        return TIME.format(at.atZone(ZoneId.systemDefault()));
    }
}
