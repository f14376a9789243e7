package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.setup.Intent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What a panel must be set to so that a communicator can answer its dialler: there is no line, and the panel
/// must dial all the same.
public final class CaptureChecks implements JobCheck {
    /// The dialler has no number to call.
    public static final Rule NUMBER = wrong(
            "capture-number",
            "A captured dialler has no number of more than two digits.",
            "Without a number the panel does not dial, and the communicator hears nothing.");
    /// The system or an area has no account.
    public static final Rule ACCOUNT = wrong(
            "capture-account",
            "An area of a captured dialler has no account.",
            "What happens there is not sent, or under no account.");
    /// The communicator cannot read the format.
    public static final Rule FORMAT = wrong(
            "capture-format",
            "The communicator cannot read the format of the dialler.",
            "It takes the call and acknowledges nothing.");
    /// Setting and unsetting are not reported.
    public static final Rule SETTING = wrong(
            "capture-setting-reports",
            "A captured dialler does not report setting and unsetting.",
            "The communicator never learns whether the site is set.");
    /// The panel waits before it dials.
    public static final Rule DELAY = wrong(
            "capture-delay",
            "A captured dialler waits before it dials.",
            "Every burglary is sent that much later, for nothing.");
    /// The panel watches a line that is not there.
    public static final Rule LINE = wrong(
            "capture-line-check",
            "A panel watches the telephone line, and a communicator stands in its place.",
            "It shows a line trouble that never ends.");

    private static final int FEWEST_DIGITS = 3;

    private static Rule wrong(String id, String what, String why) {
        return new Rule(id, Stop.REPORT, Grade.WRONG, what, why);
    }

    @Override
    public List<Rule> rules() {
        return List.of(NUMBER, ACCOUNT, FORMAT, SETTING, DELAY, LINE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.communicator().unit().stream()
                .filter(unit -> unit.fitting().way().equals(Optional.of(Attachment.DIAL_CAPTURE)))
                .flatMap(unit -> of(facts, unit).stream());
    }

    private static List<Finding> of(Facts facts, Unit unit) {
        Intent intent = new Intent(facts);
        List<Finding> found = new ArrayList<>();
        String number =
                intent.of(Decision.PHONE_NUMBER, 0).map(SettingValue::text).orElse("");
        if (number.chars().filter(Character::isDigit).count() < FEWEST_DIGITS) {
            found.add(finding(
                    NUMBER,
                    number.isEmpty() ? "The dialler has no number to call" : "The dialler calls " + number,
                    "No line is there, and the panel still dials only when it has a number of more than two digits.",
                    "Give the panel any number of more than two digits, as the communicator's manual says."));
        }
        facts.areas().stream()
                .filter(area -> area.account().isEmpty())
                .map(CaptureChecks::account)
                .forEach(found::add);
        facts.receivers().stream()
                .filter(receiver -> !receiver.format().overIp() && !reads(unit, receiver.format()))
                .map(receiver -> format(unit, receiver))
                .forEach(found::add);
        if (intent.of(Decision.REPORT_SETTING, 0).equals(Optional.of(new SettingValue.Switch(false)))) {
            found.add(finding(
                    SETTING,
                    "Setting and unsetting are not reported",
                    "The communicator reads from these reports whether the site is set.",
                    "Switch the reports of setting and unsetting on in the panel."));
        }
        delay(intent).ifPresent(found::add);
        if (intent.of(Decision.LINE_CHECK, 0).equals(Optional.of(new SettingValue.Switch(true)))) {
            found.add(finding(
                    LINE,
                    "The panel watches a line that is not there",
                    "It shows a line trouble that never ends, and may sound for it.",
                    "Switch the check of the telephone line off in the panel."));
        }
        return found;
    }

    private static boolean reads(Unit unit, ReportFormat format) {
        return unit.profile().captureFormats().contains(format);
    }

    private static Finding account(Area area) {
        return finding(
                        ACCOUNT,
                        Text.of("Area %02d %s has no account", area.number(), area.name()),
                        "The dialler sends nothing for an area without one.",
                        "Give the area the account that the station gave it.")
                .of(area.number());
    }

    private static Finding format(Unit unit, Receiver receiver) {
        return finding(
                        FORMAT,
                        Text.of(
                                "%s cannot read %s",
                                unit.profile().name(), receiver.format().words()),
                        Text.of(
                                "It reads %s. It takes the call for %s and acknowledges nothing.",
                                Text.listed(unit.profile().captureFormats().stream()
                                        .map(ReportFormat::words)
                                        .toList()),
                                receiver.name()),
                        "Choose a format that it reads under \"Receivers\".")
                .of(receiver.id().text());
    }

    private static Optional<Finding> delay(Intent intent) {
        return intent.of(Decision.REPORT_DELAY, 0)
                .filter(SettingValue.Amount.class::isInstance)
                .map(value -> ((SettingValue.Amount) value).value())
                .filter(seconds -> seconds > 0)
                .map(seconds -> finding(
                        DELAY,
                        Text.of("The dialler waits %.0f s before it dials", seconds),
                        "The wait is meant for people who share a telephone line. Here it only costs time.",
                        "Set the wait to none, unless the jurisdiction demands a time to take an alarm back."));
    }

    private static Finding finding(Rule rule, String says, String why, String remedy) {
        return rule.finds(new Target.OfCommunicator(), says, why, remedy).of("");
    }
}
