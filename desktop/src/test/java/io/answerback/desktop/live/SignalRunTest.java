package io.answerback.desktop.live;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.Misbehaviour;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/// A signal's way along the chain against a real station, without a window.
class SignalRunTest implements SignalRun.Screen, Sender.Ways {
    private final List<Run> runs = new ArrayList<>();
    private Job job = quickRoute(DemoJobs.job(1).withProofs(List.of()));
    private final List<ReceiverResult> calls = new ArrayList<>();
    private final InetSocketAddress nowhere = new InetSocketAddress(InetAddress.getLoopbackAddress(), 1);
    private final FrameKeys keys = new FrameKeys(() -> StationKeys.NONE);
    private final List<Duration> waits = new ArrayList<>();
    private Set<String> dead = Set.of();
    private Set<PathKind> cut = Set.of();
    private PracticeStation station;

    /// Two tries of 200 ms, so that a silent station is given up soon, and receivers over IP only.
    private static Job quickRoute(Job demo) {
        TransmissionPath path = TransmissionPath.of(PathKind.IP, 2, 200);
        return demo.withCommunicator(new Communicator("Communicator", List.of(path)))
                .withReceivers(demo.receivers().stream()
                        .filter(receiver -> receiver.format().overIp())
                        .toList());
    }

    @Override
    public void run(Run run) {
        runs.add(run);
    }

    @Override
    public void panel(PanelState state) {}

    @Override
    public void learn(Edit fact) {
        job = fact.on(job);
    }

    @Override
    public InetSocketAddress of(Try one) {
        boolean silent =
                dead.contains(one.receiver().id().text()) || cut(one.path().kind());
        return silent ? nowhere : station.address();
    }

    @Override
    public boolean cut(PathKind kind) {
        return cut.contains(kind);
    }

    private SignalRun start(Misbehaviour how) throws IOException {
        InstantSource clock = InstantSource.system();
        station = PracticeStation.listen(
                InetAddress.getLoopbackAddress(),
                0,
                StationRules.standard(new IpSignals(DataFiles.letters()))
                        .withKeys(keys::ofAccount)
                        .misbehaving(how),
                clock,
                received -> {});
        Sender line = new Sender(this, DataFiles.reporting(), clock, calls::add, keys, waits::add);
        return new SignalRun(line, DataFiles.events(), clock, Duration.ZERO, PanelState.allSet(job), this);
    }

    @AfterEach
    void stop() {
        station.close();
    }

    private PointResult point(String id) {
        return new Assessor(DataFiles.events())
                .assess(job)
                .point(new PointId(id))
                .orElseThrow();
    }

    private LinkState last() {
        return runs.getLast().links().getLast();
    }

    @Test
    void withoutAPathNothingLeaves() throws IOException {
        job = PathEdits.remove(PathKind.IP).on(job);
        start(Misbehaviour.NONE).act(job, point("07"), true);
        assertThat(last().figure()).isEqualTo("no path");
        assertThat(last().mark()).isEqualTo(Mark.WRONG);
        assertThat(job.proofOf(new PointId("07"))).isEmpty();
    }

    @Test
    void aCutPathIsGivenUpAndTheNextRegistersAndAnswers() throws IOException {
        job = PathEdits.add(PathKind.CELLULAR).on(job);
        cut = Set.of(PathKind.IP);
        SignalRun signals = start(Misbehaviour.NONE);
        signals.act(job, point("07"), true);
        assertThat(last().mark()).isEqualTo(Mark.PROVEN);
        assertThat(waits).containsExactly(Duration.ZERO, Duration.ofSeconds(4));
        assertThat(runs.getLast().links())
                .extracting(LinkState::line)
                .contains("Station A gave up after 2 tries; then Station A by cellular, first try");
    }

    @Test
    void eachLinkLightsInTurnAndTheAnswerIsTheSeventh() throws IOException {
        SignalRun signals = start(Misbehaviour.NONE);
        signals.act(job, point("07"), true);
        assertThat(runs.stream().map(run -> run.links().size()).distinct()).containsExactly(1, 2, 3, 4, 5, 6, 7);
        assertThat(runs.getLast().travelling()).isFalse();
        assertThat(last().mark()).isEqualTo(Mark.PROVEN);
        Proof proof = job.proofOf(new PointId("07")).orElseThrow();
        assertThat(proof.upstream()).isEqualTo(point("07").upstream());
        signals.act(job, point("07"), false);
        assertThat(job.proofOf(new PointId("07")).orElseThrow().restoredAt()).isPresent();
        assertThat(point("07").proven()).isTrue();
    }

