package io.answerback.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.service.Photograph;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PhotographSectionsTest {
    private static final Photograph BOX = new Photograph(
            "box.jpg",
            "Panel",
            Optional.of(Instant.parse("2026-06-02T10:00:00Z")),
            Optional.of(12.5),
            Optional.of(-45.25),
            "ab".repeat(32));
    private static final Photograph BARE =
            new Photograph("door.jpg", "07", Optional.empty(), Optional.empty(), Optional.empty(), "cd".repeat(32));

    private static List<PackSection> sections(Photograph... photographs) {
        Job job = SmallJob.job();
        return new PhotographSections(job.withService(job.service().withPhotographs(List.of(photographs)))).sections();
    }

    @Test
    void withoutPhotographsThePackSaysNothingOfThem() {
        assertThat(sections()).isEmpty();
    }

    @Test
    void whatIsNotKnownOfAPhotographIsSaidAndNotMadeUp() {
        assertThat(sections(BOX, BARE)).singleElement().satisfies(section -> {
            assertThat(section.tables().getFirst().rows())
                    .containsExactly(
                            List.of("Panel", "box.jpg", "2026-06-02", "12.50000, -45.25000"),
                            List.of("07", "door.jpg", "not kept", "not kept"));
            assertThat(section.says()).isEqualTo("2 in the folder");
        });
    }
}
