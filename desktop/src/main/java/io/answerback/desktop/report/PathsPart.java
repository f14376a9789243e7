package io.answerback.desktop.report;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.path.Interval;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.report.answer.AnswerTimes;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// The paths of the communicator in the order in which they are tried, each with its figures.
final class PathsPart {
    private static final String NONE = "none";
    private static final String NOT_KNOWN = "not known";

    private final Actions actions;

    PathsPart(Actions actions) {
        this.actions = actions;
    }

    List<Part> parts(Communicator communicator) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < communicator.paths().size(); i++) {
            parts.add(path(communicator.paths().get(i), i));
        }
        Parts tools = Parts.flow();
        Arrays.stream(PathKind.values())
                .filter(kind -> communicator.paths().stream().noneMatch(path -> path.kind() == kind))
                .forEach(kind -> tools.add(Tool.of(
                        "Add " + kind.words(),
                        "a path that is tried after the others",
                        () -> actions.apply(PathEdits.add(kind)))));
        if (communicator.paths().size() > 1) {
            tools.add(
                    Words.quiet("tried:"),
                    Choice.of(
                            "Order of tries",
                            List.of(PathOrder.values()),
                            communicator.order(),
                            PathOrder::words,
                            order -> actions.apply(PathEdits.order(order))));
        }
        parts.add(tools.style("switches").group());
        return parts;
    }

    private Part path(TransmissionPath path, int place) {
        PathKind kind = path.kind();
        Parts head = Parts.flow(Words.figure(place + 1 + "."), Words.title(kind.words()));
        if (place > 0) {
            head.add(Tool.of("Earlier", "tries it before the one above", () -> actions.apply(PathEdits.earlier(kind))));
        }
        head.add(Tool.of("Remove", "undo brings it back", () -> actions.apply(PathEdits.remove(kind))));
        Parts column = Parts.column(head.style("programming").group(), tries(path));
        if (kind.overIp()) {
            column.add(watched(path));
        }
        return column.style("receiver").group();
    }

    private Part tries(TransmissionPath path) {
        String of = " of " + path.kind().words();
        Parts row = Parts.flow(
                Value.of(
                        "Tries" + of,
                        String.valueOf(path.attempts()),
                        typed -> change(path, "tries", () -> whole(typed), TransmissionPath::withAttempts)),
                Words.quiet(path.attempts() == 1 ? "try, waits" : "tries, each waits"),
                time("Wait" + of, path.timeoutMillis(), path, "time-out", TransmissionPath::withTimeoutMillis));
        if (path.kind().overIp()) {
            row.add(
                    Words.quiet(", an answer takes"),
                    time("Answer" + of, path.answerMillis(), path, "answer", TransmissionPath::withAnswerMillis));
        }
        row.add(
                Words.quiet(", begins after"),
                time("Hold-off" + of, path.holdOffMillis(), path, "hold-off", TransmissionPath::withHoldOffMillis));
        if (path.kind() == PathKind.CELLULAR) {
            row.add(
                    Words.quiet(", registers in"),
                    time(
                            "Registration" + of,
                            path.registrationMillis(),
                            path,
                            "registration",
                            TransmissionPath::withRegistrationMillis));
        }
        return row.style("receiver-row").group();
    }

    private Part watched(TransmissionPath path) {
        String of = " of " + path.kind().words();
        return Parts.flow(
                        Words.quiet("polled every"),
                        Value.of(
                                "Polls" + of,
                                path.pollSeconds()
                                        .map(seconds -> AnswerTimes.words(seconds * 1000L))
                                        .orElse(NONE),
                                typed -> actions.apply(Typed.of(() -> polls(typed))
                                        .then(seconds -> PathEdits.change(
                                                path.kind(), "polls", its -> its.withPollSeconds(seconds))))),
                        Words.quiet(", its plan carries"),
                        Value.of(
                                "Plan" + of,
                                path.planMegabytes()
                                        .map(plan -> Text.of("%.0f MB", plan))
                                        .orElse(NOT_KNOWN),
                                typed -> actions.apply(Typed.of(() -> plan(typed))
                                        .then(plan -> PathEdits.change(
                                                path.kind(), "plan", its -> its.withPlanMegabytes(plan))))),
                        Words.quiet("a month"))
                .style("receiver-row")
                .group();
    }

    private static Optional<Integer> polls(String typed) {
        return typed.strip().equals(NONE) ? Optional.empty() : Optional.of(Interval.seconds(typed));
    }

    private static Optional<Double> plan(String typed) {
        String bare = typed.replaceAll("(?i)mb", "").strip();
        if (bare.equals(NOT_KNOWN) || bare.isEmpty()) {
            return Optional.empty();
        }
        if (!bare.matches("\\d{1,6}(\\.\\d{1,3})?")) {
            throw new IllegalArgumentException("\"" + typed + "\" is no plan; write megabytes a month, such as 10 MB");
        }
        return Optional.of(Double.valueOf(bare));
    }

    private static int whole(String typed) {
        if (!typed.strip().matches("\\d{1,3}")) {
            throw new IllegalArgumentException("\"" + typed.strip() + "\" is no number of tries; write 1 to 20");
        }
        return Integer.parseInt(typed.strip());
    }

    private interface With {
        TransmissionPath of(TransmissionPath path, int value);
    }

    private Value time(String name, int millis, TransmissionPath path, String what, With with) {
        return Value.of(
                name, AnswerTimes.words(millis), typed -> change(path, what, () -> Interval.millis(typed), with));
    }

    private boolean change(TransmissionPath path, String what, Supplier<Integer> value, With with) {
        return actions.apply(Typed.of(value)
                .then(number -> PathEdits.change(path.kind(), what, its -> with.of(its, number))));
    }
}
