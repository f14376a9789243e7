package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.EntryForm.Option;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// What a panel's entries mean, and how a meaning is typed on it.
public final class Entries {
    private static final double EXACT = 1e-9;

    private Entries() {}

    /// How a meaning is typed.
    ///
    /// @param entry what to type; empty where this panel cannot be made to mean it
    /// @param problem why not, and what comes nearest; empty where it can
    public record Typing(Optional<String> entry, String problem) {
        static Typing of(String entry) {
            return new Typing(Optional.of(entry), "");
        }

        static Typing cannot(String problem) {
            return new Typing(Optional.empty(), problem);
        }
    }

    /// What an entry means; empty for one the panel does not take there, and for a code, whose digits mean
    /// nothing.
    public static Optional<SettingValue> value(Setting setting, String entry) {
        EntryForm form = setting.form();
        return switch (form.kind()) {
            case COUNT -> count(form, entry).flatMap(count -> amount(setting, count));
            case OPTION ->
                form.options().stream()
                        .filter(option -> option.entry().equals(entry))
                        .findFirst()
                        .flatMap(option -> read(setting.decision(), option.means()));
            case LIST -> listed(form, entry).map(SettingValue.Numbers::new);
            case PLACES -> placed(form, entry).map(SettingValue.Numbers::new);
            case WORDS -> entry.length() <= form.most() ? Optional.of(new SettingValue.Named(entry)) : Optional.empty();
            case SECRET -> Optional.empty();
        };
    }

    private static Optional<Integer> count(EntryForm form, String entry) {
        boolean whole = entry.matches("\\d{1,9}") && (form.digits() == 0 || entry.length() == form.digits());
        boolean plain = form.digits() > 0 || entry.equals("0") || !entry.startsWith("0");
        return Optional.of(entry)
                .filter(its -> whole && plain)
                .map(Integer::valueOf)
                .filter(count -> count >= form.least() && count <= form.most());
    }

    private static Optional<SettingValue> amount(Setting setting, int count) {
        return Units.factor(setting.form().unit(), setting.decision().unit())
                .map(factor -> new SettingValue.Amount(count * setting.form().step() * factor));
    }

    private static Optional<SettingValue> read(Decision decision, String means) {
        try {
            return Optional.of(decision.read(means));
        } catch (IllegalArgumentException meaningless) {
            return Optional.empty();
        }
    }

    private static Optional<SortedSet<Integer>> listed(EntryForm form, String entry) {
        SortedSet<Integer> numbers = new TreeSet<>();
        if (entry.isEmpty()) {
            return Optional.of(numbers);
        }
        for (String part : entry.split(java.util.regex.Pattern.quote(form.separator()), -1)) {
            if (!part.matches("[1-9]\\d{0,3}") || Integer.parseInt(part) > form.most()) {
                return Optional.empty();
            }
            numbers.add(Integer.valueOf(part));
        }
        return Optional.of(numbers).filter(its -> list(form, its).equals(entry));
    }

    private static Optional<SortedSet<Integer>> placed(EntryForm form, String entry) {
        String signs = form.separator();
        if (entry.length() != form.most() || !entry.chars().allMatch(sign -> signs.indexOf(sign) >= 0)) {
            return Optional.empty();
        }
        return Optional.of(IntStream.rangeClosed(1, form.most())
                .filter(number -> entry.charAt(number - 1) == signs.charAt(0))
                .boxed()
                .collect(Collectors.toCollection(TreeSet::new)));
    }

    /// How a meaning is typed on this panel.
    public static Typing typing(Setting setting, SettingValue value) {
        EntryForm form = setting.form();
        return switch (value) {
            case SettingValue.Amount amount -> amount(setting, amount.value());
            case SettingValue.Switch yesOrNo -> option(setting, yesOrNo.text());
            case SettingValue.Chosen chosen -> option(setting, chosen.text());
            case SettingValue.Numbers numbers -> numbers(form, numbers.numbers());
            case SettingValue.Named named -> words(setting, named.words());
        };
    }

    private static Typing option(Setting setting, String means) {
        return setting.form().options().stream()
                .filter(option -> option.means().equals(means))
                .findFirst()
                .map(Option::entry)
                .map(Typing::of)
                .orElseGet(() -> Typing.cannot(
                        Text.of("this panel has nothing that means %s", SetupWords.value(setting.decision(), means))));
    }

