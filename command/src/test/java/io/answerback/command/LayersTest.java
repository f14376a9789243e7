package io.answerback.command;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "io.answerback", importOptions = ImportOption.DoNotIncludeTests.class)
class LayersTest {
    /// Modules depend downward only: command, then desktop, then station, print and files, then core.
    @ArchTest
    static final ArchRule DOWNWARD_ONLY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("command")
            .definedBy("io.answerback.command..")
            .layer("desktop")
            .definedBy("io.answerback.desktop..")
            .layer("station")
            .definedBy("io.answerback.station..")
            .layer("files")
            .definedBy("io.answerback.files..")
            .layer("print")
            .definedBy("io.answerback.print..")
            .layer("core")
            .definedBy(
                    "io.answerback.job..",
                    "io.answerback.wording..",
                    "io.answerback.practice..",
                    "io.answerback.edit..",
                    "io.answerback.survey..",
                    "io.answerback.capacity..",
                    "io.answerback.takeover..",
                    "io.answerback.loop..",
                    "io.answerback.resistor..",
                    "io.answerback.fault..",
                    "io.answerback.commission..",
                    "io.answerback.cores..",
                    "io.answerback.paper..",
                    "io.answerback.supply..",
                    "io.answerback.bus..",
                    "io.answerback.zone..",
                    "io.answerback.event..",
                    "io.answerback.report..",
                    "io.answerback.panel..",
                    "io.answerback.proof..",
                    "io.answerback.chain..",
                    "io.answerback.check..",
                    "io.answerback.trial..",
                    "io.answerback.assess..")
            .whereLayer("command")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("desktop")
            .mayOnlyBeAccessedByLayers("command")
            .whereLayer("station")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("files")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("print")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("core")
            .mayOnlyBeAccessedByLayers("files", "print", "station", "desktop", "command");
}
