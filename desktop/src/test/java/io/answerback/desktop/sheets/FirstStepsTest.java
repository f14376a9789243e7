package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.survey.NewJob;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// A job without a point says at each stop what comes first, and goes there.
class FirstStepsTest extends DemoSheets {
    @BeforeEach
    void begin() {
        var rules = DataFiles.rules().getFirst();
        openJob.put(
                NewJob.of(
                        "Harbour Hall",
                        "",
                        rules,
                        rules.option(PracticeQuestion.WORDING),
                        DataFiles.profile("sample-a")),
                Optional.empty(),
                "");
    }

    @ParameterizedTest
    @EnumSource(
            value = Stop.class,
            names = {"LOOP", "CABLE", "POWER", "SET_UP"})
    void theFirstPointIsTypedInTheSurvey(Stop stop) {
        openJob.go(stop);
        assertThat(reads("There is no point yet")).isTrue();
        click("Type the first point");
        assertThat(openJob.now().stop()).isEqualTo(Stop.SURVEY);
        assertThat(openJob.now().sheet()).isEqualTo(SurveySheet.ROOMS);
    }

    @Test
    void aBusWithNothingOnItAsksForItsModules() {
        openJob.go(Stop.BUS);
        click("Fit a keypad or an expander");
        assertThat(openJob.now().sheet()).isEqualTo(SurveySheet.INPUTS);
    }

    @Test
    void withTheFirstPointTheStepIsGone() {
        demo(1);
        openJob.go(Stop.POWER);
        assertThat(reads("There is no point yet")).isFalse();
        openJob.go(Stop.SET_UP);
        assertThat(reads("There is no point yet")).isFalse();
    }
}
