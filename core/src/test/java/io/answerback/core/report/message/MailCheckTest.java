package io.answerback.core.report.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MailCheckTest {
    /// RFC 8314: 465 is TLS from the first byte; RFC 6409 and RFC 3207: 587 and 25 begin in plain text.
    @ParameterizedTest
    @CsvSource({
        "465, TLS, false",
        "465, STARTTLS, true",
        "465, NONE, true",
        "587, STARTTLS, false",
        "587, TLS, true",
        "25, STARTTLS, false",
        "25, TLS, true",
        "25, NONE, false",
        "2525, TLS, false",
        "2525, STARTTLS, false"
    })
    void aPortAndAProtectionThatDoNotFitAreSaidBeforeConnecting(int port, MailSecurity security, boolean stops) {
        MailPlan plan = new MailPlan("mail.example", port, security, "", "alarm@mail.example", "");
        assertThat(MailCheck.of(plan).stream().anyMatch(MailProblem::stops)).isEqualTo(stops);
    }

    @Test
    void aPasswordInPlainTextIsSaidAndDoesNotStop() {
        MailPlan plan = new MailPlan("mail.example", 25, MailSecurity.NONE, "alarm", "alarm@mail.example", "");
        assertThat(MailCheck.of(plan)).singleElement().satisfies(problem -> {
            assertThat(problem.stops()).isFalse();
            assertThat(problem.field()).isEqualTo(MailProblem.Field.ACCOUNT);
        });
    }

    @Test
    void whatIsMissingIsNamed() {
        assertThat(MailCheck.of(MailPlan.UNKNOWN))
                .extracting(MailProblem::field)
                .containsExactly(MailProblem.Field.SERVER, MailProblem.Field.SENDER);
    }

    @ParameterizedTest
    @CsvSource({"http://mail.example", "mail example", "'mail;example'"})
    void aServerThatIsNoneIsRefused(String server) {
        assertThatThrownBy(() -> MailPlan.UNKNOWN.withServer(server))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("mail server");
    }

    @Test
    void aTrustedCertificateIsThatOfOneServer() {
        MailPlan plan = new MailPlan("mail.example", 465, MailSecurity.TLS, "", "alarm@mail.example", "ab".repeat(32));
        assertThat(plan.withServer("other.example").trusted()).isEmpty();
        assertThat(plan.withServer("mail.example").trusted()).isEqualTo("ab".repeat(32));
    }
}
