package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Checks;
import io.answerback.core.engine.finding.Rule;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class RulesVerbTest {
    /// After a change of a rule: `./answerback rules --markdown > docs/findings.md`.
    @Test
    void thePageOfRulesIsCurrent() throws Exception {
        assertThat(Files.readString(Path.of("..", "docs", "findings.md"))).isEqualTo(RulesVerb.page());
    }

    @Test
    void noTwoRulesHaveOneIdAndEachSaysSentences() {
        assertThat(Checks.rules()).extracting(Rule::id).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-z-]+"));
        assertThat(Checks.rules())
                .allSatisfy(rule -> assertThat(rule.title()).matches("[A-Z].*\\."))
                .allSatisfy(rule -> assertThat(rule.reason()).matches("[A-Z].*\\."));
    }
}
