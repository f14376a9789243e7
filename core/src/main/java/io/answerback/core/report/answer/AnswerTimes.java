package io.answerback.core.report.answer;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Parts;
import io.answerback.core.report.ReportTables;
import io.answerback.core.setup.Intent;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// How long until somebody answers an alarm of a job, whatever has failed, against the rule.
///
/// @param ruleMillis what the rules allow, in milliseconds
/// @param startMillis how long the panel holds an alarm back before it is sent, in milliseconds
/// @param cases one for each thing or two that can fail, nothing first
public record AnswerTimes(long ruleMillis, long startMillis, List<HowLong> cases) {
    private static final int PANEL = 0;

    public AnswerTimes {
        cases = List.copyOf(cases);
    }

    /// The times of a job.
    public static AnswerTimes of(Job job, ReportTables tables) {
        CallLengths calls = new CallLengths(job, tables);
        long start = startMillis(job);
        return new AnswerTimes(
                ruleMillis(job),
                start,
                Scenario.of(job, EventGroup.ALARM).stream()
                        .map(scenario -> HowLong.of(job, EventGroup.ALARM, scenario, start, calls))
                        .toList());
    }

    private static long ruleMillis(Job job) {
        return Math.round(job.practice().figure(RuleFigure.ANSWER_SECONDS) * 1000);
    }

    private static long startMillis(Job job) {
        return new Intent(job)
                .of(Decision.REPORT_DELAY, PANEL)
                .filter(SettingValue.Amount.class::isInstance)
                .map(value -> Math.round(((SettingValue.Amount) value).value() * 1000))
                .orElse(0L);
    }

    /// The case with the latest answer among those in which no more than one thing has failed.
    public HowLong worst() {
        return cases.stream()
                .filter(one -> one.scenario().failures() <= 1)
                .max(Comparator.comparingLong(
                        one -> one.answered().map(Timeline.Answered::millis).orElse(-1L)))
                .orElseThrow();
    }

    /// Whether somebody answers in time.
    public boolean inTime(HowLong one) {
        return one.answered()
                .filter(answered -> answered.millis() <= ruleMillis)
                .isPresent();
    }

    /// Whether an answer comes later than the rules allow though no more than one thing has failed. What
    /// happens after a second failure is shown and not judged.
    public boolean late(HowLong one) {
        return one.scenario().failures() <= 1 && one.answered().isPresent() && !inTime(one);
    }

    /// How a case stands: sound in time; wrong when late, or without an answer though everything is up; tight
    /// when one failure leaves nobody who answers. What is not known, and what happens after a second failure, is
    /// not judged.
    public Mark mark(HowLong one) {
        if (inTime(one)) {
            return Mark.SOUND;
        }
        int failures = one.scenario().failures();
        if (late(one) || one.nobody() && failures == 0) {
            return Mark.WRONG;
        }
        return one.nobody() && failures == 1 || one.answered().isPresent() ? Mark.TIGHT : Mark.NOT_DONE;
    }

    /// What would let somebody answer in time in a case, each tried; none where it is in time, or nobody
    /// answers at all.
    public List<Solution> solutions(Job job, HowLong one, ReportTables tables) {
        return one.answered().isEmpty()
                ? List.of()
                : Solution.of(job, one.scenario(), ruleMillis, startMillis, new CallLengths(job, tables));
    }

    /// After how many seconds the station notices silence on a polled path: the interval, the tries of one poll,
    /// and the station's own timer. Empty while the job shows nothing by polls.
    public static Optional<Integer> silenceSeconds(Parts job) {
        return job.communicator().paths().stream()
                .flatMap(path -> silenceSeconds(job, path).stream())
                .min(Integer::compare);
    }

    /// The same of one path.
    public static Optional<Integer> silenceSeconds(Parts job, TransmissionPath path) {
        return SilenceUnnoticed.polledSeconds(job, path).map(seconds -> (int) Math.ceil(seconds));
    }

    /// A time in words: "0.2 s", "15 s", "3 min", "25 h".
    public static String words(long millis) {
        double seconds = millis / 1000.0;
        if (seconds < 120) {
            return seconds == Math.rint(seconds) ? Text.of("%.0f s", seconds) : Text.of("%.1f s", seconds);
        }
        return seconds < 7200 ? Text.of("%.0f min", seconds / 60) : Text.of("%.0f h", seconds / 3600);
    }
}
