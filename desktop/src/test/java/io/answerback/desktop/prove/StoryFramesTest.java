package io.answerback.desktop.prove;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.panel.operation.StoryPanel;
import io.answerback.desktop.prove.StoryFrames.Frame;
import io.answerback.desktop.prove.StoryFrames.Sign;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// A story as frames: what each moment is called, what it shows, and what followed.
class StoryFramesTest {
    private static final Job JOB = DemoJobs.job(1);
    private static final OperationRules RULES = OperationRules.of(JOB);
    private static final int DOOR = 1;

    /// Each happening a second after the one before.
    private static List<Frame> frames(Happening... happenings) {
        List<PanelCase.Event> events = new ArrayList<>();
        for (Happening happening : happenings) {
            events.add(new PanelCase.Event(1000L * (events.size() + 1), happening));
        }
        PanelCase story =
                new PanelCase("Day", "", StoryPanel.OF_JOB, Map.of(), events, 1000L * (events.size() + 1), List.of());
        return new StoryFrames(story, story.on(RULES), RULES, LogWords.of(DataFiles.events(), JOB)).frames();
    }

    private static Frame frame(Happening happening) {
        return frames(happening).stream()
                .filter(its -> its.atMillis() == 1000)
                .findFirst()
                .orElseThrow();
    }

    private static void is(Happening happening, Sign sign, String title) {
        Frame frame = frame(happening);
        assertThat(frame.title()).isEqualTo(title);
        assertThat(frame.sign()).as(title).isEqualTo(sign);
    }

    @Test
    void whatPeopleDoIsCalledByWhoTheyAre() {
        is(new Happening.SetAsked(1, HowSet.CODE, 3, false, false), Sign.PERSON, "user 3 asks to set");
        is(new Happening.SetAsked(1, HowSet.TIMER, 0, true, false), Sign.PERSON, "the panel asks to part set");
        is(new Happening.UnsetAsked(1, HowSet.CODE, 3, false), Sign.PERSON, "user 3 asks to unset");
        is(new Happening.UnsetAsked(1, HowSet.CODE, 3, true), Sign.PERSON, "user 3 unsets under threat");
        is(new Happening.WrongCode(), Sign.PERSON, "a wrong code");
        is(new Happening.Silenced(3), Sign.PERSON, "somebody silences it");
        is(new Happening.Programming(true), Sign.PERSON, "programming opens");
        is(new Happening.Programming(false), Sign.PERSON, "programming closes");
        is(new Happening.WalkTest(1, true), Sign.PERSON, "walk test begins");
        is(new Happening.WalkTest(1, false), Sign.PERSON, "walk test ends");
    }

    @Test
    void aZoneIsCalledByItsNameAndWhatItReads() {
        String door = RULES.zones().get(DOOR).name();
        is(new Happening.ZoneReads(DOOR, Optional.of(Meaning.ALARM)), Sign.POINT, door + " activated");
        is(new Happening.ZoneReads(DOOR, Optional.of(Meaning.NORMAL)), Sign.POINT, door + " restored");
        is(new Happening.ZoneReads(DOOR, Optional.of(Meaning.TAMPER)), Sign.POINT, door + ": " + Meaning.TAMPER.word());
        is(new Happening.ZoneReads(DOOR, Optional.empty()), Sign.POINT, door + " reads between bands");
        is(new Happening.LeftOut(DOOR, 3, true), Sign.PERSON, door + " left out");
        is(new Happening.LeftOut(DOOR, 3, false), Sign.PERSON, door + " watched again");
    }

    @Test
    void suppliesPathsAndModulesSayWhetherTheyAreThere() {
        is(new Happening.Mains(false), Sign.SUPPLY, "mains fails");
        is(new Happening.Mains(true), Sign.SUPPLY, "mains back");
        is(new Happening.Battery(BatteryState.LOW), Sign.SUPPLY, "battery low");
        is(new Happening.Path(1, false), Sign.SUPPLY, "path 1 lost");
        is(new Happening.Path(1, true), Sign.SUPPLY, "path 1 back");
        is(new Happening.Module(2, false), Sign.SUPPLY, "module 2 lost");
        is(new Happening.Module(2, true), Sign.SUPPLY, "module 2 back");
        is(new Happening.PowerGone(), Sign.SUPPLY, "all power gone");
        is(new Happening.PowerBack(), Sign.SUPPLY, "power back");
        is(new Happening.Clock(3_600_000), Sign.CLOCK, "the clock is another");
        is(new Happening.TimePasses(), Sign.CLOCK, "time passes");
    }

    @Test
    void framesStandInTheOrderOfTimeAndTheSoundersStayAsTheyWere() {
        List<Frame> frames = frames(
                new Happening.Mains(false),
                new Happening.SetAsked(1, HowSet.CODE, 3, false, true),
                new Happening.Mains(true));
        assertThat(frames).extracting(Frame::atMillis).isSorted().doesNotHaveDuplicates();
        assertThat(frames).extracting(Frame::sounds).containsOnly(false);
        assertThat(frames.stream().flatMap(its -> its.follows().stream())).noneMatch(String::isBlank);
    }
}
