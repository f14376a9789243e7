package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.TitleBlock;
import io.answerback.core.panel.LearningEdits;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallJob;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class AssessorTest {
    private final Assessor assessor = new Assessor(SmallJob.EVENTS);
    private final Job job = SmallJob.job();

    @Test
    void aSoundPointHasASoundChainUpToTheStation() {
        PointResult point = assessor.assess(job).point(new PointId("02")).orElseThrow();
        assertThat(point.worst(Link.POINT, Link.ROUTE)).isEqualTo(Mark.SOUND);
        assertThat(point.chain().of(Link.STATION).mark()).isEqualTo(Mark.NOT_DONE);
        // 5 V · 2218.6 / (2218.6 + 4700) = 1.60 V
        assertThat(point.chain().of(Link.INPUT).line()).startsWith("1.60 V");
        assertThat(point.chain().of(Link.EVENT).line()).isEqualTo("#1234 · 01 · 002");
    }

    @Test
    void aFactIsComputedWhenItIsAskedAndAgainOnlyWhileItIsAsked() {
        AtomicInteger computed = new AtomicInteger();
        Fact<Double> metres = Fact.of("metres of cable", facts -> {
            computed.incrementAndGet();
            return facts.cables().stream().mapToDouble(Cable::metres).sum();
        });
        CableId cable = job.cables().getFirst().id();
        Assessment first = assessor.assess(Edits.cableMetres(cable, 10).on(job));
        assertThat(computed).hasValue(0);
        double before = first.get(metres);
        Assessment second = assessor.assess(Edits.cableMetres(cable, 11).on(job), first);
        assertThat(computed).as("asked of the one before").hasValue(2);
        Assessment third = assessor.assess(Edits.cableMetres(cable, 12).on(job), second);
        assertThat(computed).as("not asked of the one before").hasValue(2);
        assertThat(third.get(metres)).isEqualTo(before + 2);
        assertThat(second.get(metres)).isEqualTo(before + 1);
    }

    @Test
    void anEarlierStateStillAnswersForItself() {
        Fact<Double> metres = Fact.of(
                "metres of cable",
                facts -> facts.cables().stream().mapToDouble(Cable::metres).sum());
        CableId cable = job.cables().getFirst().id();
        Assessment first = assessor.assess(Edits.cableMetres(cable, 10).on(job));
        Assessment second = assessor.assess(Edits.cableMetres(cable, 11).on(job), first);
        assertThat(second.get(metres) - first.get(metres)).isEqualTo(1);
    }

    @Test
    void everySystemPointHasAChain() {
        assertThat(assessor.assess(job).points())
                .extracting(PointResult::pointId)
                .containsExactly(
                        new PointId("01"),
                        new PointId("02"),
                        new PointId("03"),
                        new PointId("mains"),
                        new PointId("battery"),
                        new PointId("tamper"),
                        new PointId("path"));
    }

    @Test
    void progressCountsWhatIsDone() {
        Assessment assessment =
                assessor.assess(Edits.zoneType(2, ZoneType.NOT_USED).on(job));
        assertThat(assessment.progress(Stop.LOOP)).isEqualTo(new StopProgress(Stop.LOOP, 3, 3, Mark.SOUND));
        // six of seven points, one receiver with an address, and no communicator yet
        assertThat(assessment.progress(Stop.REPORT)).isEqualTo(new StopProgress(Stop.REPORT, 7, 9, Mark.WRONG));
        int lines = assessment.get(AcceptancePlan.STATES).size();
        assertThat(assessment.progress(Stop.PROVE)).isEqualTo(new StopProgress(Stop.PROVE, 0, lines, Mark.NOT_DONE));
    }

    @Test
    void anEditRecomputesOnlyThePointItTouches() {
        Assessment before = assessor.assess(job);
        Assessment after =
                assessor.assess(Edits.cableMetres(new CableId("C-02"), 500).on(job), before);
        assertThat(after.point(new PointId("01")).orElseThrow())
                .isSameAs(before.point(new PointId("01")).orElseThrow());
        assertThat(after.point(new PointId("02")).orElseThrow())
                .isNotSameAs(before.point(new PointId("02")).orElseThrow());
    }

    /// Building on an earlier assessment must never give anything but what is computed from nothing.
    @Property(tries = 200)
    void buildingOnAnEarlierAssessmentChangesNothing(@ForAll("edits") @Size(max = 8) List<Edit> edits) {
        Job now = job;
        Assessment assessment = assessor.assess(job);
        for (Edit edit : edits) {
            now = edit.on(now);
            assessment = assessor.assess(now, assessment);
        }
        Assessment fresh = assessor.assess(now);
        assertThat(assessment.points()).isEqualTo(fresh.points());
        assertThat(assessment.findings()).isEqualTo(fresh.findings());
        assertThat(assessment.stops()).isEqualTo(fresh.stops());
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        Arbitrary<Edit> one = Arbitraries.of(
                Edits.cableMetres(new CableId("C-01"), 700),
                Edits.cableMetres(new CableId("C-02"), 4000),
                Edits.cableConductor(
                        new CableId("C-03"), new io.answerback.core.model.profile.Conductor("1.0 mm²", 18.1)),
                LoopEdits.parts("", new PointId("01"), wiring -> wiring.withEndOfLineOhms(2700)),
                Edits.zoneType(2, ZoneType.NOT_USED),
                Edits.zoneType(2, ZoneType.ALWAYS),
                Edits.zoneType(4, ZoneType.IMMEDIATE),
                Edits.zoneArea(3, Optional.empty()),
                Edits.account(1, ""),
                Edits.account(2, "ABCD"),
                Edits.unusedFitted(new InputId("P.4"), UnusedTermination.LINK));
        return Arbitraries.oneOf(one, elsewhere()).list();
    }

    /// Edits of what is no part of a loop or its point: set-up, bus, radio, power and practice.
    private static Arbitrary<Edit> elsewhere() {
        LocalDate day = LocalDate.parse("2024-01-01");
        return Arbitraries.of(
                SetupEdits.decide(Decision.SOUNDER_TIME, 0, "25"),
                SetupEdits.decide(Decision.ENTRY_TIME, 1, "200"),
                SetupEdits.decide(Decision.ZONE_CHIME, 2, "yes"),
                SetupEdits.found("zone-type", 2, "3"),
                SetupEdits.user(new PanelProgramming.User(2, "Two", List.of(1), Optional.empty())),
                LearningEdits.service(Optional.of(9)),
                LearningEdits.present(new ModuleId("Panel"), false),
                PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 20, Optional.of(day))),
                PowerEdits.noBattery(new ModuleId("Panel")),
                PowerEdits.load(new LoadFigure(new PointId("01"), 40, 80, LoadFigure.Source.MEASURED)),
                PowerEdits.alarmShare(40),
                PracticeEdits.option("", PracticeOption.ZONE_OFF),
                PracticeEdits.option("", PracticeOption.PER_ZONE),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS, 60),
                PracticeEdits.figure("", RuleFigure.LEAST_LOOP_MARGIN_PERCENT, 60),
                PracticeEdits.reason("scheme:01", "as found"),
                PracticeEdits.people(400),
                PracticeEdits.drawings(new TitleBlock("Firm", "A")),
                new Edit("proof", job -> job.withProofs(List.of())),
                new Edit("modules", job -> job.withModules(List.copyOf(new ArrayList<>(job.modules())))));
    }

    /// What nobody has given is not known, and what rests on it is not sound: a receiver without an address, a
    /// cable without a length.
    @Test
    void aReceiverWithoutAnAddressAndACableWithoutALengthAreNotSound() {
        StopProgress whole = assessor.assess(job).progress(Stop.REPORT);
        Job nowhere = job.withReceivers(
                job.receivers().stream().map(its -> its.withHost("")).toList());
        StopProgress without = assessor.assess(nowhere).progress(Stop.REPORT);
        assertThat(without.done()).isLessThan(whole.done());
        assertThat(without.mark()).isNotEqualTo(Mark.SOUND);
        Assessment unmeasured =
                assessor.assess(Edits.cableMetres(new CableId("C-02"), 0).on(job));
        assertThat(unmeasured
                        .point(new PointId("02"))
                        .orElseThrow()
                        .chain()
                        .of(Link.LOOP)
                        .mark())
                .isEqualTo(Mark.NOT_DONE);
        assertThat(unmeasured.findings())
                .anyMatch(finding -> finding.says().equals("The length of its cable is not known"));
    }
}
