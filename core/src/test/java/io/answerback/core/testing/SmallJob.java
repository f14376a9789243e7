package io.answerback.core.testing;

import io.answerback.core.loop.BandChart;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.Site;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import java.util.List;
import java.util.Optional;

/// A made-up job of three points in two areas, all sound, with one unused input that is terminated.
public final class SmallJob {
    /// Datasheet maximum of 7/0.2 mm copper: 92 Ω/km.
    public static final Conductor THIN = new Conductor("0.22 mm²", 92);

    /// Rows for the events the tests meet.
    public static final EventTable EVENTS = new EventTable(List.of(
            new EventClass(
                    "130", "burglary", "BA", "BR", "alarm", new EventClass.PulseDigits('3', Optional.empty(), "ALARM")),
            new EventClass(
                    "134",
                    "entry/exit alarm",
                    "BA",
                    "BR",
                    "alarm",
                    new EventClass.PulseDigits('3', Optional.empty(), "ALARM")),
            new EventClass(
                    "137", "tamper", "TA", "TR", "tamper", new EventClass.PulseDigits('9', Optional.empty(), "TAMPER")),
            new EventClass(
                    "301",
                    "mains failed",
                    "AT",
                    "AR",
                    "fault",
                    new EventClass.PulseDigits('8', Optional.empty(), "FAULT"))));

    private SmallJob() {}

    /// How the test panel's inputs read a scheme: 5 V through 4k7.
    public static BandChart chart(SchemeBands bands) {
        return BandChart.of(bands, new InputModel(5, 4700, List.of(bands)));
    }

    /// The wiring every point has: 2k2 and 4k7 of ±1 %, contacts of 0.2 Ω at most, resistor at the last device.
    public static LoopWiring wiring() {
        return new LoopWiring(SchemeKind.DOUBLE_END_OF_LINE, 2200, 4700, 0, 1, 0.2, ResistorPlace.LAST_DEVICE, false);
    }

    /// A cable of 100 m of 92 Ω/km, always at 20 °C: 18.4 Ω there and back.
    public static Cable cable(String pointId) {
        return new Cable(new CableId("C-" + pointId), new PointId(pointId), 100, THIN, 20, 20);
    }

    /// Point 01 is an entrance in area 1, 02 an immediate door in area 1, 03 a hold-up button in area 2.
    public static Job job() {
        return new Job(
                new Site("Test Yard", "", 0),
                Practice.of(SmallRules.rules()),
                new Panel("Panel", profile(List.of(SmallBands.DOUBLE, SmallBands.SINGLE, SmallBands.CLOSED))),
                List.of(PanelModule.called("Panel", "board", List.of(1, 2))),
                List.of(new Area(1, "Front", "1234"), new Area(2, "Back", "5678")),
                List.of(
                        point(
                                "01",
                                "Entrance",
                                SmallKinds.DOOR,
                                new SurveyedZone(ZoneType.ENTRY_EXIT, Optional.of(1), true)),
                        point("02", "Store door", SmallKinds.DOOR, surveyed(ZoneType.IMMEDIATE, 1)),
                        point("03", "Desk button", SmallKinds.HOLD_UP, surveyed(ZoneType.HOLD_UP, 2))),
                List.of(cable("01"), cable("02"), cable("03")),
                List.of(
                        input(1, Optional.of(new PointId("01"))),
                        input(2, Optional.of(new PointId("02"))),
                        input(3, Optional.of(new PointId("03"))),
                        input(4, Optional.empty())),
                List.of(
                        new Zone(1, ZoneType.ENTRY_EXIT, Optional.of(1), Optional.empty()),
                        new Zone(2, ZoneType.IMMEDIATE, Optional.of(1), Optional.empty()),
                        new Zone(3, ZoneType.HOLD_UP, Optional.of(2), Optional.empty())),
                new Communicator("Communicator", List.of(TransmissionPath.of(PathKind.IP, 2, 1000)))
                        .withNetwork(NetworkPlan.BY_ROUTER.withReserved(true)),
                List.of(Receiver.overIp(new ReceiverId("A"), "Station A", "192.0.2.1", 9009, "1", "0", Told.ALWAYS)),
                List.of(),
                List.of(),
                Power.UNDECIDED,
                Bus.UNDECIDED,
                Radio.UNDECIDED,
                PanelProgramming.UNDECIDED,
                Acceptance.NOTHING,
                SiteService.NOTHING);
    }

    /// A panel of 4 inputs on board, with room for two expanders of 8 on the bus and keypads without inputs.
    public static PanelProfile profile(List<SchemeBands> schemes) {
        return SmallParts.profile(
                "test",
                "Test panel",
                5,
                4700,
                30,
                schemes,
                SmallParts.capacity(24, 4, 20, 0, 4),
                "",
                List.of(
                        module("board", ModuleSort.BOARD, 4, 1, 0),
                        module("bus-8", ModuleSort.BUS_EXPANDER, 8, 2, 1),
                        module("keypad", ModuleSort.KEYPAD, 0, 4, 1)));
    }

    private static ModuleKind module(String id, ModuleSort sort, int inputs, int mostOf, int addresses) {
        int boxes = sort == ModuleSort.BUS_EXPANDER ? 1 : 0;
        return SmallParts.kind(
                id, id, sort, inputs, mostOf, addresses, 30, boxes, false, "", List.of(), Optional.empty());
    }

    /// A point on the usual wiring.
    public static Point point(
            String id, String name, io.answerback.core.model.device.PointKind kind, SurveyedZone surveyed) {
        return Point.of(new PointId(id), name, kind, surveyed, wiring());
    }

    /// A surveyed in an area where nobody comes in.
    public static SurveyedZone surveyed(ZoneType type, int area) {
        return new SurveyedZone(type, Optional.of(area), false);
    }

    private static Input input(int number, Optional<PointId> point) {
        return Input.of(
                new InputId("P." + number), new ModuleId("Panel"), number, number, point, UnusedTermination.RESISTOR);
    }
}
