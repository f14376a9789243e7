package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.JobSignals.Sent;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.DtmfDigit;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;

/// What goes over the line: what a message says (grade 1), what the operator reads (2), the check digit by
/// hand (3), the message of a call from its tones (4), and by ear (5).
final class LineExercises {
    private static final int CHOICES = 5;
    private static final double BEFORE_MILLIS = 300;
    private static final String SLIP =
            "The station refuses a message with a wrong digit, or sends help to another door.";

    private LineExercises() {}

    /// A signal of a site.
    private record Message(Assessment site, Sent sent) {
        String digits() {
            return ContactId.encode(sent.signal());
        }
    }

    static Exercise make(int grade, long seed, Material material, Random random) {
        Ask ask = new Ask(ExerciseKind.LINE, grade, seed);
        Assessment site = Exercises.one(
                material.sites().stream()
                        .filter(its -> !JobSignals.of(its.job()).isEmpty())
                        .toList(),
                random,
                "signal that would be sent");
        List<Sent> all = JobSignals.of(site.job());
        Message message = new Message(site, all.get(random.nextInt(all.size())));
        return switch (grade) {
            case 1 -> event(ask, message, material, random);
            case 2 -> printed(ask, message, all, material, random);
            case 3 -> checkDigit(ask, message);
            case 4 -> tones(ask, message);
            default -> byEar(ask, message);
        };
    }

    private static EventTable words(Assessment site, Material material) {
        return material.events().in(Terms.of(site.job().practice()));
    }

    private static Exercise event(Ask ask, Message message, Material material, Random random) {
        String right =
                words(message.site(), material).words(message.sent().signal().event());
        List<String> words = words(message.site(), material).rows().stream()
                .map(row -> row.words())
                .toList();
        return ask.of(
                "Which event does this message carry?",
                List.of("Message as digits: " + message.digits(), "Format: ANSI/SIA DC-05"),
                Choices.of(words, right, CHOICES, random),
                Solution.exactly(
                        right,
                        Text.of("Event %s is \"%s\".", message.sent().signal().event(), right),
                        "If it is taken for another event, the wrong people are called."));
    }

    private static String line(Assessment site, Sent sent, Material material) {
        return new OperatorsList(site.job(), words(site, material)).line(sent.signal());
    }

    private static Exercise printed(Ask ask, Message message, List<Sent> all, Material material, Random random) {
        String right = line(message.site(), message.sent(), material);
        return ask.of(
                "Which line does the operator read?",
                List.of(
                        "Message as digits: " + message.digits(),
                        "Site: " + message.site().job().site().name()),
                Choices.of(
                        all.stream()
                                .map(sent -> line(message.site(), sent, material))
                                .toList(),
                        right,
                        CHOICES,
                        random),
                Solution.exactly(
                        right, Text.of("It comes from %s.", message.sent().of()), SLIP));
    }

    private static Exercise checkDigit(Ask ask, Message message) {
        String digits = message.digits();
        String body = digits.substring(0, digits.length() - 1);
        String right = digits.substring(digits.length() - 1);
        return ask.of(
                "Which check digit ends this message?",
                List.of(
                        "Message without it: " + body,
                        "The digits of a whole message add up to a multiple of 15; a 0 counts 10, B to F count 11 to 15",
                        "A check digit of 10 is sent as 0"),
                List.of(),
                Solution.exactly(right, Text.of("%s ends with %s.", body, right), SLIP));
    }

    private static Exercise tones(Ask ask, Message message) {
        List<String> pairs =
                message.digits().chars().mapToObj(digit -> hertz((char) digit)).collect(Collectors.toList());
        return ask.of(
                        "Which digits does the panel send?",
                        List.of("Pairs of tones in Hz: " + String.join(", ", pairs)),
                        List.of(),
                        Solution.exactly(message.digits(), Text.of("They are %s.", message.digits()), SLIP))
                .withPicture(new Picture.Heard(call(message)));
    }

    private static String hertz(char digit) {
        double[] pair = DtmfDigit.hertz(digit);
        return String.format(Locale.ROOT, "%.0f + %.0f", pair[0], pair[1]);
    }

    private static Exercise byEar(Ask ask, Message message) {
        String right = message.sent().signal().zoneDigits();
        return ask.of(
                        "Listen, or look at the tones. Which zone or user does the call report?",
                        List.of(
                                "The message has 16 digits: account 4, kind 2, qualifier 1, event 3, area 2, zone 3, check 1",
                                "Pairs of tones in Hz: "
                                        + message.digits()
                                                .chars()
                                                .mapToObj(digit -> hertz((char) digit))
                                                .collect(Collectors.joining(", "))),
                        List.of(),
                        Solution.exactly(right, Text.of("%s reports %s.", message.digits(), right), SLIP))
                .withPicture(new Picture.Heard(call(message)));
    }

    private static Call call(Message message) {
        return new CallScript()
                .silence(BEFORE_MILLIS)
                .handshakeOfTones()
                .tones(message.digits())
                .acknowledge(1400)
                .call();
    }
}
