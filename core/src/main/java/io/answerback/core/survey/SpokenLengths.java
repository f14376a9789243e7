package io.answerback.core.survey;

import io.answerback.core.model.common.Text;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Lengths as people say them, brought to metres in digits: "thirty metres", "a hundred and twenty five metres",
/// "40 ft". A foot is 0.3048 m exactly (international foot, 1959); lengths in feet come out to a tenth of a metre.
final class SpokenLengths {
    private static final double METRES_A_FOOT = 0.3048;

    private static final Map<String, Integer> NUMBERS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("seventy", 70),
            Map.entry("eighty", 80),
            Map.entry("ninety", 90));

    private static final String WORD = Text.of("(?:%s|a hundred|hundred|and)", String.join("|", NUMBERS.keySet()));
    private static final Pattern IN_WORDS =
            Pattern.compile(Text.of("(?i)\\b(%1$s(?:[ -]%1$s)*) (metres?|meters?|m|feet|foot|ft)\\b", WORD));
    private static final Pattern IN_FEET = Pattern.compile("(?i)\\b(\\d{1,5}(?:[.,]\\d+)?)\\s?(?:feet|foot|ft)\\b\\.?");

    private SpokenLengths() {}

    /// The same line with every length in metres and in digits; all else unchanged.
    static String inMetres(String line) {
        Matcher words = IN_WORDS.matcher(line);
        String digits = words.replaceAll(SpokenLengths::digits);
        return IN_FEET.matcher(digits)
                .replaceAll(feet -> metres(Double.parseDouble(feet.group(1).replace(',', '.'))));
    }

    private static String digits(MatchResult spoken) {
        return number(spoken.group(1)) + " " + spoken.group(2);
    }

    /// The words of a number below a thousand, such as "two hundred and twenty five".
    private static int number(String words) {
        int sum = 0;
        for (String word :
                words.toLowerCase(Locale.ROOT).replace("a hundred", "hundred").split("[ -]")) {
            if (word.equals("hundred")) {
                sum = Math.max(1, sum) * 100;
            } else {
                sum += NUMBERS.getOrDefault(word, 0);
            }
        }
        return sum;
    }

    private static String metres(double feet) {
        return Text.of("%.1f m", feet * METRES_A_FOOT);
    }
}
