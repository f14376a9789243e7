package io.answerback.core.report.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.Interval;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Every failure against the rule, what would mend it, and what polls carry.
class AnswerTimesTest {
    private static final ReceiverId A = new ReceiverId("A");
    private static final long RULE = 12_000;

    private final Job job = SmallJob.job();
    private final Job two = PathEdits.add(PathKind.CELLULAR).on(job);

    private static HowLong howLong(Job job, String scenario) {
        Scenario its = Scenario.of(job, EventGroup.ALARM).stream()
                .filter(one -> one.name().equals(scenario))
                .findFirst()
                .orElseThrow();
        return HowLong.of(job, EventGroup.ALARM, its, 0, receiver -> Optional.empty());
    }

    @Test
    void everySingleFailureAndEveryTwoAreCases() {
        String name = job.receiver(A).orElseThrow().name();
        assertThat(Scenario.of(two, EventGroup.ALARM))
                .extracting(Scenario::name)
                .containsExactly(
                        "everything up",
                        "IP down",
                        "cellular down",
                        name + " dead",
                        "IP down and cellular down",
                        "IP down and " + name + " dead",
                        "cellular down and " + name + " dead");
    }

    @Test
    void oneFigureAtATimeIsSolvedAndEachSolutionIsInTime() {
        Job slow = PathEdits.change(
                        PathKind.IP, "all", its -> its.withAttempts(3).withTimeoutMillis(5000))
                .on(two);
        // 3 x 5 s + registers 4 s + answer 1 s = 20 s; the rule allows 12 s
        HowLong down = howLong(slow, "IP down");
        assertThat(down.answered().orElseThrow().millis()).isEqualTo(20_000);
        List<Solution> solutions = Solution.of(slow, down.scenario(), RULE, 0, receiver -> Optional.empty());
        assertThat(solutions)
                .extracting(Solution::words)
                .containsExactly("IP: try once", "IP: wait 2.3 s for each answer");
        for (Solution solution : solutions) {
            assertThat(howLong(solution.edit().on(slow), "IP down")
                            .answered()
                            .orElseThrow()
                            .millis())
                    .isLessThanOrEqualTo(RULE);
        }
        assertThat(Solution.of(slow, Scenario.ALL_UP, RULE, 0, receiver -> Optional.empty()))
                .isEmpty();
    }

    /// 3 x 5 s + registers 4 s + answer 1 s = 20 s against the rule of 12 s.
    @Test
    void aCaseIsJudgedUpToOneFailure() {
        Job slow = PathEdits.change(
                        PathKind.IP, "all", its -> its.withAttempts(3).withTimeoutMillis(5000))
                .on(two);
        AnswerTimes times = new AnswerTimes(RULE, 0, List.of());
        assertThat(times.mark(howLong(slow, "everything up"))).isEqualTo(Mark.SOUND);
        assertThat(times.mark(howLong(slow, "IP down"))).isEqualTo(Mark.WRONG);
        String dead = job.receiver(A).orElseThrow().name() + " dead";
        assertThat(times.mark(howLong(slow, dead))).isEqualTo(Mark.TIGHT);
        assertThat(times.mark(howLong(slow, "IP down and " + dead))).isEqualTo(Mark.NOT_DONE);
        Job without = PathEdits.remove(PathKind.IP).on(job);
        assertThat(times.mark(howLong(without, "everything up"))).isEqualTo(Mark.WRONG);
    }

    @Test
    void registeringCanBeWhatTakesTooLong() {
        Job slow = PathEdits.change(PathKind.CELLULAR, "registration", its -> its.withRegistrationMillis(15_000))
                .on(two);
        assertThat(Solution.of(slow, howLong(slow, "IP down").scenario(), RULE, 0, receiver -> Optional.empty()))
                .extracting(Solution::words)
                .containsExactly("cellular: register in 9.0 s");
    }

    @Test
    void whatOneFailureSilencesIsFound() {
        String name = job.receiver(A).orElseThrow().name();
        assertThat(Found.in(job, "one-failure-silences:IP down")).isEmpty();
        assertThat(Found.in(two, "one-failure-silences:IP down")).isEmpty();
        assertThat(Found.in(two, "one-failure-silences:" + name + " dead")).isPresent();
        Job none = PathEdits.remove(PathKind.IP).on(job);
        assertThat(Found.in(none, "receiver-without-path:A")
                        .flatMap(finding -> finding.mend())
                        .map(mend ->
                                mend.on(none).communicator().paths().getFirst().kind()))
                .contains(PathKind.IP);
        Job line = PathEdits.add(PathKind.LINE).on(job);
        assertThat(Found.in(line, "path-unused:LINE")).isPresent();
        assertThat(Found.in(line, "path-unused:IP")).isEmpty();
    }

