package io.answerback.core.setup;

import io.answerback.core.engine.wording.DecisionWords;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import java.util.stream.Collectors;

/// Decisions and their values in plain words.
public final class SetupWords {
    private SetupWords() {}

    /// A value as a person says it, such as "10 min", "immediate" or "areas 1 and 2".
    public static String value(Decision decision, SettingValue value) {
        return switch (value) {
            case SettingValue.Amount amount ->
                amount.value() == 1 && decision.unit().equals("times")
                        ? "once"
                        : (plain(amount.value()) + " " + decision.unit()).strip();
            case SettingValue.Switch yesOrNo -> yesOrNo.on() ? "yes" : "no";
            case SettingValue.Chosen chosen -> chosen(decision, chosen.name());
            case SettingValue.Numbers numbers -> numbers(numbers);
            case SettingValue.Named named -> named.words().isEmpty() ? "nothing" : named.words();
        };
    }

    static String value(Decision decision, String text) {
        try {
            return value(decision, decision.read(text));
        } catch (IllegalArgumentException meaningless) {
            return text;
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Text.of("%.1f", value);
    }

    /// A name of a choice in plain words.
    public static String chosen(Decision decision, String name) {
        return switch (decision) {
            case ZONE_BEHAVIOUR -> ZoneType.valueOf(name).words();
            case ALARM_RESET -> Decision.ResetBy.valueOf(name).words();
            case OUTPUT_USE -> Decision.OutputUse.valueOf(name).words();
            default -> Decision.PartSet.valueOf(name).words();
        };
    }

    private static String numbers(SettingValue.Numbers numbers) {
        return switch (numbers.numbers().size()) {
            case 0 -> "none";
            case 1 -> Text.of("%02d", numbers.numbers().first());
            default ->
                numbers.numbers().stream().map(value -> Text.of("%02d", value)).collect(Collectors.joining(", "));
        };
    }

    /// What is to be done about a code.
    static String changed(Decision decision, Terms terms) {
        return DecisionWords.title(decision, terms) + ": to be changed";
    }

    /// What can be typed at a setting, in plain words.
    public static String entries(Setting setting) {
        EntryForm form = setting.form();
        return switch (form.kind()) {
            case COUNT ->
                form.digits() > 0
                        ? Text.of("it takes %d digits, %d to %d", form.digits(), form.least(), form.most())
                        : Text.of("it takes %d to %d", form.least(), form.most());
            case OPTION ->
                form.options().stream()
                        .map(option -> Text.of("%s for %s", option.entry(), value(setting.decision(), option.means())))
                        .collect(Collectors.joining(", ", "it takes ", ""));
            case LIST -> Text.of("it takes numbers up to %d with \"%s\" between", form.most(), form.separator());
            case PLACES ->
                Text.of(
                        "it takes %d places, each %s or %s",
                        form.most(),
                        form.separator().charAt(0),
                        form.separator().charAt(1));
            case WORDS -> Text.of("it takes %d letters", form.most());
            case SECRET -> Text.of("it takes %d digits that are kept nowhere", form.digits());
        };
    }

    /// A decision with its value as one line, such as "Sounders sound: 10 min".
    public static String says(Decision decision, SettingValue value, Terms terms) {
        return Text.of("%s: %s", DecisionWords.title(decision, terms), value(decision, value));
    }
}
