package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.Comparator;
import java.util.List;

/// Every rule there is.
public final class Rules {
    private static final List<PointRule> OF_POINTS = List.of(
            new LoopStateUnsafe(),
            new LoopStateTight(),
            new LoopNotComputed(),
            new ContactUnlikeScheme(),
            new CoverUnwatched(),
            new FaultLooksNormal(),
            new SupplyLossUnseen(),
            new PointWithoutInput(),
            new ZoneWiredButOff(),
            new ZoneWithoutArea(),
            new ZoneUnlikeSurvey(),
            new PointWithoutArea(),
            new EntranceNotDelayed(),
            new WatchesOnlyWhenSet(),
            new LifeSafetyPoint(),
            new SeriesHidesContacts(),
            new SenderOutOfPlace(),
            new LineNeverProven(),
            new ProofStale(),
            new RestoreNeverSeen());

    private static final List<JobRule> OF_JOBS = List.of(
            new InputsShort(),
            new PanelLimitPassed(),
            new ModuleUnfit(),
            new InputOfAnotherUse(),
            new AreaWithoutSetting(),
            new AreaWithoutWayIn(),
            new RouteWithoutEntrance(),
            new WindowGlassUnwatched(),
            new FoundUnlikePlanned(),
            new ReadingOffPrediction(),
            new LoopDrifted(),
            new CoresShort(),
            new CoreLandedElsewhere(),
            new CoreWithoutTerminal(),
            new OutsideTamperRing(),
            new CableUnlabelled(),
            new CableUnfitForItsPlace(),
            new SupplyTerminalOverloaded(),
            new CableUndecided(),
            new BoxWithoutTerminals(),
            new PairSplit(),
            new PoweredWithoutSupply(),
            new ContactGivenSupply(),
            new JointRefused(),
            new CableFaultSeen(),
            new AerialInMetal(),
            new JointBoxAdrift(),
            new LoopCarriedTwice(),
            new ModuleWithoutCable(),
            new SupplyUnknown(),
            new BatteryMissing(),
            new BatteryShort(),
            new BatteryDue(),
            new ChargerTooStrong(),
            new SupplyDropUnknown(),
            new SupplyOverloaded(),
            new OutputOverloaded(),
            new BusOverloaded(),
            new SoundOutputOverloaded(),
            new SirenTime(),
            new SupplyUnwatched(),
            new FarVoltsShort(),
            new LeastVoltsUnknown(),
            new SupplyInCircle(),
            new SupplyReadingOff(),
            new AddressUndecided(),
            new AddressTwice(),
            new ListensForAreas(),
            new AddressUnfit(),
            new LearnedUnlikeWall(),
            new ServiceKeypadOn(),
            new ZoneReadElsewhere(),
            new ZoneUnlikeNumbering(),
            new ZoneNobodyBrings(),
            new ZoneBeyondPanel(),
            new BusCable(),
            new SettingsNeedText(),
            new SettingBroken(),
            new EntryImpossible(),
            new DecisionBeyondRule(),
            new DecisionWithoutReason(),
            new CodeUnchanged(),
            new EntriesToRepeat(),
            new NamesCut(),
            new ProgrammedSinceProven(),
            new WayInTooSlow(),
            new UserNumbersApart(),
            new KeySwitchWithoutResistor(),
            new RadioUnheard(),
            new SignalWeak(),
            new EnrolledForNobody(),
            new DeviceBatteryDue(),
            new DepartureWithoutReason(),
            new UnusedInputUnterminated(),
            new AccountMissing(),
            new RouteWithoutReceiver(),
            new AnswerTooLate());

    private Rules() {}

    /// What the rules find in one point.
    public static List<Finding> ofPoint(Job job, PointResult point) {
        return OF_POINTS.stream().flatMap(rule -> rule.check(job, point)).toList();
    }

    /// What the rules find in the job as a whole.
    public static List<Finding> ofJob(JobFacts facts) {
        return OF_JOBS.stream().flatMap(rule -> rule.check(facts)).toList();
    }

    /// The order in which findings are listed: worst first, then in the order of work and of the points.
    public static Comparator<Finding> order() {
        return (one, other) -> {
            int byGrade = other.grade().compareTo(one.grade());
            int byStop = byGrade != 0 ? byGrade : one.stop().compareTo(other.stop());
            return byStop != 0 ? byStop : one.point().compareTo(other.point());
        };
    }
}
