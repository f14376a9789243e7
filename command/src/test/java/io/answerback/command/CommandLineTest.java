package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.station.PracticeStation;
import io.answerback.station.Received;
import io.answerback.station.StationRules;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class CommandLineTest extends DemoFile {
    @Test
    void newWritesADemoOnceAndNeverOverAFile() throws Exception {
        assertThat(JobFile.open(file).job().points()).hasSize(24);
        Called again = Called.of("new", file, "--demo", "1");
        assertThat(again.code()).isEqualTo(2);
        assertThat(again.err()).contains("is there already");
    }

    @Test
    void checkListsFindingsAndStopsAndLeavesWithOneWhenSomethingIsWrong() {
        Called check = Called.of("check", file, "--json");
        assertThat(check.code()).isEqualTo(1);
        JsonNode first = check.json().get("findings").get(0);
        assertThat(first.propertyNames()).contains("id", "stop", "grade", "point", "says", "why", "remedy");
        assertThat(first.get("grade").asString()).isEqualTo("wrong");
        assertThat(check.json().get("stops").get(0).get("name").asString()).isEqualTo("Survey");
        JsonNode stop = check.json().get("stops").get(1);
        assertThat(stop.get("name").asString()).isEqualTo("Loop");
        // one is tight, and the gas alarm is life-safety, which is computed and never counted as done
        assertThat(stop.get("done").asInt()).isEqualTo(22);
        assertThat(stop.get("of").asInt()).isEqualTo(23);
    }

    @Test
    void loopGivesEveryStateWithItsWorstCase() {
        JsonNode loop = Called.of("loop", file, "--point", "07", "--json").json();
        JsonNode rest = loop.get("states").get(0);
        assertThat(rest.propertyNames())
                .contains("state", "lowOhms", "nominalOhms", "highOhms", "open", "reads", "expected", "safe", "margin");
        // 2700 Ω + 2 · 62 m · 0.092 Ω/m + 0.2 Ω cover + 0.2 Ω across 4k7
        assertThat(rest.get("nominalOhms").asDouble()).isEqualTo(2711.808);
        assertThat(loop.get("states").findValuesAsString("state"))
                .contains("at-rest", "active", "cover-off", "cable-cut", "short-at-device", "no-resistor");
        JsonNode cut = loop.get("states").get(3);
        assertThat(cut.get("open").asBoolean()).isTrue();
        assertThat(cut.get("lowOhms").isNull()).isTrue();
        assertThat(loop.get("longestMetres").asDouble()).isBetween(580.0, 600.0);
        // shut at most 2700 · (1 + t) + 0.4 + 11.408 · 1.059 = 2950: t = 8.8 %
        assertThat(loop.get("limits").get("loosestTolerancePercent").asDouble()).isBetween(8.7, 8.9);
    }

    @Test
    void everyDemoIsCheckedAndListsItsStopsInTheOrderOfWork() {
        for (int demo = 1; demo <= 3; demo++) {
            Path other = folder.resolve("demo" + demo + ".answerback.json");
            assertThat(Called.of("new", other, "--demo", demo).code()).isZero();
            Called check = Called.of("check", other, "--json");
            assertThat(check.code()).isEqualTo(1);
            assertThat(check.json().get("stops").findValuesAsString("name"))
                    .containsExactly(
                            "Survey", "Loop", "Cable", "Power", "Bus", "Set up", "Report", "Prove", "Hand over");
        }
    }

    @Test
    void aJobWithNothingWrongLeavesWithZero() throws Exception {
        Job pottery = UnitEdits.fitting("supply", its -> its.withSupply(UnitSupply.OWN, false))
                .on(DemoJobs.job(2));
        pottery = SetupEdits.decide(Decision.PHONE_NUMBER, 0, "5550117").on(pottery);
        pottery = SetupEdits.decide(Decision.REPORT_DELAY, 0, "0").on(pottery);
        Path sound = folder.resolve("sound.answerback.json");
        JobFile.save(sound, JobDocument.of(pottery));
        assertThat(Called.of("check", sound).code()).isZero();
    }

    @Test
    void setupTellsWhatIsTypedWhereInWhichOrder() {
        Called setup = Called.of("setup", file, "--json");
        assertThat(setup.code()).isZero();
        assertThat(setup.json().get("steps").size()).isEqualTo(114);
        assertThat(setup.json().get("steps").get(0).propertyNames())
                .contains("order", "setting", "intent", "entry", "where", "done");
        assertThat(setup.json().get("steps").findValuesAsString("setting")).contains("Sounder", "Engineer's code");
        assertThat(Called.of("setup", file).out()).contains("2 Times > Sounder");
    }

    @Test
    void busTellsWhoAnswersAndWhereAZoneIsRead() {
        Called bus = Called.of("bus", file, "--json");
        assertThat(bus.code()).as("an expander is expected that is not there").isEqualTo(1);
        var modules = bus.json().get("modules");
        assertThat(modules.get(0).propertyNames()).contains("name", "kind", "address", "volts", "enrolled", "present");
        assertThat(modules.get(0).get("name").asString()).isEqualTo("Expander 1");
        // 0.2 V on the board and the cable of 38 m: 9.89 V of the 10.5 V at the end of discharge are left
        assertThat(modules.get(0).get("volts").asDouble()).isEqualTo(9.891);
        var last = modules.get(modules.size() - 1);
        assertThat(last.get("address").asInt()).isEqualTo(3);
        assertThat(last.get("present").asBoolean()).isFalse();
        var taken = bus.json()
                .get("zones")
                .valueStream()
                .filter(zone -> zone.get("takenOver").asBoolean())
                .toList();
        assertThat(taken).singleElement().satisfies(zone -> {
            assertThat(zone.get("zone").asInt()).isEqualTo(22);
            assertThat(zone.get("input").asString()).isEqualTo("Keypad 2 · 1");
        });
        assertThat(Called.of("bus", file).out()).contains("nobody", "in place of Expander 2 · 6");
    }

    @Test
    void netlistIsOneTheSimulatorRunsAsItIs() {
        String text =
                Called.of("netlist", file, "--point", "07", "--state", "active").out();
        // 2 · 62 m · 0.092 Ω/m of cable, 4k7 across the open contact, 2k7 at the end
        assertThat(text)
                .startsWith("* Point 07 Dock roller door 2, active")
                .contains(" 11.4080000 ", " 4700.00000 ", " 2700.00000 ", "print ohms");
    }

    @Test
    void supplyListsOutputsBatteryAndVolts() {
        Called supply = Called.of("supply", file, "--json");
        // a far device falls short, so something is wrong
        assertThat(supply.code()).isEqualTo(1);
        JsonNode output = supply.json().get("outputs").get(0);
        assertThat(output.get("name").asString()).isEqualTo("Panel · 12V");
        assertThat(output.get("alarmMilliamps").asDouble())
                .isLessThan(output.get("limitMilliamps").asDouble());
        assertThat(supply.json().get("battery").propertyNames())
                .contains("fittedAh", "requiredAh", "standbyHours", "ruleHours", "rechargeHours");
        JsonNode volts = supply.json().get("volts");
        assertThat(volts.get(0).propertyNames()).contains("device", "leastVolts", "atFloat", "atEnd", "ok");
        // 14 m of 92 Ω/km at 35 °C and 18 mA: 10.5 − 0.2 − 2 · 14 · 0.092 · 1.05895 · 0.018
        assertThat(volts.get(0).get("atEnd").asDouble()).isEqualTo(10.251);
    }

    @Test
    void theSupplyTreesAreANetlistToo() {
        String text = Called.of("netlist", file, "--supply").out();
        assertThat(text)
                .startsWith("* Supply trees of Brinewell Cold Store")
                .contains("print volts_point_20", "print volts_module_keypad_2");
    }

    @Test
    void diagnoseListsCausesAndWhatToMeasureNext() {
        Called one = Called.of("diagnose", file, "--point", "06", "--ohms", "4k38", "--state", "active", "--json");
        assertThat(one.code()).isZero();
        assertThat(one.json().get("causes").get(0).propertyNames()).contains("cause", "probability", "detail");
        assertThat(one.json().get("causes").findValuesAsString("cause")).contains("leak", "wrong-alarm-resistor");
        assertThat(one.json().get("next").get("action").asString()).isNotBlank();
        assertThat(one.json().get("next").get("splits").asDouble()).isPositive();
        // at rest a damp joint would read 1 869 Ω
        Called two = Called.of(
                "diagnose",
                file,
                "--point",
                "06",
                "--ohms",
                "4k38",
                "--state",
                "active",
                "--ohms",
                "1869",
                "--state",
                "at-rest",
                "--json");
        assertThat(two.json().get("causes").get(0).get("cause").asString()).isEqualTo("leak");
        // a leak to 0 V would read nearly the same; a reading to 0 V with both cores lifted tells
        assertThat(two.json().get("settled").asBoolean()).isFalse();
        assertThat(two.json().get("next").get("action").asString()).contains("0 V");
        // 5 V through 4k7 over the 2 210 Ω of a sound loop: 5 · 2210 / 6910 = 1.599 V
        Called connected = Called.of("diagnose", file, "--point", "06", "--volts", "1.599", "--json");
        assertThat(connected.json().get("causes").get(0).get("cause").asString())
                .isEqualTo("sound");
    }

    @Test
    void sendReachesAStationAndItsRestoreToo() throws Exception {
        List<Received> log = new CopyOnWriteArrayList<>();
        try (PracticeStation station = PracticeStation.listen(
                InetAddress.getLoopbackAddress(),
                0,
                StationRules.standard(new IpSignals(DataFiles.letters())),
                InstantSource.system(),
                log::add)) {
            String to = "127.0.0.1:" + station.address().getPort();
            Called sent = Called.of("send", file, "--point", "07", "--to", to, "--json");
            assertThat(sent.code()).isZero();
            assertThat(sent.json().get("answered").asBoolean()).isTrue();
            assertThat(sent.json().get("attempts").asInt()).isEqualTo(1);
            assertThat(sent.json().has("millis")).isTrue();
            assertThat(Called.of("send", file, "--point", "mains", "--to", to, "--restore")
                            .out())
                    .startsWith("answered in");
        }
        assertThat(log)
                .extracting(received -> received.signal().map(Signal::event).orElse(""))
                .containsExactly("130", "301");
        assertThat(log.get(1).signal().orElseThrow().qualifier().digit()).isEqualTo('3');
    }
}
