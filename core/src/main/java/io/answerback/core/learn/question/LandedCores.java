package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.wiring.cores.PlannedCore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/// All cores of a cable, each under its terminal; every slip is told with what it would cause.
///
/// @param cores the cores to land
/// @param where where each goes
/// @param right all of them as one answer
record LandedCores(List<PlannedCore> cores, Function<PlannedCore, String> where, String right) implements Solution {
    @Override
    public Judgement judge(String answer) {
        Map<String, String> landed = landed(answer);
        List<String> slips = new ArrayList<>();
        for (PlannedCore core : cores) {
            String said = landed.remove(plain(core.colour()));
            if (said == null || !said.equals(plain(where.apply(core)))) {
                slips.add(Text.of(
                        "%s belongs in %s, and %s. %s",
                        core.colour(),
                        where.apply(core),
                        said == null ? "was left loose" : "was landed in \"" + said + "\"",
                        CoreSlips.of(core.use())));
            }
        }
        landed.keySet().forEach(colour -> slips.add("\"" + colour + "\" is not a core that is landed here."));
        return new Judgement(
                slips.isEmpty(), right, slips.isEmpty() ? "Every core is in its place." : String.join(" ", slips));
    }

    private static Map<String, String> landed(String answer) {
        Map<String, String> landed = new LinkedHashMap<>();
        for (String part : answer.split(";")) {
            String[] both = part.split("=", 2);
            if (!part.isBlank()) {
                landed.put(plain(both[0]), both.length > 1 ? plain(both[1]) : "");
            }
        }
        return landed;
    }

    private static String plain(String words) {
        return words.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }
}
