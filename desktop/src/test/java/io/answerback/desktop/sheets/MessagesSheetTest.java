package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.report.ReportSheet;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A test mail by a server that stands in for the provider's, and what cannot work said before anybody connects.
class MessagesSheetTest extends DemoSheets {
    private static final String SECRET = "a password of nothing";

    @BeforeEach
    void messages() {
        at(Stop.REPORT, "07");
        report().open(ReportSheet.MESSAGES);
    }

    @ParameterizedTest
    @ValueSource(strings = {"STARTTLS", "TLS"})
    void aTestMailArrivesOnceTheCertificateOfTheStandInIsTrusted(String protection) {
        click("Start it, " + protection);
        click("Send a test mail");
        assertThat(reads("the server signed it itself")).isTrue();
        assertThat(reads("No mail has arrived yet")).isTrue();
        click("Trust this one");
        click("Send a test mail");
        assertThat(reads("The server took the mail to manager@brinewell.example"))
                .isTrue();
        assertThat(reads("Brinewell Cold Store: test")).isTrue();
        click("Send that of setting");
        assertThat(reads("Brinewell Cold Store: set by user")).isTrue();
        click("Send that of Dock roller door 2");
        assertThat(reads("Brinewell Cold Store: burglary")).isTrue();
        click("Stop it");
        click("Send a test mail");
        assertThat(reads("The stand-in does not run")).isTrue();
    }

    @Test
    void aPortAndAProtectionThatDoNotFitAreSaidAtTheirField() {
        assertThat(finds("mail-cannot-be-sent:SECURITY")).isFalse();
        edit("Port of mail", "465");
        assertThat(reads("Port 465 is protected from the first byte")).isTrue();
        assertThat(finds("mail-cannot-be-sent:SECURITY")).isTrue();
        click("By the real server");
        click("Send a test mail");
        assertThat(reads("Choose TLS for port 465, or port 587 for STARTTLS.")).isTrue();
        choose("Protection", "TLS");
        assertThat(finds("mail-cannot-be-sent:SECURITY")).isFalse();
        assertThat(edit("Port of mail", "no port")).isFalse();
        assertThat(edit("Port of mail", "70000")).isFalse();
        assertThat(edit("Server of mail", "http://mail.example")).isFalse();
        edit("Account of mail", "none");
        choose("Protection", "not protected");
        edit("Port of mail", "25");
        assertThat(finds("mail-unprotected:SECURITY")).isFalse();
    }

    @Test
    void aPasswordIsKeptUnderThePassPhraseAndForgottenOnDemand() throws IOException {
        Files.deleteIfExists(folder.resolve("station-keys.json"));
        edit("Server of mail", "mail.provider.example");
        edit("Account of mail", "alarm@site.example");
        click("By the real server");
        edit("Password of the mail account", SECRET);
        click("Save password");
        assertThat(reads("Choose a pass phrase")).isTrue();
        edit("New pass phrase", "kettle orbit maple");
        edit("The same pass phrase again", "kettle orbit maple");
        click("Begin");
        click("Save password");
        assertThat(reads("Password saved")).isTrue();
        assertThat(job().toString() + seen()).doesNotContain(SECRET);
        assertThat(Files.readString(folder.resolve("station-keys.json"))).doesNotContain(SECRET, "provider");
        edit("Account of mail", "other@site.example");
        assertThat(reads("Password saved")).isFalse();
        undo();
        click("Delete password");
        assertThat(reads("Password saved")).isFalse();
    }
}
