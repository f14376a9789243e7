package io.answerback.core.learn.exercise;

/// What is right, and why.
public interface Solution {
    /// A figure is typed in whole ohms: half of one is no slip.
    double LEAST_OHMS = 0.5;

    /// Judges an answer that has no space around it.
    Judgement judge(String answer);

    /// One answer word by word; letters may be large or small.
    ///
    /// @param why what is behind it
    /// @param slip what a wrong answer would cause on site
    static Solution exactly(String right, String why, String slip) {
        return answer -> {
            boolean same = plain(answer).equals(plain(right));
            return new Judgement(same, right, same ? why : why + " " + slip);
        };
    }

    private static String plain(String words) {
        return words.toLowerCase(java.util.Locale.ROOT).replaceAll("\\s+", " ").replaceAll(" ?, ?", ",");
    }

    /// A resistance within a share of what is right; a loop without current is "open".
    ///
    /// @param ohms what is right, in ohms; infinite for open
    /// @param share how far off it may be, as a share
    static Solution ohms(double ohms, double share, String right, String why, String slip) {
        return answer -> {
            boolean same = OhmsTyped.of(answer)
                    .filter(typed -> Double.isInfinite(ohms)
                            ? Double.isInfinite(typed)
                            : Math.abs(typed - ohms) <= Math.max(share * ohms, LEAST_OHMS))
                    .isPresent();
            return new Judgement(same, right, same ? why : why + " " + slip);
        };
    }
}
