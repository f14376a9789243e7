package io.answerback.core.assess;

import io.answerback.core.acceptance.LeftOnTest;
import io.answerback.core.answer.AnswerTooLate;
import io.answerback.core.answer.PathChecks;
import io.answerback.core.attach.UnitChecks;
import io.answerback.core.behaviour.UnwantedStates;
import io.answerback.core.behaviour.WayInTooSlow;
import io.answerback.core.behaviour.WayOut;
import io.answerback.core.bus.AddressTwice;
import io.answerback.core.bus.AddressUndecided;
import io.answerback.core.bus.AddressUnfit;
import io.answerback.core.bus.BusCable;
import io.answerback.core.bus.LearnedUnlikeWall;
import io.answerback.core.bus.ListensForAreas;
import io.answerback.core.bus.ServiceKeypadOn;
import io.answerback.core.bus.ZoneNobodyBrings;
import io.answerback.core.bus.ZoneReadElsewhere;
import io.answerback.core.cabling.AerialInMetal;
import io.answerback.core.cabling.CableFaultSeen;
import io.answerback.core.cabling.CableUndecided;
import io.answerback.core.cabling.CableUnfitForItsPlace;
import io.answerback.core.cabling.CableUnlabelled;
import io.answerback.core.cabling.ContactGivenSupply;
import io.answerback.core.cabling.JointRefused;
import io.answerback.core.cabling.ModuleWithoutCable;
import io.answerback.core.cabling.UnusedInputUnterminated;
import io.answerback.core.capacity.InputOfAnotherUse;
import io.answerback.core.capacity.InputsShort;
import io.answerback.core.capacity.ModuleUnfit;
import io.answerback.core.capacity.PanelLimitPassed;
import io.answerback.core.capacity.RadioUnheard;
import io.answerback.core.commission.LoopDrifted;
import io.answerback.core.commission.ReadingOffPrediction;
import io.answerback.core.cores.BoxCheck;
import io.answerback.core.cores.BoxWithoutTerminals;
import io.answerback.core.cores.CoreTerminatedElsewhere;
import io.answerback.core.cores.CoreWithoutTerminal;
import io.answerback.core.cores.CoresShort;
import io.answerback.core.cores.CoverUnwatched;
import io.answerback.core.cores.JointBoxAdrift;
import io.answerback.core.cores.LoopCarriedTwice;
import io.answerback.core.cores.OutsideTamperRing;
import io.answerback.core.cores.PairSplit;
import io.answerback.core.cores.PoweredWithoutSupply;
import io.answerback.core.departure.DepartureWithoutReason;
import io.answerback.core.finding.CableCheck;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.PointCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.loop.ContactUnlikeScheme;
import io.answerback.core.loop.FaultLooksNormal;
import io.answerback.core.loop.LoopNotComputed;
import io.answerback.core.loop.LoopStateTight;
import io.answerback.core.loop.LoopStateUnsafe;
import io.answerback.core.loop.PointWithoutInput;
import io.answerback.core.loop.SupplyLossUnseen;
import io.answerback.core.message.MailChecks;
import io.answerback.core.network.NetworkChecks;
import io.answerback.core.proof.LineNeverProven;
import io.answerback.core.proof.ProgrammedSinceProven;
import io.answerback.core.proof.ProofStale;
import io.answerback.core.proof.RestoreNeverSeen;
import io.answerback.core.radio.DeviceBatteryDue;
import io.answerback.core.radio.EnrolledForNobody;
import io.answerback.core.radio.SenderOutOfPlace;
import io.answerback.core.radio.SignalWeak;
import io.answerback.core.report.AccountMissing;
import io.answerback.core.report.PeopleChecks;
import io.answerback.core.report.ReceiverChecks;
import io.answerback.core.report.RouteWithoutReceiver;
import io.answerback.core.report.RoutingChecks;
import io.answerback.core.report.ZoneUnlikeSurvey;
import io.answerback.core.report.ZoneWiredButOff;
import io.answerback.core.report.ZoneWithoutArea;
import io.answerback.core.setup.CodeUnchanged;
import io.answerback.core.setup.DecisionBeyondRule;
import io.answerback.core.setup.DecisionWithoutReason;
import io.answerback.core.setup.EntriesToRepeat;
import io.answerback.core.setup.EntryImpossible;
import io.answerback.core.setup.KeySwitchWithoutResistor;
import io.answerback.core.setup.NamesCut;
import io.answerback.core.setup.SettingBroken;
import io.answerback.core.setup.SettingsNeedText;
import io.answerback.core.setup.UserNumbersApart;
import io.answerback.core.supply.BatteryDue;
import io.answerback.core.supply.BatteryMissing;
import io.answerback.core.supply.BatteryShort;
import io.answerback.core.supply.BusOverloaded;
import io.answerback.core.supply.ChargerTooStrong;
import io.answerback.core.supply.FarVoltsShort;
import io.answerback.core.supply.LeastVoltsUnknown;
import io.answerback.core.supply.OutputOverloaded;
import io.answerback.core.supply.SirenTime;
import io.answerback.core.supply.SoundOutputOverloaded;
import io.answerback.core.supply.SupplyDropUnknown;
import io.answerback.core.supply.SupplyInCircle;
import io.answerback.core.supply.SupplyOverloaded;
import io.answerback.core.supply.SupplyReadingOff;
import io.answerback.core.supply.SupplyTerminalOverloaded;
import io.answerback.core.supply.SupplyUnknown;
import io.answerback.core.supply.SupplyUnwatched;
import io.answerback.core.survey.AreaWithoutSetting;
import io.answerback.core.survey.AreaWithoutWayIn;
import io.answerback.core.survey.EntranceNotDelayed;
import io.answerback.core.survey.LifeSafetyPoint;
import io.answerback.core.survey.PointWithoutArea;
import io.answerback.core.survey.RouteWithoutEntrance;
import io.answerback.core.survey.WatchesOnlyWhenSet;
import io.answerback.core.survey.WindowGlassUnwatched;
import io.answerback.core.takeover.FoundUnlikePlanned;
import io.answerback.core.takeover.SeriesHidesContacts;
import io.answerback.core.zone.ZoneBeyondPanel;
import io.answerback.core.zone.ZoneUnlikeNumbering;
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
            new CoreTerminatedElsewhere(),
            new PairSplit());

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
            new WayOut(),
            new LeftOnTest(),
            new UnwantedStates(),
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
            new ReceiverChecks(),
            new RoutingChecks(),
            new PeopleChecks(),
            new PathChecks(),
            new NetworkChecks(),
            new MailChecks(),
            new UnitChecks(),
            new AnswerTooLate());

    private Checks() {}

    /// Every rule there is: those of points first, then those of cables and of boxes, then those of the job as
    /// a whole.
    public static List<Rule> rules() {
        List<Rule> rules = new ArrayList<>();
        OF_POINTS.forEach(check -> rules.addAll(check.rules()));
        OF_CABLES.forEach(check -> rules.addAll(check.rules()));
        OF_BOXES.forEach(check -> rules.addAll(check.rules()));
        OF_JOBS.forEach(check -> rules.addAll(check.rules()));
        return rules;
    }
}
