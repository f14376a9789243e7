package io.answerback.core.engine.wording;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
    @Test
    void everyQuestionOptionAndFigureHasItsWords() {
        Stream<String> all = Stream.of(
                        Stream.of(PracticeQuestion.values())
                                .flatMap(its -> Stream.of(PracticeWords.title(its), PracticeWords.why(its))),
                        Stream.of(PracticeOption.values()).map(PracticeWords::of),
                        Stream.of(RuleFigure.values())
                                .flatMap(its -> Stream.of(PracticeWords.title(its), PracticeWords.why(its))))
                .flatMap(words -> words);
        assertThat(all).allMatch(words -> !words.isBlank());
    }

    @Test
    void everyDecisionHasItsTitleAndWhyInBothWordings() {
        for (PracticeOption option : PracticeOption.of(PracticeQuestion.WORDING)) {
            Terms terms = new Terms(option);
            assertThat(Decision.values()).allSatisfy(decision -> {
                assertThat(DecisionWords.title(decision, terms)).isNotBlank().doesNotContain("{");
                assertThat(DecisionWords.why(decision, terms)).isNotBlank().doesNotContain("{");
                assertThat(DecisionWords.touches(decision, terms)).doesNotContain("{");
            });
        }
    }

    @Test
    void theWordsFollowTheWording() {
        Terms set = Terms.of(SmallJob.job().practice());
        Terms arm = Terms.of(PracticeEdits.option("wording", PracticeOption.ARM_DISARM)
                .on(SmallJob.job())
                .practice());
        assertThat(List.of(set.set(), set.unset(), set.toSet(), set.toUnset(), set.setting(), set.both()))
                .containsExactly("set", "unset", "set", "unset", "setting", "set / unset");
        assertThat(List.of(arm.set(), arm.unset(), arm.toSet(), arm.toUnset(), arm.setting(), arm.both()))
                .containsExactly("armed", "disarmed", "arm", "disarm", "arming", "arm / disarm");
        assertThat(set.in("{partSet} by user")).isEqualTo("part set by user");
        assertThat(arm.in("{partSet} by user, then {unset}")).isEqualTo("stay by user, then disarmed");
    }
}
