package io.answerback.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "io.answerback.core",
        importOptions = {ImportOption.DoNotIncludeTests.class, CoreArchitectureTest.WithoutTestJars.class})
class CoreArchitectureTest {
    /// The check runs the tests of all modules from their jars.
    static final class WithoutTestJars implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("-tests.jar");
        }
    }

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
            .orShould()
            .callConstructor(java.util.Random.class)
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .because("time and randomness come in as arguments");

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_LANGUAGE_OF_THE_MACHINE = noClasses()
            .should()
            .callMethod(String.class, "formatted", Object[].class)
            .orShould()
            .callMethod(String.class, "format", String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "toLowerCase")
            .orShould()
            .callMethod(String.class, "toUpperCase")
            .orShould()
            .callMethod(java.util.Locale.class, "getDefault")
            .orShould()
            .callMethod(java.time.ZoneId.class, "systemDefault")
            .because("figures are written in one way, whatever the machine's language; see Text");

    /// What is recorded knows nothing of what is computed from it, and the records of one subject know only those
    /// they are made of.
    @ArchTest
    static final ArchRule RECORDS_DEPEND_DOWNWARD_ONLY = layeredArchitecture()
            .consideringOnlyDependenciesInAnyPackage("io.answerback.core..")
            .layer("site")
            .definedBy("io.answerback.core.model.site..")
            .layer("service")
            .definedBy("io.answerback.core.model.service..")
            .layer("shown")
            .definedBy("io.answerback.core.model.shown..")
            .layer("power")
            .definedBy("io.answerback.core.model.power..")
            .layer("cable")
            .definedBy("io.answerback.core.model.cable..")
            .layer("people")
            .definedBy("io.answerback.core.model.people..")
            .layer("path")
            .definedBy("io.answerback.core.model.path..")
            .layer("mail")
            .definedBy("io.answerback.core.model.mail..")
            .layer("unit")
            .definedBy("io.answerback.core.model.unit..")
            .layer("receiver")
            .definedBy("io.answerback.core.model.receiver..")
            .layer("practice")
            .definedBy("io.answerback.core.model.practice..")
            .layer("profile")
            .definedBy("io.answerback.core.model.profile..")
            .layer("device")
            .definedBy("io.answerback.core.model.device..")
            .layer("id")
            .definedBy("io.answerback.core.model.id..")
            .layer("common")
            .definedBy("io.answerback.core.model.common..")
            .whereLayer("site")
            .mayOnlyAccessLayers(
                    "service",
                    "shown",
                    "power",
                    "cable",
                    "people",
                    "path",
                    "mail",
                    "unit",
                    "receiver",
                    "practice",
                    "profile",
                    "device",
                    "common",
                    "id")
            .whereLayer("unit")
            .mayOnlyAccessLayers("path", "profile", "receiver", "common", "id")
            .whereLayer("service")
            .mayOnlyAccessLayers("common")
            .whereLayer("shown")
            .mayOnlyAccessLayers("common", "id")
            .whereLayer("mail")
            .mayOnlyAccessLayers("common")
            .whereLayer("power")
            .mayOnlyAccessLayers("practice", "profile", "device", "common", "id")
            .whereLayer("cable")
            .mayOnlyAccessLayers("practice", "profile", "device", "common", "id")
            .whereLayer("people")
            .mayOnlyAccessLayers("receiver", "common", "id")
            .whereLayer("path")
            .mayOnlyAccessLayers("receiver", "common")
            .whereLayer("receiver")
            .mayOnlyAccessLayers("common")
            .whereLayer("practice")
            .mayOnlyAccessLayers("profile", "device", "common", "id")
            .whereLayer("profile")
            .mayOnlyAccessLayers("device", "common", "id")
            .whereLayer("device")
            .mayOnlyAccessLayers("common", "id")
            .whereLayer("id")
            .mayOnlyAccessLayers("common")
            .whereLayer("common")
            .mayNotAccessAnyLayer();

    @ArchTest
    static final ArchRule NO_CIRCLE_OF_ROOMS =
            slices().matching("io.answerback.core.(*)..").should().beFreeOfCycles();

    /// Also inside a room.
    @ArchTest
    static final ArchRule NO_CIRCLE_OF_PACKAGES =
            slices().matching("io.answerback.(**)").should().beFreeOfCycles();
}
