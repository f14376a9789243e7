package io.answerback;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "io.answerback", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_NO_OUTSIDE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..",
                    "java.net..",
                    "java.nio.file..",
                    "java.nio.channels..",
                    "java.io..",
                    "tools.jackson..",
                    "com.fasterxml..",
                    "org.slf4j..")
            .because("computation must not know a view, a socket, a file or JSON");

    @ArchTest
    static final ArchRule CORE_OWNS_NO_CLOCK = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(Math.class, "random")
            .because("time and randomness come in as arguments");

    @ArchTest
    static final ArchRule JOB_DEPENDS_ON_NOTHING = noClasses()
            .that()
            .resideInAPackage("io.answerback.job")
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages("io.answerback.job", "java.lang..", "java.util..", "java.time..");

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("io.answerback.(*)..").should().beFreeOfCycles();
}
