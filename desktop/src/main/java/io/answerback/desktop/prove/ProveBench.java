package io.answerback.desktop.prove;

import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointResult;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Link;
import io.answerback.core.site.Proof;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Headline;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Progress;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Which points a station has answered, and which still have to be sent.
public final class ProveBench implements Bench {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM HH:mm:ss", Locale.ENGLISH);
    private static final List<String> CAUTIONS = List.of(
            "This proves the programming against the practice station. Prove the real line with the account on test.",
            "Put the account on test before you trip anything, and take it off again.",
            "Warn everybody in the building; protect your ears at sounders.",
            "Gas and fire points come under their own code and licence: this computes, it does not approve.");

    private final OpenJob openJob;
    private final PracticeSession practice;
    private final Look look;
    private final VBox sheet = new VBox();
    private final VBox instrument = new VBox();
    private final Button send = new Button();
    private final ProgressBar bar = new ProgressBar();
    private final Label count = new Label();
    private final Label how = new Label();
    private final Button stop = new Button("Stop");
    private final Flow sending;

    /// The bench.
    public ProveBench(OpenJob openJob, PracticeSession practice, Look look) {
        this.openJob = openJob;
        this.practice = practice;
        this.look = look;
        this.sending = sending();
        sheet.getStyleClass().add("bench");
        instrument.getStyleClass().add("instrument");
        instrument.getChildren().add(Words.title("Before you send"));
        CAUTIONS.forEach(caution -> instrument.getChildren().add(Words.wrapped(Words.of("caution", caution))));
    }

    @Override
    public Node sheet() {
        return sheet;
    }

    @Override
    public Node instrument() {
        return instrument;
    }

    @Override
    public void show(WindowState state) {
        List<PointResult> points = state.assessment().points().stream()
                .filter(PointResult::reported)
                .toList();
        List<Node> parts = new ArrayList<>();
        parts.add(new Headline("Which lines have been answered", counts(points)));
        parts.add(sending);
        showOpen(points);
        how.setText("each point active and back to rest, one after another, all areas "
                + Terms.of(state.job().practice()).set());
        parts.add(group("To be sent", points, Comparator.comparing(ProveBench::order), false));
        parts.add(group(
                "Proven", points, Comparator.comparing(point -> point.pointId().text()), true));
        sheet.getChildren().setAll(parts);
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

    @Override
    public void showPassing() {
        Progress progress = practice.progress().get();
        for (Node node : List.of(bar, count, stop)) {
            node.setVisible(progress.running());
            node.setManaged(progress.running());
        }
        send.setVisible(!progress.running());
        send.setManaged(!progress.running());
        bar.setProgress((double) progress.done() / Math.max(1, progress.of()));
        bar.setAccessibleText("%d of %d sent".formatted(progress.done(), progress.of()));
        count.setText("%d of %d".formatted(progress.done(), progress.of()));
    }

    private Flow sending() {
        stop.setOnAction(click -> practice.stop());
        send.setOnAction(click -> practice.sendAllUnproven());
        send.getStyleClass().add("primary");
        how.getStyleClass().add("quiet");
        Flow row = new Flow(send, bar, count, stop, how);
        row.getStyleClass().add("sending");
        return row;
    }

    private void showOpen(List<PointResult> points) {
        long open = points.stream().filter(point -> !point.proven()).count();
        send.setText(open == 0 ? "Everything is proven" : "Send the %d that are not proven".formatted(open));
        send.setDisable(open == 0);
    }

    private Node group(String title, List<PointResult> points, Comparator<PointResult> order, boolean proven) {
        VBox rows = new VBox(Words.title(title));
        rows.getStyleClass().add("prove-group");
        List<PointResult> members = points.stream()
                .filter(point -> point.proven() == proven)
                .sorted(order)
                .toList();
        members.forEach(point -> rows.getChildren().add(row(point)));
        if (members.isEmpty()) {
            rows.getChildren().add(Words.quiet(proven ? "None yet. Press Space on a point to send it." : "None."));
        }
        return rows;
    }

    private static int order(PointResult point) {
        return switch (point.proof()) {
            case ProofState.Stale stale -> 0;
            case ProofState.NotRestored half -> 1;
            default -> 2;
        };
    }

    private Node row(PointResult point) {
        Label name = new Label(point.wired().isPresent() ? point.pointId() + "  " + point.name() : point.name());
        name.getStyleClass().add("prove-name");
        Label what = Words.wrapped(Words.of("prove-words", words(point)));
        what.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(what, Priority.ALWAYS);
        Mark mark = point.chain().of(Link.STATION).mark();
        name.setPrefWidth(look.px(190));
        name.setMinWidth(look.px(190));
        return new RowButton(
                point.name() + ": " + mark.word() + ", " + words(point),
                () -> openJob.select(point.pointId()),
                Marks.of(mark, mark.word(), look.px(5)),
                name,
                what);
    }

    private static String words(PointResult point) {
        return switch (point.proof()) {
            case ProofState.Never never -> blocked(point).orElse("never answered");
            case ProofState.NotRestored half -> "alarm " + when(half.proof()) + ", restore not answered";
            case ProofState.Stale stale -> "stale: " + stale.why();
            case ProofState.Proven proven ->
                when(proven.proof()) + " · " + proven.proof().roundTripMillis() + " ms · restore "
                        + time(proven.proof().restoredAt().orElseThrow());
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