    private static Typing amount(Setting setting, double amount) {
        EntryForm form = setting.form();
        Optional<Double> factor = Units.factor(setting.decision().unit(), form.unit());
        if (factor.isEmpty() || form.step() <= 0) {
            return Typing.cannot("its unit is not one this panel could count in");
        }
        double count = amount * factor.get() / form.step();
        long nearest = Math.round(count);
        if (nearest < form.least() || nearest > form.most()) {
            return Typing.cannot(
                    Text.of("the panel takes %s to %s", words(setting, form.least()), words(setting, form.most())));
        }
        if (Math.abs(count - nearest) > EXACT) {
            int below = (int) Math.floor(count);
            String low = words(setting, Math.max(form.least(), below));
            String high = words(setting, Math.min(form.most(), below + 1));
            return Typing.cannot(
                    low.equals(high)
                            ? Text.of("the nearest the panel takes is %s", low)
                            : Text.of("the panel counts in steps: %s or %s", low, high));
        }
        return Typing.of(counted(form, (int) nearest));
    }

    /// The smallest amount the panel can be set to that is no less than one; empty where it goes no further.
    public static Optional<Double> atLeast(Setting setting, double amount) {
        EntryForm form = setting.form();
        return Units.factor(setting.decision().unit(), form.unit())
                .filter(factor -> form.step() > 0)
                .map(factor -> Math.max(form.least(), (int) Math.ceil(amount * factor / form.step() - EXACT)))
                .filter(count -> count <= form.most())
                .flatMap(count -> amount(setting, count))
                .map(value -> ((SettingValue.Amount) value).value());
    }

    /// The greatest amount the panel can be set to that is no more than one; empty where it goes no lower.
    public static Optional<Double> atMost(Setting setting, double amount) {
        EntryForm form = setting.form();
        return Units.factor(setting.decision().unit(), form.unit())
                .filter(factor -> form.step() > 0)
                .map(factor -> Math.min(form.most(), (int) Math.floor(amount * factor / form.step() + EXACT)))
                .filter(count -> count >= form.least())
                .flatMap(count -> amount(setting, count))
                .map(value -> ((SettingValue.Amount) value).value());
    }

    private static String counted(EntryForm form, int count) {
        return form.digits() == 0 ? String.valueOf(count) : Text.of("%0" + form.digits() + "d", count);
    }

    private static String words(Setting setting, int count) {
        return amount(setting, count)
                .map(value -> SetupWords.value(setting.decision(), value))
                .orElse(String.valueOf(count));
    }

    private static Typing numbers(EntryForm form, SortedSet<Integer> numbers) {
        boolean counted = form.kind() == EntryForm.Kind.LIST || form.kind() == EntryForm.Kind.PLACES;
        if (counted && numbers.stream().anyMatch(number -> number > form.most() || number < 1)) {
            return Typing.cannot(Text.of("the panel has numbers 1 to %d there", form.most()));
        }
        return switch (form.kind()) {
            case LIST -> Typing.of(list(form, numbers));
            case PLACES ->
                Typing.of(IntStream.rangeClosed(1, form.most())
                        .mapToObj(number -> form.separator()
                                .substring(numbers.contains(number) ? 0 : 1, numbers.contains(number) ? 1 : 2))
                        .collect(Collectors.joining()));
            case OPTION -> {
                String text = new SettingValue.Numbers(numbers).text();
                yield form.options().stream()
                        .filter(option -> option.means().equals(text))
                        .findFirst()
                        .map(option -> Typing.of(option.entry()))
                        .orElseGet(() -> Typing.cannot(Text.of("the panel cannot be set to %s there", text)));
            }
            case COUNT, WORDS, SECRET -> Typing.cannot("the panel does not take numbers there");
        };
    }

    private static String list(EntryForm form, SortedSet<Integer> numbers) {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining(form.separator()));
    }

    /// A name is cut to what the panel takes: a shorter name is better than none. A number or an address that is cut
    /// leads elsewhere.
    private static Typing words(Setting setting, String words) {
        EntryForm form = setting.form();
        if (words.length() > form.most() && !setting.decision().mayBeCut()) {
            return Typing.cannot(Text.of("it takes %d letters, and these are %d", form.most(), words.length()));
        }
        return Typing.of(
                words.length() <= form.most()
                        ? words
                        : words.substring(0, form.most()).strip());
    }
}
