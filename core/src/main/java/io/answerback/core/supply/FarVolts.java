package io.answerback.core.supply;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.supply.battery.SupplyCurrent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Works out the volts at everything on an output, and when what fails drops out.
final class FarVolts {
    private static final int HALVINGS = 40;

    private final SupplyUnit unit;
    private final SupplyCurrent draw;
    private final Optional<BatteryState> battery;

    FarVolts(SupplyUnit unit, SupplyCurrent draw, Optional<BatteryState> battery) {
        this.unit = unit;
        this.draw = draw;
        this.battery = battery;
    }

    /// The volts of a tree at the three battery voltages that are shown.
    private record Solved(SupplyVolts atFloat, SupplyVolts atNominal, SupplyVolts atEnd) {}

    private Solved solved(SupplyNode tree) {
        return new Solved(
                SupplyVolts.solve(tree, unit.outputVolts(LeadAcid.FLOAT_VOLTS)),
                SupplyVolts.solve(tree, unit.outputVolts(LeadAcid.NOMINAL_VOLTS)),
                SupplyVolts.solve(tree, unit.outputVolts(unit.cutOffVolts())));
    }

    /// The share of detectors that alarm at once counts for what flows through the trunk; the device that is
    /// judged is itself in alarm, with all it takes.
    private Solved judging(LoadLine line, SupplyTree tree, Solved shared) {
        return line.aloneMilliamps() > line.alarmMilliamps()
                ? solved(tree.inAlarm().taking(line.part(), line.aloneMilliamps() / 1000))
                : shared;
    }

    List<DeviceVolts> of(SupplyTree tree) {
        Solved shared = solved(tree.inAlarm());
        Map<FedId, Optional<CableId>> places = new HashMap<>();
        place(tree.inAlarm(), places);
        Set<FedId> unmeasured = new HashSet<>();
        unmeasured(tree.inAlarm(), false, unmeasured);
        List<DeviceVolts> volts = new ArrayList<>();
        for (LoadLine line : tree.lines()) {
            Optional<CableId> place = places.getOrDefault(line.part(), Optional.empty());
            Solved its = judging(line, tree, shared);
            DeviceVolts device = new DeviceVolts(
                    line.part(),
                    line.title(),
                    tree.title(),
                    line.leastVolts(),
                    at(its.atFloat(), place),
                    at(its.atNominal(), place),
                    at(its.atEnd(), place),
                    Optional.empty(),
                    Optional.empty(),
                    !unmeasured.contains(line.part()));
            volts.add(device.ok() ? device : falling(device, tree, place));
        }
        return volts;
    }

    private static double at(SupplyVolts volts, Optional<CableId> place) {
        return volts.at().getOrDefault(place, 0.0);
    }

    private static void place(SupplyNode node, Map<FedId, Optional<CableId>> places) {
        node.loads().forEach(load -> places.put(load.part(), node.cableId()));
        node.onward().forEach(next -> place(next, places));
    }

    /// What hangs behind a cable whose length is not known: such a cable has no ohms.
    private static void unmeasured(SupplyNode node, boolean before, Set<FedId> found) {
        boolean here = before || node.cableId().isPresent() && node.ohms() == 0;
        if (here) {
            node.loads().forEach(load -> found.add(load.part()));
        }
        node.onward().forEach(next -> unmeasured(next, here, found));
    }

    private DeviceVolts falling(DeviceVolts device, SupplyTree tree, Optional<CableId> place) {
        Optional<Double> volts = dropsOutAt(device, tree.atRest(), place);
        return new DeviceVolts(
                device.part(),
                device.title(),
                device.output(),
                device.leastVolts(),
                device.atFloat(),
                device.atNominal(),
                device.atEnd(),
                volts,
                volts.flatMap(this::after),
                device.lengthsKnown());
    }

    /// How far the battery has fallen when the device gets its least volts at rest.
    private Optional<Double> dropsOutAt(DeviceVolts device, SupplyNode rest, Optional<CableId> place) {
        if (enough(device, rest, place, unit.cutOffVolts())) {
            return Optional.empty();
        }
        double low = unit.cutOffVolts();
        double high = LeadAcid.FLOAT_VOLTS;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (enough(device, rest, place, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Optional.of(high);
    }

    /// The hours until the battery that is fitted has fallen so far, on the basis its standby is counted on.
    private Optional<Double> after(double volts) {
        return battery.filter(its -> its.fitted().isPresent()).map(its -> {
            double whole = LeadAcid.hours(its.wear().usable(its.ratedAmpHours()), draw.standbyAmps());
            return LeadAcid.usedAt(volts) * whole;
        });
    }

    private boolean enough(DeviceVolts device, SupplyNode rest, Optional<CableId> place, double batteryVolts) {
        return at(SupplyVolts.solve(rest, unit.outputVolts(batteryVolts)), place)
                >= Math.max(device.leastVolts(), Double.MIN_NORMAL);
    }
}
