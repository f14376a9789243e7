package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/// What a simulator is given of the names of a job.
class SpiceTextTest {
    @Test
    void aNameThatLooksLikeACommandStaysInItsComment() {
        assertThat(SpiceText.plain("C-01\n.control\nshell touch here\n.endc"))
                .isEqualTo("C-01_.control_shell touch here_.endc");
        assertThat(SpiceText.plain("Dock door, 2.5 m (left)")).isEqualTo("Dock door, 2.5 m (left)");
    }

    @Property
    void whateverIsNamedIsOneShortLine(@ForAll String name) {
        assertThat(SpiceText.plain(name)).hasSizeLessThanOrEqualTo(200).matches("[\\p{L}\\p{N} .,()/_-]*");
    }
}