    /// Frame and answer by hand: a poll without text is 34 bytes with its stamp from quote to CR, and so on;
    /// here the bytes are counted from the frames in full.
    @Test
    void pollsAreCountedWithWhatTheNetworkAdds() {
        Receiver overUdp = job.receiver(A).orElseThrow().withReception(its -> its.withTransport(Transport.UDP));
        TransmissionPath polled = TransmissionPath.usual(PathKind.IP).withPollSeconds(Optional.of(180));
        DataUse use = DataUse.of(polled, overUdp, "7316");
        String receiver = overUdp.receiverNumber().isEmpty() ? "" : "R" + overUdp.receiverNumber();
        String line = "L" + overUdp.linePrefix();
        int head = 1 + 4 + 4 + 1;
        int poll = head + ("\"NULL\"0001" + receiver + line + "#7316[]_00:00:00,01-01-2026").length();
        int answer = head + ("\"ACK\"0001" + receiver + line + "#7316[]_00:00:00,01-01-2026").length();
        assertThat(use.pollBytes()).isEqualTo(poll + answer + 2 * (20 + 8));
        // 365.2425 / 12 days of polls every 180 s, and 20 events a day
        double polls = 365.2425 / 12 * 86_400 / 180;
        double events = 365.2425 / 12 * 20;
        assertThat(use.megabytesPerMonth()).isEqualTo((polls * use.pollBytes() + events * use.eventBytes()) / 1e6);
        Receiver overTcp = overUdp.withReception(its -> its.withTransport(Transport.TCP));
        assertThat(DataUse.of(polled, overTcp, "7316").pollBytes() - use.pollBytes())
                .isEqualTo(11 * 40 - 2 * 28);
        Receiver secret = overUdp.withReception(its -> its.withKeyBits(128));
        assertThat(DataUse.of(polled, secret, "7316").pollBytes()).isGreaterThan(use.pollBytes());
    }

    @Test
    void aPlanThatIsTooSmallIsFound() {
        Job polled = PathEdits.change(
                        PathKind.CELLULAR,
                        "polls",
                        its -> its.withPollSeconds(Optional.of(90)).withPlanMegabytes(Optional.of(1.0)))
                .on(two);
        assertThat(Found.in(polled, "data-beyond-plan:CELLULAR").orElseThrow().says())
                .matches("The cellular path makes \\d+\\.\\d MB a month, its plan carries 1\\.0 MB");
        Job larger = PathEdits.change(PathKind.CELLULAR, "plan", its -> its.withPlanMegabytes(Optional.of(1000.0)))
                .on(polled);
        assertThat(Found.in(larger, "data-beyond-plan:CELLULAR")).isEmpty();
    }

    @Test
    void aClassSetsThePollsOfBothPaths() {
        Job polled = PathEdits.polls(180, Optional.of(90_000)).on(two);
        assertThat(polled.communicator().paths())
                .extracting(TransmissionPath::pollSeconds)
                .containsExactly(Optional.of(180), Optional.of(90_000));
        TransmissionPath ip = polled.communicator().paths().getFirst();
        double wait = polled.practice().figure(RuleFigure.STATION_WAIT_SECONDS);
        double tries = ip.attempts() * ip.timeoutMillis() / 1000.0;
        assertThat(AnswerTimes.silenceSeconds(polled)).contains((int) (180 + tries + wait));
        assertThat(AnswerTimes.silenceSeconds(two)).isEmpty();
        assertThatThrownBy(() -> PathEdits.polls(180, Optional.of(90_000)).on(job))
                .hasMessage("this class needs two paths over IP or cellular; add one first");
        assertThatThrownBy(() -> PathEdits.earlier(PathKind.IP).on(two)).hasMessageContaining("the first already");
        assertThat(PathEdits.earlier(PathKind.CELLULAR)
                        .on(two)
                        .communicator()
                        .paths()
                        .getFirst()
                        .kind())
                .isEqualTo(PathKind.CELLULAR);
    }

    @ParameterizedTest
    @CsvSource({"5 s,5000", "200 ms,200", "3 min,180000", "25h,90000000", "1.5,1500", "0,0"})
    void timesAreReadAsPeopleWriteThem(String typed, int millis) {
        assertThat(Interval.millis(typed)).isEqualTo(millis);
    }

    @Test
    void whatIsNoTimeIsRefused() {
        Stream.of("", "soon", "-5 s", "5 days", "9999999 h")
                .forEach(typed ->
                        assertThatThrownBy(() -> Interval.millis(typed)).isInstanceOf(IllegalArgumentException.class));
        assertThat(AnswerTimes.words(200)).isEqualTo("0.2 s");
        assertThat(AnswerTimes.words(15_000)).isEqualTo("15 s");
        assertThat(AnswerTimes.words(180_000)).isEqualTo("3 min");
        assertThat(AnswerTimes.words(90_000_000)).isEqualTo("25 h");
    }

    @Test
    void aReceiverThatIsToldNothingFailsNobody() {
        Job untold = ReceiverEdits.told(A, EventGroup.ALARM, io.answerback.core.model.receiver.Told.NEVER)
                .on(job);
        assertThat(Scenario.of(untold, EventGroup.ALARM))
                .extracting(Scenario::name)
                .containsExactly("everything up", "IP down");
    }
}
