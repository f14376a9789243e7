package io.answerback.core.assess;

import io.answerback.core.check.AccountMissing;
import io.answerback.core.check.AddressTwice;
import io.answerback.core.check.AddressUndecided;
import io.answerback.core.check.AddressUnfit;
import io.answerback.core.check.AerialInMetal;
import io.answerback.core.check.AnswerTooLate;
import io.answerback.core.check.AreaWithoutSetting;
import io.answerback.core.check.AreaWithoutWayIn;
import io.answerback.core.check.BatteryDue;
import io.answerback.core.check.BatteryMissing;
import io.answerback.core.check.BatteryShort;
import io.answerback.core.check.BoxWithoutTerminals;
import io.answerback.core.check.BusCable;
import io.answerback.core.check.BusOverloaded;
import io.answerback.core.check.CableFaultSeen;
import io.answerback.core.check.CableUndecided;
import io.answerback.core.check.CableUnfitForItsPlace;
import io.answerback.core.check.CableUnlabelled;
import io.answerback.core.check.ChargerTooStrong;
import io.answerback.core.check.CodeUnchanged;
import io.answerback.core.check.ContactGivenSupply;
import io.answerback.core.check.ContactUnlikeScheme;
import io.answerback.core.check.CoreLandedElsewhere;
import io.answerback.core.check.CoreWithoutTerminal;
import io.answerback.core.check.CoresShort;
import io.answerback.core.check.CoverUnwatched;
import io.answerback.core.check.DecisionBeyondRule;
import io.answerback.core.check.DecisionWithoutReason;
import io.answerback.core.check.DepartureWithoutReason;
import io.answerback.core.check.DeviceBatteryDue;
import io.answerback.core.check.EnrolledForNobody;
import io.answerback.core.check.EntranceNotDelayed;
import io.answerback.core.check.EntriesToRepeat;
import io.answerback.core.check.EntryImpossible;
import io.answerback.core.check.FarVoltsShort;
import io.answerback.core.check.FaultLooksNormal;
import io.answerback.core.check.FoundUnlikePlanned;
import io.answerback.core.check.InputOfAnotherUse;
import io.answerback.core.check.InputsShort;
import io.answerback.core.check.JointBoxAdrift;
import io.answerback.core.check.JointRefused;
import io.answerback.core.check.KeySwitchWithoutResistor;
import io.answerback.core.check.LearnedUnlikeWall;
import io.answerback.core.check.LeastVoltsUnknown;
import io.answerback.core.check.LifeSafetyPoint;
import io.answerback.core.check.LineNeverProven;
import io.answerback.core.check.ListensForAreas;
import io.answerback.core.check.LoopCarriedTwice;
import io.answerback.core.check.LoopDrifted;
import io.answerback.core.check.LoopNotComputed;
import io.answerback.core.check.LoopStateTight;
import io.answerback.core.check.LoopStateUnsafe;
import io.answerback.core.check.ModuleUnfit;
import io.answerback.core.check.ModuleWithoutCable;
import io.answerback.core.check.NamesCut;
import io.answerback.core.check.OutputOverloaded;
import io.answerback.core.check.OutsideTamperRing;
import io.answerback.core.check.PairSplit;
import io.answerback.core.check.PanelLimitPassed;
import io.answerback.core.check.PointWithoutArea;
import io.answerback.core.check.PointWithoutInput;
import io.answerback.core.check.PoweredWithoutSupply;
import io.answerback.core.check.ProgrammedSinceProven;
import io.answerback.core.check.ProofStale;
import io.answerback.core.check.RadioUnheard;
import io.answerback.core.check.ReadingOffPrediction;
import io.answerback.core.check.RestoreNeverSeen;
import io.answerback.core.check.RouteWithoutEntrance;
import io.answerback.core.check.RouteWithoutReceiver;
import io.answerback.core.check.SenderOutOfPlace;
import io.answerback.core.check.SeriesHidesContacts;
import io.answerback.core.check.ServiceKeypadOn;
import io.answerback.core.check.SettingBroken;
import io.answerback.core.check.SettingsNeedText;
import io.answerback.core.check.SignalWeak;
import io.answerback.core.check.SirenTime;
import io.answerback.core.check.SoundOutputOverloaded;
import io.answerback.core.check.SupplyDropUnknown;
import io.answerback.core.check.SupplyInCircle;
import io.answerback.core.check.SupplyLossUnseen;
import io.answerback.core.check.SupplyOverloaded;
import io.answerback.core.check.SupplyReadingOff;
import io.answerback.core.check.SupplyTerminalOverloaded;
import io.answerback.core.check.SupplyUnknown;
import io.answerback.core.check.SupplyUnwatched;
import io.answerback.core.check.UnusedInputUnterminated;
import io.answerback.core.check.UserNumbersApart;
import io.answerback.core.check.WatchesOnlyWhenSet;
import io.answerback.core.check.WayInTooSlow;
import io.answerback.core.check.WindowGlassUnwatched;
import io.answerback.core.check.ZoneBeyondPanel;
import io.answerback.core.check.ZoneNobodyBrings;
import io.answerback.core.check.ZoneReadElsewhere;
import io.answerback.core.check.ZoneUnlikeNumbering;
import io.answerback.core.check.ZoneUnlikeSurvey;
import io.answerback.core.check.ZoneWiredButOff;
import io.answerback.core.check.ZoneWithoutArea;
import io.answerback.core.cores.BoxCheck;
import io.answerback.core.finding.CableCheck;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.PointCheck;
import io.answerback.core.finding.Rule;
import java.util.ArrayList;
import java.util.List;

/// Everything that is looked for.
public final class Checks {
    static final List<PointCheck> OF_POINTS = List.of(
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
            new RestoreNeverSeen(),
            new ProgrammedSinceProven());

    static final List<CableCheck> OF_CABLES = List.of(
            new CableUnlabelled(),
            new CableUnfitForItsPlace(),
            new ContactGivenSupply(),
            new JointRefused(),
            new CableFaultSeen(),
            new CoreLandedElsewhere());

    static final List<BoxCheck> OF_BOXES = List.of(
            new CoresShort(),
            new CoreWithoutTerminal(),
            new OutsideTamperRing(),
            new SupplyTerminalOverloaded(),
            new BoxWithoutTerminals(),
            new PoweredWithoutSupply(),
            new LoopCarriedTwice());

    static final List<JobCheck> OF_JOBS = List.of(
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
            new CableUndecided(),
            new PairSplit(),
            new AerialInMetal(),
            new JointBoxAdrift(),
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

    private Checks() {}

    /// Every rule there is: those of points first, then those of cables and of boxes, then
    /// those of the job as a whole.
    public static List<Rule> rules() {
        List<Rule> rules = new ArrayList<>();
        OF_POINTS.forEach(check -> rules.addAll(check.rules()));
        OF_CABLES.forEach(check -> rules.addAll(check.rules()));
        OF_BOXES.forEach(check -> rules.addAll(check.rules()));
        OF_JOBS.forEach(check -> rules.addAll(check.rules()));
        return rules;
    }
}
