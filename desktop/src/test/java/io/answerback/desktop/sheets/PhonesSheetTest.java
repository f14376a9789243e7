package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.report.ReportSheet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Phones that work the communicator by text.
class PhonesSheetTest extends DemoSheets {
    @BeforeEach
    void phones() {
        demo(3);
        at(Stop.REPORT, "02");
        report().open(ReportSheet.PHONES);
    }

    private void write(String text) {
        seen().named(Line.class, Line::name, "Text to the communicator")
                .keys()
                .take()
                .test(text);
    }

    @Test
    void theFirstPhoneBecomesAdministratorAndASecondOneIsAStranger() {
        assertThat(reads("The first number that calls or writes becomes its administrator"))
                .isTrue();
        click("Call: it rings");
        assertThat(reads("You are the administrator now")).isTrue();
        assertThat(reads("Its administrator is +99900000301")).isTrue();
        click("Phone of Somebody else");
        write("2468 close up");
        assertThat(reads("a stranger learns nothing")).isTrue();
        assertThat(reads("It is unset")).isTrue();
        click("Phone of Owner");
        write("2468 close up");
        assertThat(reads("Set.")).isTrue();
        assertThat(reads("It is set")).isTrue();
        click("Write into the job who manages it");
        assertThat(finds("unit-administrator")).isFalse();
        click("Begin anew");
        assertThat(reads("Nobody manages it yet")).isTrue();
    }

    @Test
    void anAlarmReachesThePhonesOfThoseWhoAreToldByText() {
        click("Alarm of ");
        assertThat(reads("Ferrous Row Gallery: ")).isTrue();
        click("Phone of Gallery assistant");
        assertThat(reads("Ferrous Row Gallery: ")).isTrue();
        click("Phone of Somebody else");
        assertThat(reads("Nothing has arrived on this phone")).isTrue();
        assertThat(edit("Number of this phone", "12")).isFalse();
        assertThat(edit("Number of this phone", "+99900000888")).isTrue();
    }

    @Test
    void usersWhoseNumbersAreOffByOneAreShownWithWhomTheyAreReportedAs() {
        assertThat(reads("panel 01, communicator 02: reported as Gallery assistant"))
                .isTrue();
        assertThat(reads("panel 02, communicator 03: reported as user 03, whom nobody knows"))
                .isTrue();
    }
}
