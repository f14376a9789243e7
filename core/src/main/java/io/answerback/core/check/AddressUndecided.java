package io.answerback.core.check;

import io.answerback.core.bus.BusModule;
import io.answerback.core.edit.BusEdits;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Job;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Modules without an address on the bus that need one. Where none is free for one, it cannot work at all.
final class AddressUndecided implements JobRule {
    static final String RULE = "address-undecided";
    static final String NONE_FREE = "no-address-free";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        if (job.panel().profile().bus().isEmpty()) {
            return Stream.empty();
        }
        List<BusModule> without = facts.bus().modules().stream()
                .filter(module -> module.addresses().size() < module.wanted())
                .toList();
        List<BusModule> hopeless = without.stream()
                .filter(module -> BusEdits.free(job, module.kind().id()).size()
                        < module.wanted() - module.addresses().size())
                .toList();
        List<BusModule> open = without.stream()
                .filter(module -> module.addresses().isEmpty() && !hopeless.contains(module))
                .toList();
        Stream<Finding> none = hopeless.stream().map(AddressUndecided::noneFree);
        return open.isEmpty() ? none : Stream.concat(Stream.of(undecided(open)), none);
    }

    private static Finding undecided(List<BusModule> modules) {
        return new Finding(
                RULE,
                Stop.BUS,
                Grade.NOTE,
                "",
                modules.getFirst().name(),
                "%d on the bus have no address yet".formatted(modules.size()),
                "%s: which zones they bring, and whether the panel knows them, cannot be told."
                        .formatted(modules.stream().map(BusModule::name).collect(Collectors.joining(", "))),
                "Let addresses be proposed on the bus sheet, or type those their switches are set to.");
    }

    private static Finding noneFree(BusModule module) {
        boolean listens = module.kind().sort() == ModuleSort.COMMUNICATOR;
        return new Finding(
                NONE_FREE + ":" + module.name(),
                Stop.BUS,
                Grade.WRONG,
                "",
                module.name(),
                "No address is free for %s".formatted(module.name()),
                "It needs %d, has %d, and every other address its kind can have is another module's: it never answers."
                        .formatted(module.wanted(), module.addresses().size()),
                listens
                        ? "Remove a keypad, or connect it in a way that needs no address."
                        : "Remove a module of its kind, or choose a panel with more addresses.");
    }
}
