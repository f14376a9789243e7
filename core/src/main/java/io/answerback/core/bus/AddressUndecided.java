package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Modules without an address on the bus that need one. Where none is free for one, it cannot work at all.
public final class AddressUndecided implements JobCheck {
    /// Modules on the bus have no address yet.
    public static final Rule RULE = new Rule(
            "address-undecided",
            Stop.BUS,
            Grade.NOTE,
            "Modules on the bus have no address yet.",
            "Which zones they bring, and whether the panel knows them, cannot be told.");

    /// A module needs an address and none that its kind can have is free.
    public static final Rule NONE_FREE = new Rule(
            "no-address-free",
            Stop.BUS,
            Grade.WRONG,
            "A module needs an address and none that its kind can have is free.",
            "Without an address of its own it never answers.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, NONE_FREE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        if (job.panel().profile().bus().isEmpty()) {
            return Stream.empty();
        }
        List<BusModule> without = facts.of(BusState.FACT).modules().stream()
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
        return RULE.finds(
                        new Target.OfBox(modules.getFirst().id()),
                        Text.of("%d on the bus have no address yet", modules.size()),
                        Text.of(
                                "%s: which zones they bring, and whether the panel knows them, cannot be told.",
                                modules.stream().map(BusModule::name).collect(Collectors.joining(", "))),
                        "Let addresses be proposed on the bus sheet, or type those their switches are set to.")
                .of("");
    }

    private static Finding noneFree(BusModule module) {
        boolean listens = module.kind().sort() == ModuleSort.COMMUNICATOR;
        return NONE_FREE.finds(
                new Target.OfBox(module.id()),
                Text.of("No address is free for %s", module.name()),
                Text.of(
                        "It needs %d, has %d, and every other address its kind can have is another module's: it never answers.",
                        module.wanted(), module.addresses().size()),
                listens
                        ? "Remove a keypad, or connect it in a way that needs no address."
                        : "Remove a module of its kind, or choose a panel with more addresses.");
    }
}
