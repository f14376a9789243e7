package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import io.answerback.core.engine.finding.Check;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ChecksTest {
    /// A check that stands in no checklist is never asked.
    @Test
    void everyCheckThereIsStandsInAChecklist() {
        Set<String> listed = Stream.of(Checks.OF_POINTS, Checks.OF_CABLES, Checks.OF_BOXES, Checks.OF_JOBS)
                .flatMap(List::stream)
                .map(check -> check.getClass().getName())
                .collect(Collectors.toSet());
        Set<String> written = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("io.answerback.core").stream()
                        .filter(its -> its.isAssignableTo(Check.class)
                                && !its.isInterface()
                                && !its.getModifiers().contains(JavaModifier.ABSTRACT))
                        .map(JavaClass::getName)
                        .collect(Collectors.toSet());
        assertThat(listed).containsExactlyInAnyOrderElementsOf(written);
    }
}
