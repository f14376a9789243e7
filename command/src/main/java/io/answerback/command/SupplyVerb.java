package io.answerback.command;

import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.SounderState;
import io.answerback.core.supply.Sounders;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.files.BrokenFile;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Loads, batteries and volts of a job.
@Command(name = "supply", description = "loads, batteries and volts of a job", mixinStandardHelpOptions = true)
final class SupplyVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Override
    public Integer call() throws BrokenFile {
        Supplies supplies = argument.assess(argument.job()).get(Supplies.FACT);
        if (argument.json()) {
            System.out.println(Json.text(json(supplies)));
        } else {
            supplies.states().forEach(SupplyVerb::print);
        }
        return supplies.states().stream().allMatch(SupplyVerb::fine) ? 0 : 1;
    }

    private static boolean fine(SupplyState state) {
        return state.battery().filter(BatteryState::enough).isPresent()
                && state.volts().stream().allMatch(DeviceVolts::sound);
    }

    private static ObjectNode json(Supplies supplies) {
        ObjectNode document = Json.object();
        ArrayNode outputs = document.putArray("outputs");
        ArrayNode loads = document.putArray("loads");
        ArrayNode volts = document.putArray("volts");
        ArrayNode batteries = document.putArray("batteries");
        for (SupplyState state : supplies.states()) {
            state.trees().forEach(tree -> output(outputs.addObject(), tree));
            state.lines().forEach(line -> load(loads.addObject(), state, line));
            state.volts().forEach(device -> volts(volts.addObject(), device));
            battery(batteries.addObject().put("supply", state.title()), state);
        }
        sounders(document, supplies.sounders());
        document.putObject("bus")
                .put("quiescentMilliamps", rounded(supplies.bus().restMilliamps()))
                .put("alarmMilliamps", rounded(supplies.bus().alarmMilliamps()))
                .put("limitMilliamps", supplies.bus().limitMilliamps());
        ObjectNode first = document.putObject("battery");
        supplies.states().stream().findFirst().ifPresent(state -> battery(first, state));
        return document;
    }

    private static void sounders(ObjectNode document, Sounders sounders) {
        ArrayNode outputs = document.putArray("soundOutputs");
        sounders.outputs()
                .forEach(output -> outputs.addObject()
                        .put("name", output.title())
                        .put("limitMilliamps", output.limitMilliamps())
                        .put("milliamps", rounded(output.milliamps()))
                        .put("ok", !output.overloaded()));
        ArrayNode list = document.putArray("sounders");
        for (SounderState sounder : sounders.sounders()) {
            ObjectNode node = list.addObject()
                    .put("part", sounder.title())
                    .put("link", sounder.level().name())
                    .put("milliamps", sounder.level().milliamps())
                    .put("leastVolts", sounder.level().leastVolts());
            sounder.volts().ifPresent(volts -> node.put("atEnd", rounded(volts.atEnd())));
            sounder.ownMinutes().ifPresent(minutes -> node.put("ownMinutes", rounded(minutes)));
        }
    }

    private static void output(ObjectNode node, SupplyTree tree) {
        node.put("name", tree.title())
                .put("limitMilliamps", tree.limitMilliamps())
                .put("quiescentMilliamps", rounded(tree.milliamps(false)))
                .put("alarmMilliamps", rounded(tree.milliamps(true)));
    }

    private static void load(ObjectNode node, SupplyState state, LoadLine line) {
        node.put("supply", state.title())
                .put("part", line.title())
                .put("quiescentMilliamps", rounded(line.quiescentMilliamps()))
                .put("alarmMilliamps", rounded(line.alarmMilliamps()))
                .put("source", line.source());
    }

    private static void volts(ObjectNode node, DeviceVolts device) {
        node.put("device", device.title())
                .put("output", device.output())
                .put("leastVolts", device.leastVolts())
                .put("atFloat", rounded(device.atFloat()))
                .put("atNominal", rounded(device.atNominal()))
                .put("atEnd", rounded(device.atEnd()))
                .put("collapsed", device.collapsed());
        if (device.ok() && !device.sound()) {
            node.putNull("ok");
        } else {
            node.put("ok", device.ok());
        }
        device.dropsOutHours().ifPresent(hours -> node.put("fallsOutHours", rounded(hours)));
    }

    private static void battery(ObjectNode node, SupplyState state) {
        if (state.battery().isEmpty()) {
            node.put("problem", state.beyond());
            return;
        }
        BatteryState battery = state.battery().get();
        node.put("fittedAh", battery.ratedAmpHours())
                .put("requiredAh", rounded(battery.requiredAmpHours()))
                .put("ruleHours", battery.ruleHours())
                .put("mainsFailureReported", battery.reported())
                .put("endVolts", state.unit().cutOffVolts())
                .put("rechargeRuleHours", battery.rechargeRuleHours());
        putFinite(node, "standbyHours", battery.standbyHours());
        putFinite(node, "standbyHoursNew", battery.standbyHoursNew());
        putFinite(node, "rechargeHours", battery.recharge().hoursTo80());
        battery.stockAmpHours().ifPresent(size -> node.put("stockAh", size));
    }

    private static void putFinite(ObjectNode node, String key, double value) {
        if (Double.isInfinite(value)) {
            node.putNull(key);
        } else {
            node.put(key, rounded(value));
        }
    }

    private static double rounded(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    private static void print(SupplyState state) {
        System.out.printf(
                "%s: %.0f mA at rest, %.0f mA in alarm%n",
                state.title(), state.milliamps(false), state.milliamps(true));
        state.battery()
                .ifPresentOrElse(
                        battery -> System.out.printf(
                                "  battery %.1f Ah: %.1f h of %.0f h; %.1f Ah would do%n",
                                battery.ratedAmpHours(),
                                battery.standbyHours(),
                                battery.ruleHours(),
                                battery.requiredAmpHours()),
                        () -> System.out.println("  " + state.beyond()));
        state.volts()
                .forEach(device -> System.out.printf(
                        "  %-28s %6.2f V at the end of discharge, needs %s%s%n",
                        device.title(),
                        device.atEnd(),
                        device.leastVolts() > 0 ? "%.1f V".formatted(device.leastVolts()) : "nobody knows what",
                        device.ok() ? "" : "  FAILS"));
    }
}
