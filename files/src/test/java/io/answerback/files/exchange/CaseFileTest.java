package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.behaviour.SettingMatrix;
import io.answerback.core.panel.behaviour.SettingMatrix.Way;
import io.answerback.core.panel.behaviour.ZoneEffect;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.panel.operation.StoryPanel;
import io.answerback.core.panel.operation.Timer;
import io.answerback.core.setup.SetupEdits;
import io.answerback.files.BrokenFile;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Stories of a panel: those that ship, and what is refused.
class CaseFileTest {
    private static OperationRules rules(Job job) {
        return OperationRules.of(job);
    }

    private static List<String> shipped() {
        return CaseFile.shipped();
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void everyStoryEndsAsExpectedOnTheMainDemo(String name) throws BrokenFile {
        PanelCase.Outcome outcome = CaseFile.find(name).on(rules(DemoJobs.job(1)));
        assertThat(outcome.differs()).isEmpty();
        assertThat(outcome.asExpected()).isTrue();
    }

    @Test
    void withALongerEntryTimeTheCleanerGetsIn() throws BrokenFile {
        Job longer = SetupEdits.decide(Decision.ENTRY_TIME, 1, "45").on(DemoJobs.job(1));
        PanelCase.Outcome outcome = CaseFile.find("late-cleaner").on(rules(longer));
        assertThat(outcome.log().stream().flatMap(line -> line.signal().stream()))
                .extracting(signal -> signal.event() + signal.qualifier().digit())
                .containsExactly("4013", "4011");
        assertThat(outcome.differs()).contains("expected and not sent: 20:30:30 1 134 area 01 zone or user 001");
    }

    @Test
    void withoutReportsOfSettingTheseAreMissing() throws BrokenFile {
        Job quiet = SetupEdits.decide(Decision.REPORT_SETTING, 0, "no").on(DemoJobs.job(1));
        assertThat(CaseFile.find("normal-day").on(rules(quiet)).differs()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "not json | is not a value",
                "{\"format\": \"other\"} | is not a story",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"happens\": [{\"at\": \"8:00\", \"does\": \"open\"}]} | write hours:minutes:seconds",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"happens\": [{\"at\": \"08:00:00\", \"does\": \"opne\"}]} | it is one of",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"happens\": [{\"at\": \"08:00:00\", \"does\": \"open\", \"zone\": -3}]} | whole number from 0 to 999",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"happens\": [{\"at\": \"09:00:00\", \"does\": \"wait\"}, {\"at\": \"08:00:00\", \"does\": \"wait\"}]} | not in the order of time",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"zones\": {\"1\": \"FLOOD\"}} | write a number and one of",
                "{\"format\": \"answerback-case\", \"happens\": []} | name of a case is empty",
                "{\"format\": \"answerback-case\", \"name\": \"x\", \"expects\": [{\"at\": \"08:00:00\", \"event\": \"1\"}]} | needs an event of three digits"
            })
    void whatIsNoStoryIsRefusedWithItsReason(String text, String says) {
        assertThatThrownBy(() -> CaseFile.read(text, "story"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContainingAll("story", says);
    }

    @Test
    void aNameNobodyKnowsIsRefusedWithThoseThereAre() {
        assertThatThrownBy(() -> CaseFile.find("no-such-case"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("normal-day");
    }

    /// What a client is read out against what the panel does, zone by zone and way by way.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theMatrixOfWaysSaysWhatThePanelDoes(int demo) {
        Job job = DemoJobs.job(demo);
        OperationRules rules = rules(job);
        for (SettingMatrix.Row row : SettingMatrix.of(job).rows()) {
            if (row.area() == 0 || !rules.zones().containsKey(row.zone())) {
                continue;
            }
            for (Way way : Way.values()) {
                assertThat(does(rules, row, way))
                        .as("demo %d, zone %d %s, %s", demo, row.zone(), row.type(), way)
                        .isEqualTo(said(row.does().get(way)));
            }
        }
    }

    private static String said(ZoneEffect effect) {
        return switch (effect) {
            case NOTHING, WAITS, LOG -> "nothing";
            case CHIME -> "chime";
            case ALARM -> "alarm";
            case ENTRY -> "entry";
            case SWITCHES -> "switches";
        };
    }

    private static String does(OperationRules rules, SettingMatrix.Row row, Way way) {
        OperationState before = brought(rules, row.area(), way);
        AreaMode was = before.area(row.area()).mode();
        Operation.Step step = new Operation(rules)
                .step(before, new Happening.ZoneReads(row.zone(), Optional.of(Meaning.ALARM)), before.atMillis() + 1);
        AreaMode is = step.state().area(row.area()).mode();
        boolean alarm = is == AreaMode.IN_ALARM
                || step.state().timers().stream().anyMatch(timer -> timer.kind() == Timer.Kind.REPORT)
                || step.log().stream().anyMatch(line -> line.act() instanceof Act.Sounds sounds && sounds.on())
                || step.log().stream()
                        .flatMap(line -> line.signal().stream())
                        .anyMatch(signal -> signal.event().startsWith("1"));
        if (row.type().switches()) {
            return "switches";
        }
        if (alarm) {
            return "alarm";
        }
        if (is == AreaMode.ENTERING && was != AreaMode.ENTERING) {
            return "entry";
        }
        return step.log().stream().anyMatch(line -> line.act() instanceof Act.Beeps) ? "chime" : "nothing";
    }

    private static OperationState brought(OperationRules rules, int area, Way way) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.fresh(rules);
        if (way == Way.UNSET) {
            return state;
        }
        boolean part = way == Way.PART_SET;
        state = operation
                .step(state, new Happening.SetAsked(area, HowSet.KEY, 0, part, true), 1)
                .state();
        if (way == Way.LEAVING) {
            return state;
        }
        state = operation
                .step(state, new Happening.TimePasses(), rules.areas().get(area).exitMillis() + 1)
                .state();
        return way == Way.ENTERING ? entering(operation, rules, area, state) : state;
    }

    /// By a door of the area, where it has one; else it is set and cannot be entered.
    private static OperationState entering(Operation operation, OperationRules rules, int area, OperationState set) {
        return rules.zones().values().stream()
                .filter(zone -> zone.area() == area && zone.type().words().equals("entry/exit"))
                .findFirst()
                .map(door -> operation
                        .step(
                                set,
                                new Happening.ZoneReads(door.number(), Optional.of(Meaning.ALARM)),
                                set.atMillis() + 1)
                        .state())
                .orElse(set);
    }

    /// Everything that can happen survives being written and read.
    @Test
    void aStoryIsReadAsItWasWritten() throws BrokenFile {
        List<Happening> all = List.of(
                new Happening.SetAsked(1, HowSet.QUICK, 2, true, true),
                new Happening.UnsetAsked(1, HowSet.REMOTE, 2, true),
                new Happening.ZoneReads(4, Optional.of(Meaning.FAULT)),
                new Happening.ZoneReads(4, Optional.of(Meaning.NORMAL)),
                new Happening.LeftOut(4, 2, true),
                new Happening.LeftOut(4, 2, false),
                new Happening.Mains(false),
                new Happening.Battery(Happening.BatteryState.MISSING),
                new Happening.Path(2, true),
                new Happening.Reset(ResetBy.STATION),
                new Happening.Module(9, false),
                new Happening.WrongCode(),
                new Happening.Silenced(2),
                new Happening.Programming(true),
                new Happening.WalkTest(1, false),
                new Happening.PowerGone(),
                new Happening.PowerBack(),
                new Happening.Clock(-3_600_000),
                new Happening.TimePasses());
        List<PanelCase.Event> events = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            events.add(new PanelCase.Event(1000L * i + 200, all.get(i)));
        }
        PanelCase story = new PanelCase(
                "All of it",
                "About",
                new StoryPanel(
                        Optional.of(PanelManners.USUAL),
                        Optional.of(1_800_000L),
                        Optional.of(true),
                        Optional.of(false),
                        Optional.of(ResetBy.ENGINEER)),
                Map.of(4, ZoneType.FIRE),
                events,
                60_000,
                List.of(new PanelCase.Expected(1200, "401", '3', 1, 2)));
        assertThat(CaseFile.read(CaseText.of(story), "written")).isEqualTo(story);
    }
}
