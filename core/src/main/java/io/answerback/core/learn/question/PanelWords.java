package io.answerback.core.learn.question;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.PanelManners.Restores;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.ArrayList;
import java.util.List;

/// How a panel is set up and what its manual says, as it is given with an exercise.
///
/// @param rules what the panel goes by
record PanelWords(OperationRules rules) {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;

    /// A zone, with what it sends.
    String zone(ZoneRule zone) {
        String words = Text.of(
                "Zone %03d is of type \"%s\"", zone.number(), zone.type().words());
        String sends = zone.event().isEmpty() ? " and sends nothing" : " and sends " + zone.event();
        String knock = zone.doubleKnock()
                ? Text.of(
                        "; only a second opening within %d s counts",
                        rules.manners().knockSeconds())
                : "";
        return words + sends + knock;
    }

    /// Everything that an area goes by.
    List<String> lines(int number) {
        AreaRule area = rules.areas().get(number);
        List<String> lines = new ArrayList<>();
        lines.add(Text.of("Entry time %d s, exit time %d s", area.entryMillis() / SECOND, area.exitMillis() / SECOND));
        lines.addAll(leaving());
        lines.addAll(reports());
        if (rules.times().confirmationMillis() > 0) {
            lines.addAll(confirmation());
        }
        lines.add(restores());
        lines.add(Text.of(
                "After %d alarms of a zone while the area is set the zone is left out, with 570",
                rules.options().mostAlarms()));
        return lines;
    }

    private List<String> leaving() {
        List<String> lines = new ArrayList<>();
        lines.add("An area does not set while a zone is open, the way out excepted");
        if (rules.manners().lastDoorSeconds() > 0) {
            lines.add(Text.of(
                    "The exit time ends %d s after an entry/exit door closes and stays closed",
                    rules.manners().lastDoorSeconds()));
        }
        if (rules.options().exitRestarts()) {
            lines.add("The exit time begins again, once, when that door opens again");
        }
        lines.add("A way out that is open when the area sets is an exit fault: the entry time runs, and 374 goes"
                + " before its alarm");
        lines.add("An alarm in the exit time is sent; the area sets all the same");
        return lines;
    }

    private List<String> reports() {
        List<String> lines = new ArrayList<>();
        long delay = rules.times().reportDelayMillis() / SECOND;
        if (delay > 0) {
            lines.add(Text.of("A burglary waits %d s before it is sent, and is not sent if the area is unset", delay));
        }
        if (rules.times().confirmationMillis() > 0 && rules.manners().entryExtensionSeconds() > delay) {
            lines.add(Text.of(
                    "After the entry time it waits %d s", rules.manners().entryExtensionSeconds()));
        }
        lines.add(rules.options().reportsSetting() ? "Setting and unsetting are reported" : "Setting is not reported");
        if (rules.manners().cancelSeconds() > 0) {
            lines.add(Text.of(
                    "Unsetting within %d s of a burglary that was sent is followed by 406",
                    rules.manners().cancelSeconds()));
        }
        if (rules.manners().recentSeconds() > 0) {
            lines.add(Text.of(
                    "A burglary within %d s of setting is followed at once by 459",
                    rules.manners().recentSeconds()));
        }
        return lines;
    }

    private List<String> confirmation() {
        List<String> lines = new ArrayList<>();
        lines.add(Text.of(
                "A second zone confirms within %d min, with 139 at once, and 129 for a call for help",
                rules.times().confirmationMillis() / MINUTE));
        if (rules.options().resetBy() != ResetBy.USER) {
            lines.add("A confirmed alarm is reset by "
                    + rules.options().resetBy().words() + " before the area sets again");
        }
        return lines;
    }

    private String restores() {
        return rules.manners().restores() == Restores.POINT_CLOSES
                ? "A restore is sent when the zone is closed again"
                : Text.of(
                        "A restore is sent when the zone is closed again and the sounders are silent, %d min after"
                                + " the last alarm or on unsetting",
                        rules.times().sounderMillis() / MINUTE);
    }
}
