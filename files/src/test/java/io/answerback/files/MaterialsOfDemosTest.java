package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.work.materials.Material;
import io.answerback.core.work.materials.MaterialGroup;
import io.answerback.core.work.materials.MaterialList;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is taken to the demos, against a count of their job files by hand.
class MaterialsOfDemosTest {
    private static final Map<Integer, MaterialList> LISTS = List.of(1, 2, 3).stream()
            .collect(Collectors.toMap(
                    demo -> demo,
                    demo -> new Assessor(DataFiles.events())
                            .assess(DemoJobs.job(demo))
                            .get(MaterialList.FACT)));

    private static Material material(int demo, String id) {
        return LISTS.get(demo).materials().stream()
                .filter(material -> material.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not among "
                        + LISTS.get(demo).materials().stream().map(Material::id).toList()));
    }

    /// Demo 1 is wired but for two devices; demo 2 is an old system that was taken over; demo 3 is on paper.
    @ParameterizedTest
    @CsvSource({
        "1, device:door contact, 11, 11, 0",
        "1, device:movement detector, 7, 6, 1",
        "1, device:glass-break detector, 1, 0, 1",
        // 22 in loops, 20 of them in place; 4 across unused inputs, 3 of them fitted; two spares
        "1, resistor:2k2, 26, 23, 5",
        // one of them across the key switch, so that a cut is told from a turned key
        "1, resistor:4k7, 21, 19, 4",
        "1, resistor:2k7, 1, 1, 0",
        "1, resistor:10k, 2, 2, 0",
        "1, labels, 66, 65, 1",
        "1, fixings, 48, 44, 4",
        "1, battery:17.0, 2, 2, 0",
        "2, device:movement detector, 2, 2, 0",
        // in J-1: two of the kiln, two of the window's loop, one of the tamper ring; two go to its lid contact
        "2, connectors, 5, 5, 0",
        "2, labels, 20, 20, 0",
        "2, battery:2.1, 1, 0, 1",
        // 238 m and a tenth is 261.8 m
        "3, cable:of a type nobody has decided, 238, 0, 262",
        "3, device:door contact, 3, 0, 3",
        // four on the loop of 03, three on that of 04
        "3, device:window contact, 7, 0, 7",
        "3, resistor:3k3, 6, 0, 8",
        "3, resistor:8k2, 1, 0, 3",
        "3, resistor:6k8, 1, 0, 3",
        "3, labels, 20, 0, 20"
    })
    void itIsCountedAsByHand(int demo, String id, double needed, double there, double take) {
        Material material = material(demo, id);
        assertThat(List.of(material.needed(), material.there(), material.take()))
                .containsExactly(needed, there, take);
    }

    @Test
    void cableComesOnWholeReels() {
        assertThat(material(3, "cable:of a type nobody has decided").packed()).isEqualTo("3 reels of 100 m");
        assertThat(LISTS.get(1).materials())
                .filteredOn(material -> material.group() == MaterialGroup.CABLE)
                .hasSize(5)
                .allMatch(material -> material.take() == 0);
    }

    @Test
    void toolsAreThoseTheWorkAsksFor() {
        assertThat(LISTS.get(1).toTake())
                .extracting(Material::id)
                .contains("tool:ears", "tool:ladder", "tool:gas", "tool:caps")
                .doesNotContain("tool:detector", "tool:smoke");
        assertThat(LISTS.get(3).toTake())
                .extracting(Material::id)
                .contains("tool:detector", "tool:dust", "tool:smoke")
                .doesNotContain("tool:ears");
    }
}
