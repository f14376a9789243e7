package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A bad call says in one line what is wrong and leaves with 2.
class BadCallsTest extends DemoFile {
    @Test
    void frameWritesBothFormats() {
        List<Object> signal =
                List.of("--account", "1234", "--event", "131", "--qualifier", "1", "--area", "01", "--zone", "015");
        assertThat(frame("contact-id", signal).out().strip()).isEqualTo("1234181131010158");
        Called ip = frame("dc09-cid", signal, "--seq", "42", "--time", "2026-05-12T09:41:07Z");
        assertThat(ip.out().strip())
                .matches("\\\\n[0-9A-F]{4}003B\"ADM-CID\"0042L0#1234\\[#1234\\|1131 01 015]_09:41:07,05-12-2026\\\\r");
        Called json = frame("dc09-cid", signal, "--json");
        assertThat(json.json().get("format").asString()).isEqualTo("dc09-cid");
        assertThat(json.json().get("frame").asString()).startsWith("\n").endsWith("\r");
    }

    private static Called frame(String format, List<Object> signal, Object... more) {
        List<Object> words = new java.util.ArrayList<>(List.of("frame", "--format", format));
        words.addAll(signal);
        words.addAll(List.of(more));
        return Called.of(words.toArray());
    }

    @Test
    void whatIsNeverSentSaysWhyAndLeavesWithOne() {
        Called off = Called.of("send", file, "--point", "15", "--to", "127.0.0.1:9", "--json");
        assertThat(off.code()).isEqualTo(1);
        assertThat(off.json().get("answered").asBoolean()).isFalse();
        assertThat(off.json().get("problem").asString()).contains("zone 6 is off");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "check nowhere.json | There is no file nowhere.json",
                "loop FILE --point 99 | there is no point \"99\"",
                "loop FILE --point mains | cannot be computed",
                "netlist FILE --point 07 --state upside-down | this loop has no state \"upside-down\"",
                "netlist FILE --point mains | has no loop",
                "frame --format dc09-cid --account 1234 --event 130 --qualifier 1 --area 1 --zone 1 --receiver XYZ | receiver number is \"XYZ\"",
                "frame --format dc09-cid --account 1234 --event 130 --qualifier 1 --area 1 --zone 1 --line G | line number is \"G\"",
                "frame --format dc09-cid --account 1234 --event 999 --qualifier 1 --area 1 --zone 1 | which is in no table",
                "frame --format contact-id --account 1234 --event 130 --qualifier 1 --area 1 --zone 1 --seq 4 | contact-id carries no sequence",
                "netlist FILE | say which point with --point, or --supply",
                "diagnose FILE --point 07 | either as --ohms or as --volts",
                "diagnose FILE --point 07 --volts 9 | reading in volts is 9",
                "diagnose FILE --point 07 --ohms lots | reading in ohms is \"lots\"",
                "diagnose FILE --point 07 --ohms -5 | reading in ohms is -5",
                "diagnose FILE --point 07 --ohms 5 --state asleep | state is \"asleep\"",
                "send FILE --point 07 --to nowhere | write HOST:PORT",
                "send FILE --point 07 --to host:99999 | address is \"host:99999\"",
                "frame --format morse --account 1234 --event 130 --qualifier 1 --area 1 --zone 1 | format is \"morse\"",
                "frame --format contact-id --account 12 --event 130 --qualifier 1 --area 1 --zone 1 | account is \"12\"",
                "frame --format contact-id --account 1234 --event 130 --qualifier 7 --area 1 --zone 1 | qualifier is \"7\"",
                "frame --format dc09-cid --account 1234 --event 130 --qualifier 1 --area 1 --zone 1 --time noon | time is \"noon\"",
                "new FILE2 --demo 8 | there is no demo 8",
                "station --port 70000 | port is 70000",
                "dance | Unmatched argument",
                "check | Missing required parameter"
            })
    void badCallsLeaveWithTwoAndOneLine(String words, String says) {
        Object[] arguments = words.replace("FILE2", folder.resolve("x").toString())
                .replace("FILE", file.toString())
                .split(" ");
        Called bad = Called.of(arguments);
        assertThat(bad.code()).isEqualTo(2);
        assertThat(bad.err()).contains(says);
        assertThat(bad.err().strip().lines()).hasSize(1);
    }

    @Test
    void aBrokenJobSaysWhereAndIsLeftAlone() throws Exception {
        String broken = Files.readString(file).replaceFirst("\"metres\": 62.0", "\"metres\": -62.0");
        Files.writeString(file, broken);
        Called check = Called.of("check", file);
        assertThat(check.code()).isEqualTo(2);
        assertThat(check.err()).contains("/cables/6/metres", "line ");
        assertThat(file).hasContent(broken);
    }
}
