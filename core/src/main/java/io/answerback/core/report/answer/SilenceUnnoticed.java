package io.answerback.core.report.answer;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Parts;
import io.answerback.core.setup.Intent;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Whether the station notices that the system is silent within the time the rules give it, by their grade and
/// transmission class (reporting times as in EN 50136-1): by polls of its paths, else by the test message, which
/// is all a dialled line has.
public final class SilenceUnnoticed implements JobCheck {
    /// The station notices silence later than the rules allow.
    public static final Rule RULE = new Rule(
            "silence-unnoticed",
            Stop.REPORT,
            Grade.WRONG,
            "The station notices a silent system later than the rules allow.",
            "An intruder who cuts the line is not noticed until the next message is missed.");

    private static final double SECONDS_AN_HOUR = 3600;
    private static final int LEAST_POLL_SECONDS = 10;
    private static final int MOST_POLL_SECONDS = 200_000;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        double allowed = facts.practice().figure(RuleFigure.REPORTING_HOURS) * SECONDS_AN_HOUR;
        Optional<Double> noticed = noticedSeconds(facts);
        boolean inTime = noticed.filter(seconds -> seconds <= allowed).isPresent();
        return facts.routeReceivers().isEmpty() || inTime
                ? Stream.empty()
                : Stream.of(finding(facts, noticed, allowed));
    }

    /// After how many seconds silence is noticed at the latest, once the last message has got through: the shortest
    /// interval of a path's polls with the tries of one, else the interval of the test message; then the station's
    /// own timer. Empty where it never is.
    static Optional<Double> noticedSeconds(Parts job) {
        return job.communicator().paths().stream()
                .flatMap(path -> polledSeconds(job, path).stream())
                .min(Double::compare)
                .or(() -> new Intent(job)
                        .of(Decision.TEST_INTERVAL, 0)
                        .filter(SettingValue.Amount.class::isInstance)
                        .map(value -> ((SettingValue.Amount) value).value() * SECONDS_AN_HOUR)
                        .filter(seconds -> seconds > 0)
                        .map(seconds -> seconds + stationWaits(job)));
    }

    /// The same of one path by its polls; empty where it is not polled.
    static Optional<Double> polledSeconds(Parts job, TransmissionPath path) {
        return path.pollSeconds().map(seconds -> seconds + triesSeconds(path) + stationWaits(job));
    }

    private static double stationWaits(Parts job) {
        return job.practice().figure(RuleFigure.STATION_WAIT_SECONDS);
    }

    /// How long the tries of one message take: the station has to allow for all of them.
    private static double triesSeconds(TransmissionPath path) {
        return path.attempts() * path.timeoutMillis() / 1000.0;
    }

    /// The longest interval of polls with which silence is noticed in time on every path.
    private static int wantedSeconds(Parts job, double allowed) {
        double tries = job.communicator().paths().stream()
                .filter(path -> path.kind().overIp())
                .mapToDouble(SilenceUnnoticed::triesSeconds)
                .max()
                .orElse(0);
        double left = allowed - tries - stationWaits(job);
        return Math.clamp((long) left, LEAST_POLL_SECONDS, MOST_POLL_SECONDS);
    }

    private static Finding finding(Facts facts, Optional<Double> noticed, double allowed) {
        boolean canPoll = facts.communicator().paths().stream()
                .map(TransmissionPath::kind)
                .anyMatch(kind -> kind.overIp());
        int wanted = wantedSeconds(facts, allowed);
        String within = AnswerTimes.words(Math.round(allowed * 1000));
        Finding found = RULE.finds(
                Begun.reporting(facts) ? Grade.WRONG : Grade.NOTE,
                new Target.OfCommunicator(),
                noticed.map(seconds -> Text.of(
                                "Silence is noticed after %s; the rules ask for %s",
                                AnswerTimes.words(Math.round(seconds * 1000)), within))
                        .orElseGet(() -> Text.of("Silence is never noticed; the rules ask for %s", within)),
                noticed.isPresent()
                                && facts.communicator().paths().stream()
                                        .noneMatch(path -> path.pollSeconds().isPresent())
                        ? "No path is polled, so only a missing test message shows that the system is silent."
                        : "Until then the station cannot tell a quiet night from a cut line.",
                canPoll
                        ? Text.of(
                                "Poll a path every %s, and agree on it with the station: its tries and the station's own timer come on top.",
                                AnswerTimes.words(wanted * 1000L))
                        : "Add an IP or a cellular path and poll it; a dialled line can only send test messages.");
        return canPoll ? found.of("").mendedBy(PathEdits.polls(wanted, Optional.empty())) : found.of("");
    }
}