    @Test
    void aSilentStationLeavesNoProofAndSaysWhy() throws IOException {
        start(Misbehaviour.SILENT).act(job, point("07"), true);
        assertThat(last().link()).isEqualTo(Link.STATION);
        assertThat(last().mark()).isEqualTo(Mark.WRONG);
        assertThat(last().line()).isEqualTo("no answer in time");
        assertThat(runs.getLast().links().get(Link.ROUTE.ordinal()).line())
                .isEqualTo("Station A gave up after 2 tries; then Station A, second receiver gave up after 2 tries");
        assertThat(job.proofs()).isEmpty();
    }

    @Test
    void aDeadReceiverIsGivenUpAndTheNextAnswers() throws IOException {
        dead = Set.of("A1");
        start(Misbehaviour.NONE).act(job, point("07"), true);
        LinkState route = runs.getLast().links().get(Link.ROUTE.ordinal());
        assertThat(route.mark()).isEqualTo(Mark.TIGHT);
        assertThat(route.line())
                .startsWith("Station A gave up after 2 tries; then Station A, second receiver, first try");
        assertThat(job.proofOf(new PointId("07")).orElseThrow().frame()).contains("R2L0");
    }

    @Test
    void aReceiverThatTakesEncryptedFramesGetsThem() throws IOException {
        job = job.withReceivers(job.receivers().stream()
                .map(receiver -> receiver.withReception(its -> its.withKeyBits(256)))
                .toList());
        start(Misbehaviour.NONE).act(job, point("07"), true);
        assertThat(last().mark()).isEqualTo(Mark.PROVEN);
    }

    @Test
    void aReceiverOnALineHearsTheCallAndMisreadsIt() throws IOException {
        job = PathEdits.add(PathKind.LINE).on(job.withReceivers(DemoJobs.job(1).receivers()));
        start(Misbehaviour.NONE).act(job, point("07"), true);
        assertThat(calls).singleElement().satisfies(call -> {
            assertThat(call.receiver().name()).isEqualTo("Station B");
            assertThat(call.answered()).isTrue();
            assertThat(call.what()).isEqualTo("0423 0423 333F 333F");
            assertThat(call.printout().orElseThrow().misleads()).isTrue();
        });
        assertThat(last().figure()).isEqualTo("answered, misread");
    }

    @Test
    void aRefusalIsNoProof() throws IOException {
        start(Misbehaviour.NAK).act(job, point("07"), true);
        assertThat(last().line()).contains("refused it (NAK)");
        assertThat(job.proofs()).isEmpty();
    }

    @Test
    void theKeySwitchIsProvenByUnsettingAndSetting() throws IOException {
        SignalRun signals = start(Misbehaviour.NONE);
        signals.act(job, point("16"), true);
        assertThat(job.proofOf(new PointId("16")).orElseThrow().frame()).contains("1409 01 007");
        signals.act(job, point("16"), false);
        assertThat(point("16").proven()).isFalse();
        signals.act(job, point("16"), true);
        assertThat(point("16").proven()).isTrue();
    }

    @Test
    void settingAnAreaIsReported() throws IOException {
        SignalRun signals = start(Misbehaviour.NONE);
        assertThat(signals.allSet(job)).isTrue();
        signals.setArea(job, 2, false);
        assertThat(signals.allSet(job)).isFalse();
        signals.act(job, point("07"), true);
        assertThat(last().line()).isEqualTo("area 02 is unset: nothing is sent");
        signals.reset(job);
        assertThat(signals.allSet(job)).isTrue();
    }

    @Test
    void aRouteWithoutAReceiverEndsAtTheRoute() throws IOException {
        SignalRun signals = start(Misbehaviour.NONE);
        job = job.withReceivers(List.of());
        signals.act(job, point("07"), true);
        assertThat(last().link()).isEqualTo(Link.ROUTE);
        assertThat(last().mark()).isEqualTo(Mark.WRONG);
    }

    @Test
    void aTightCableChangeBetweenTryAndProofMakesItStale() throws IOException {
        SignalRun signals = start(Misbehaviour.NONE);
        PointResult before = point("07");
        job = Edits.cableMetres(new CableId("C-17"), 70).on(job);
        signals.act(job, before, true);
        assertThat(point("07").chain().of(Link.STATION).mark()).isEqualTo(Mark.STALE);
    }
}
