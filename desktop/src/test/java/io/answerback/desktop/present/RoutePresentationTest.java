package io.answerback.desktop.present;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.StopProgress;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.NewJob;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import org.junit.jupiter.api.Test;

class RoutePresentationTest {
    private static Assessment assess(Job job) {
        return new Assessor(DataFiles.events()).assess(job);
    }

    private static RoutePresentation.OneStop at(Stop stop, Assessment assessment) {
        return RoutePresentation.of(assessment, Stop.LOOP).stops().get(stop.ordinal());
    }

    @Test
    void everyStopShowsItsProgressAndOnlyOneIsOpen() {
        Assessment demo = assess(DemoJobs.job(1));
        RoutePresentation route = RoutePresentation.of(demo, Stop.CABLE);
        assertThat(route.stops())
                .extracting(RoutePresentation.OneStop::mark)
                .containsExactlyElementsOf(
                        demo.stops().stream().map(StopProgress::mark).toList());
        assertThat(route.stops())
                .filteredOn(RoutePresentation.OneStop::open)
                .extracting(RoutePresentation.OneStop::stop)
                .containsExactly(Stop.CABLE);
        assertThat(route.stops().get(2).says()).isEqualTo("Cable: wrong, 22 of 24, open");
    }

    @Test
    void theHintSaysWhyTheMarkIsNoBetter() {
        Assessment demo = assess(DemoJobs.job(1));
        assertThat(at(Stop.CABLE, demo).hint())
                .isEqualTo(
                        "Cable: 22 of 24 cables are terminated. Wrong: 05 C-20 is outside the tamper ring. (Ctrl+3)");
        assertThat(at(Stop.SURVEY, demo).hint())
                .isEqualTo("Survey: 24 of 24 points have an area and an input. (Ctrl+1)");
    }

    @Test
    void aStopWithNothingToDoSaysSo() {
        var rules = DataFiles.rules().getFirst();
        Assessment fresh = assess(NewJob.of(
                "Harbour Hall",
                "",
                rules,
                rules.option(PracticeQuestion.WORDING),
                DataFiles.profiles().getFirst()));
        assertThat(at(Stop.LOOP, fresh).hint())
                .isEqualTo("Loop: 0 of 0 loops read right in every state. Nothing to do here yet. (Ctrl+2)");
    }
}
