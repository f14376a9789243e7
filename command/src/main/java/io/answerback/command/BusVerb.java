package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Learned;
import io.answerback.files.BrokenFile;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Modules, addresses and zones of a job.
@Command(name = "bus", description = "modules, addresses and zones of a job", mixinStandardHelpOptions = true)
final class BusVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.job();
        Assessment facts = argument.assess(job);
        BusState bus = facts.get(BusState.FACT);
        RadioState radio = facts.get(RadioState.FACT);
        if (argument.json()) {
            ObjectNode document = json(job, bus);
            radio.senders()
                    .forEach(sender ->
                            RadioLines.json(document.withArray("radio").addObject(), sender));
            System.out.println(Json.text(document));
        } else {
            bus.modules().forEach(BusVerb::print);
            bus.ghosts().forEach(BusVerb::print);
            bus.zones().lines().forEach(line -> print(job, line));
            radio.senders().stream().map(RadioLines::words).forEach(System.out::println);
        }
        boolean settled = bus.ghosts().isEmpty() && bus.modules().stream().allMatch(BusModule::settled);
        boolean heard = radio.leftover().isEmpty()
                && radio.senders().stream().noneMatch(sender -> sender.outOfPlace() || sender.lost());
        return settled && heard ? 0 : 1;
    }

    private static ObjectNode json(Job job, BusState bus) {
        ObjectNode document = Json.object();
        ArrayNode modules = document.putArray("modules");
        bus.modules().forEach(module -> module(modules.addObject(), module));
        bus.ghosts()
                .forEach(ghost -> modules.addObject()
                        .putNull("name")
                        .put("kind", ghost.sort().words())
                        .put("address", ghost.address())
                        .putNull("volts")
                        .put("enrolled", true)
                        .put("present", false));
        ArrayNode zones = document.putArray("zones");
        bus.zones().lines().forEach(line -> zone(zones.addObject(), job, line));
        return document.put("metres", bus.metres()).put("farthestMetres", bus.farthestMetres());
    }

    private static void module(ObjectNode node, BusModule module) {
        node.put("name", module.name()).put("kind", module.kind().name());
        if (module.addresses().isEmpty()) {
            node.putNull("address");
        } else {
            node.put("address", module.addresses().getFirst().address());
        }
        ArrayNode addresses = node.putArray("addresses");
        module.addresses().forEach(given -> addresses.add(given.address()));
        module.volts()
                .map(device -> Math.round(device.atEnd() * 1000) / 1000.0)
                .ifPresentOrElse(volts -> node.put("volts", volts), () -> node.putNull("volts"));
        module.metres().ifPresent(metres -> node.put("metres", metres));
        if (module.standing() == BusModule.Standing.UNKNOWN) {
            node.putNull("enrolled");
        } else {
            node.put("enrolled", module.standing() == BusModule.Standing.LEARNED);
        }
        node.put("present", module.present());
    }

    private static void zone(ObjectNode node, Job job, ZoneMap.Line line) {
        node.put("zone", line.zone());
        line.source().map(job::nameOf).ifPresentOrElse(name -> node.put("input", name), () -> node.putNull("input"));
        node.put("takenOver", line.takenOver());
        ArrayNode ignored = node.putArray("ignored");
        line.ignored().forEach(input -> ignored.add(job.nameOf(input)));
    }

    private static void print(BusModule module) {
        System.out.printf(
                "%-16s %-12s %-10s %s%n",
                module.name(),
                module.addresses().stream()
                        .map(BusAddress::address)
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")),
                module.present() ? "present" : "absent",
                module.standing().words());
    }

    private static void print(Learned ghost) {
        System.out.printf("%-16s %-12d %-10s %s%n", "nobody", ghost.address(), "absent", "learned");
    }

    private static void print(Job job, ZoneMap.Line line) {
        System.out.printf(
                "zone %02d  %-20s %s%n",
                line.zone(),
                line.source().map(job::nameOf).orElse("no input"),
                line.ignored().isEmpty()
                        ? ""
                        : "in place of "
                                + line.ignored().stream().map(job::nameOf).collect(Collectors.joining(", ")));
    }
}
