package io.answerback.core.testing;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.wiring.cabling.CableEdits;
import java.util.List;
import java.util.Optional;

/// The box of the small job: 12V 0V 1 0V 2 3 0V 4 T T, with closed loops and one tamper ring.
public final class SmallBox {
    /// Four cores, enough for a loop and a tamper pair.
    public static final CableType FOUR = SmallParts.cableType(
            "4", "4-core", SmallJob.THIN, List.of("red", "black", "yellow", "green"), false, false);

    /// Six cores, enough for a supply too.
    public static final CableType SIX = SmallParts.cableType(
            "6", "6-core", SmallJob.THIN, List.of("red", "black", "yellow", "green", "blue", "white"), false, false);

    /// A detector with a cover contact that takes 12 mA, 40 mA in alarm.
    public static final PointKind POWERED = SmallParts.pointKind(
            "powered",
            "powered detector",
            SmallKinds.MOVEMENT.family(),
            SmallKinds.MOVEMENT.words(),
            SmallKinds.MOVEMENT.contact(),
            new PointKind.Outputs(true, false, false),
            true,
            false,
            Optional.of(new Powering(12, 40, 10.5, 30)));

    private static Terminal terminal(String name, TerminalUse use, int holds, double milliamps, Integer... inputs) {
        return new Terminal(name, use, List.of(inputs), holds, milliamps);
    }

    /// Its terminals.
    public static final List<Terminal> STRIP = List.of(
            terminal("12V", TerminalUse.SUPPLY, 2, 100),
            terminal("0V", TerminalUse.SUPPLY_RETURN, 2, 0),
            terminal("1", TerminalUse.INPUT, 2, 0, 1),
            terminal("0V", TerminalUse.INPUT_RETURN, 2, 0, 1, 2),
            terminal("2", TerminalUse.INPUT, 2, 0, 2),
            terminal("3", TerminalUse.INPUT, 2, 0, 3),
            terminal("0V", TerminalUse.INPUT_RETURN, 2, 0, 3, 4),
            terminal("4", TerminalUse.INPUT, 2, 0, 4),
            terminal("T", TerminalUse.TAMPER, 2, 0),
            terminal("T", TerminalUse.TAMPER, 2, 0));

    private SmallBox() {}

    /// The job with three cables of a type.
    public static Job job(CableType type) {
        return job(type, STRIP);
    }

    /// The same with other terminals.
    public static Job job(CableType type, List<Terminal> strip) {
        PanelProfile plain = SmallJob.profile(List.of(SmallBands.DOUBLE, SmallBands.CLOSED, SmallBands.TWO_SERIES));
        List<ModuleKind> kinds = plain.modules().stream()
                .map(kind -> kind.id().equals("board") ? kind.withTerminals(strip) : kind)
                .toList();
        PanelProfile profile =
                SmallParts.profile(plain.id(), plain.name(), 5, 4700, 30, plain.schemes(), plain.capacity(), "", kinds);
        Job job = SmallJob.job().withPanel(new Panel("Panel", profile));
        job = PracticeEdits.option("", PracticeOption.ONE_RING).on(job);
        for (String id : List.of("01", "02", "03")) {
            job = LoopEdits.parts("", new PointId(id), wiring -> wiring.withScheme(SchemeKind.CLOSED_LOOP))
                    .on(job);
        }
        return CableEdits.installation(
                        "",
                        List.of(new CableId("C-01"), new CableId("C-02"), new CableId("C-03")),
                        installation -> installation.withType(type))
                .on(job);
    }

    /// The same job on a panel of nothing but its board, which has this supply.
    public static Job supplied(Job job, SupplyUnit unit) {
        PanelProfile profile = job.panel().profile();
        return job.withPanel(new Panel(
                "Panel",
                SmallParts.profile(
                        profile.id(),
                        profile.name(),
                        5,
                        4700,
                        30,
                        profile.schemes(),
                        profile.capacity(),
                        "",
                        List.of(profile.board().withSupply(unit)))));
    }
}
