package io.answerback.core.survey.capacity;

import io.answerback.core.engine.edit.CablesLeft;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import java.util.Set;
import java.util.stream.Collectors;

/// Edits of a module that is on the wall.
public final class ModuleEdits {
    private ModuleEdits() {}

    /// Another name for a module. What it is known by stays, so that nothing else changes.
    ///
    /// @throws IllegalArgumentException when applied and the name is blank, another module's, or there is no such
    ///     module
    public static Edit rename(ModuleId moduleId, String name) {
        return new Edit("name", moduleId, job -> {
            if (job.module(moduleId).isEmpty()) {
                throw new IllegalArgumentException("there is no module " + moduleId + " in this job");
            }
            return job.withModules(job.modules().stream()
                    .map(module -> module.id().equals(moduleId) ? module.withName(name) : module)
                    .toList());
        });
    }

    /// Takes a module off the wall, with its inputs; their points have none then.
    ///
    /// @throws IllegalArgumentException when applied to the panel's own board
    public static Edit remove(ModuleId moduleId) {
        return new Edit("removal", moduleId, job -> {
            if (!job.modules().isEmpty() && job.modules().getFirst().id().equals(moduleId)) {
                throw new IllegalArgumentException("the panel's own board cannot be taken away");
            }
            Set<Integer> zones = job.inputs().stream()
                    .filter(input -> input.module().equals(moduleId))
                    .map(Input::zone)
                    .collect(Collectors.toSet());
            return job.withInputs(job.inputs().stream()
                            .filter(input -> !input.module().equals(moduleId))
                            .toList())
                    .withZones(job.zones().stream()
                            .filter(zone -> !zones.contains(zone.number()))
                            .toList())
                    .withCables(CablesLeft.withoutModule(job.cables(), moduleId))
                    .withPower(job.power().withoutModule(moduleId))
                    .withBus(job.bus().without(moduleId))
                    .withModules(job.modules().stream()
                            .filter(module -> !module.id().equals(moduleId))
                            .toList());
        });
    }
}
