package io.answerback.command;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;

@AnalyzeClasses(
        packages = "io.answerback",
        importOptions = {ImportOption.DoNotIncludeTests.class, LayersTest.WithoutTestJars.class})
class LayersTest {
    /// The check runs the tests of all modules from their jars.
    static final class WithoutTestJars implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("-tests.jar");
        }
    }

    /// Modules depend downward only: command, then desktop, then station, messages, print and files, then core.
    @ArchTest
    static final ArchRule DOWNWARD_ONLY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("command")
            .definedBy("io.answerback.command..")
            .layer("desktop")
            .definedBy("io.answerback.desktop..")
            .layer("station")
            .definedBy("io.answerback.station..")
            .layer("messages")
            .definedBy("io.answerback.messages..")
            .layer("files")
            .definedBy("io.answerback.files..")
            .layer("print")
            .definedBy("io.answerback.print..")
            .layer("core")
            .definedBy("io.answerback.core..")
            .whereLayer("command")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("desktop")
            .mayOnlyBeAccessedByLayers("command")
            .whereLayer("station")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("messages")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("files")
            .mayOnlyBeAccessedByLayers("print", "desktop", "command")
            .whereLayer("print")
            .mayOnlyBeAccessedByLayers("desktop", "command")
            .whereLayer("core")
            .mayOnlyBeAccessedByLayers("files", "print", "station", "messages", "desktop", "command");

    /// So that the directions above hold for every class there is.
    @ArchTest
    static final ArchRule EVERY_CLASS_IS_IN_A_MODULE = classes()
            .should()
            .resideInAnyPackage(
                    "io.answerback.core..",
                    "io.answerback.files..",
                    "io.answerback.print..",
                    "io.answerback.station..",
                    "io.answerback.messages..",
                    "io.answerback.desktop..",
                    "io.answerback.command..",
                    "io.answerback.benchmarks..");

    /// The window puts its parts together at the top; no part needs, by any way round, one that needs it.
    @ArchTest
    static final ArchRule NO_CIRCLE_IN_THE_WINDOW =
            slices().matching("io.answerback.desktop.(*)..").should().beFreeOfCycles();

    /// What is not a bench: the frame and what benches are made of. Any other package of the window is one, and
    /// is held to what benches are held to without being named here.
    private static final String[] NOT_BENCHES = Stream.of(
                    "theme", "part", "control", "work", "present", "find", "live", "paper", "shell", "start", "learn",
                    "shots")
            .map(name -> "io.answerback.desktop." + name + "..")
            .toArray(String[]::new);

    private static final DescribedPredicate<JavaClass> ARE_OF_A_BENCH = JavaClass.Predicates.resideInAPackage(
                    "io.answerback.desktop.*..")
            .and(DescribedPredicate.not(JavaClass.Predicates.resideInAnyPackage(NOT_BENCHES)))
            .as("are of a bench");

    /// The frame of the window shows whatever bench it is given.
    @ArchTest
    static final ArchRule THE_FRAME_KNOWS_NO_BENCH = noClasses()
            .that()
            .resideInAPackage("io.answerback.desktop.shell")
            .should()
            .dependOnClassesThat(ARE_OF_A_BENCH.or(JavaClass.Predicates.resideInAnyPackage(
                    "io.answerback.desktop.start..",
                    "io.answerback.desktop.learn..",
                    "io.answerback.desktop.shots..")));

    /// What sheets show can be tested without a window.
    @ArchTest
    static final ArchRule WHAT_IS_SHOWN_KNOWS_NO_WINDOW = noClasses()
            .that()
            .resideInAnyPackage("io.answerback.desktop.present..", "io.answerback.desktop.find..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "io.answerback.files..", "java.nio.file..");

    /// A bench is what its sheets show and do: only the controls draw it.
    @ArchTest
    static final ArchRule NO_BENCH_KNOWS_HOW_IT_IS_DRAWN = noClasses()
            .that(ARE_OF_A_BENCH)
            .or()
            .resideInAPackage("io.answerback.desktop.part..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx.scene..",
                    "javafx.stage..",
                    "javafx.css..",
                    "javafx.print..",
                    "javafx.application..",
                    "io.answerback.desktop.control..",
                    "io.answerback.desktop.paper..");

    /// Parts know nothing of jobs that are open, of windows or of files.
    @ArchTest
    static final ArchRule PARTS_ARE_VALUES = noClasses()
            .that()
            .resideInAPackage("io.answerback.desktop.part")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.nio.file..", "io.answerback.desktop.work..", "io.answerback.files..");
}
