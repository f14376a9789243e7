package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.signal.event.Qualifier;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/// The lines of each module on the bus by itself: its lid, its loss, and what people touch of a keypad.
final class ModuleLines {
    private static final long MINUTE = 60_000;

    private final Facts facts;
    private final PlayedLines played;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    ModuleLines(Facts facts) {
        this.facts = facts;
        this.played = new PlayedLines(facts);
    }

    List<AcceptanceLine> lines() {
        for (PanelModule module : facts.modules()) {
            if (facts.kindOf(module)
                    .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                    .isPresent()) {
                keypad(module);
            }
            facts.bus().address(module.id()).ifPresent(address -> {
                lid(module);
                lost(module, address);
            });
        }
        return lines;
    }

    private void keypad(PanelModule module) {
        lines.add(AcceptanceLine.line(
                        "keypad:" + module.id(), LineSection.COVERS, module.name() + ": keys, display and sounder")
                .order("Press every key, read its display, and hear it sound")
                .seen("every key answers, and it is heard where people stand")
                .takes(3)
                .because("It is the part of the system that clients touch every day.")
                .rests(Map.of("module", module.kindId()))
                .made());
    }

    private void lid(PanelModule module) {
        List<Expected> expects = covers(module);
        if (!expects.isEmpty()) {
            lines.add(AcceptanceLine.line("lid:" + module.id(), LineSection.COVERS, "Lid of " + module.name())
                    .order("Lift its lid, wait for its signal, and close it")
                    .onlyChosen()
                    .expects(expects, SystemLines.answerSeconds(facts))
                    .takes(2)
                    .because("Whoever opens a box must be noticed, and which box it is.")
                    .rests(SystemLines.account(facts.of(OperationRules.FACT)))
                    .made());
        }
    }

    /// What the panel sends when a module's lid is lifted and closed.
    private List<Expected> covers(PanelModule module) {
        PanelReducer panel = new PanelReducer(facts);
        return Stream.of(Qualifier.NEW, Qualifier.RESTORE)
                .flatMap(qualifier -> panel.coverSignal(module.id(), qualifier).stream())
                .map(Expected::of)
                .toList();
    }

    private void lost(PanelModule module, int address) {
        lines.add(played.line(
                        "module-lost:" + module.id(),
                        LineSection.COVERS,
                        module.name() + " lost from the bus",
                        "Disconnect its bus, wait, and connect it again",
                        Map.of("address", Integer.toString(address)),
                        played.story()
                                .then(new Happening.Module(address, false))
                                .waits(MINUTE)
                                .then(new Happening.Module(address, true)))
                .seen("keypads show which module is missing")
                .made());
    }
}
