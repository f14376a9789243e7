package io.answerback.files.learning;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/// What a panel does in some minutes, worked out from the lines that are given and nothing else.
class PanelByPencilTest {
    /// One area by the second.
    private static final class PencilPanel {
        private final Exercise exercise;
        private final Map<Integer, String[]> zones = new HashMap<>();
        private final Map<Integer, String> reads = new HashMap<>();
        private final Map<Integer, Integer> counts = new HashMap<>();
        private final Map<Integer, Integer> waiting = new TreeMap<>();
        private final Map<Integer, Integer> calls = new HashMap<>();
        private final Set<Integer> unrestored = new HashSet<>();
        private final Set<Integer> tampered = new HashSet<>();
        private final Set<Integer> alarmed = new HashSet<>();
        private final Set<Integer> leftOut = new HashSet<>();
        private final List<String> sent = new ArrayList<>();
        private String mode;
        private boolean confirmed;
        private boolean exitFault;
        private boolean shutOnce;
        private boolean restarted;
        private boolean resetDue;
        private int entryZone;
        private int first;
        private int now;
        private int exitEnds = NEVER;
        private int lastDoor = NEVER;
        private int entryEnds = NEVER;
        private int sounderEnds = NEVER;
        private int confirmable = NEVER;
        private int cancellable = NEVER;
        private int recent = NEVER;
        private static final int NEVER = -1;

        PencilPanel(Exercise exercise) {
            this.exercise = exercise;
            for (String line : exercise.given()) {
                Matcher zone = Pattern.compile("Zone (\\d+) is of type \"(.*)\" and sends (\\w+)(.*)")
                        .matcher(line);
                if (zone.matches()) {
                    assertThat(zone.group(4))
                            .as("double knock is not solved here")
                            .isEmpty();
                    zones.put(Integer.parseInt(zone.group(1)), new String[] {zone.group(2), zone.group(3)});
                }
            }
            mode = line("Area \\d+ is (set|unset), .*").group(1);
        }

        private MatchResult line(String pattern) {
            return exercise.given().stream()
                    .map(Pattern.compile(pattern)::matcher)
                    .filter(Matcher::matches)
                    .map(Matcher::toMatchResult)
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(pattern + " in " + exercise.given()));
        }

        private boolean says(String words) {
            return exercise.given().stream().anyMatch(line -> line.contains(words));
        }

        private int figure(String pattern) {
            return Integer.parseInt(line(pattern).group(1));
        }

        private int figureOr(String words, String pattern) {
            return says(words) ? figure(pattern) : 0;
        }

        PencilPanel played() {
            for (String line : exercise.given()) {
                Matcher at = Pattern.compile("(?:after|Nothing else happens until) (\\d+):(\\d+):(\\d+)(?:: (.*))?")
                        .matcher(line);
                if (at.matches()) {
                    int until = (Integer.parseInt(at.group(1)) * 60 + Integer.parseInt(at.group(2))) * 60
                            + Integer.parseInt(at.group(3));
                    while (now < until) {
                        now++;
                        tick();
                    }
                    if (at.group(4) != null) {
                        happens(at.group(4));
                    }
                }
            }
            return this;
        }

        private void tick() {
            if (now == lastDoor || now == exitEnds) {
                sets();
            }
            if (now == entryEnds) {
                entryEnds = NEVER;
                if (exitFault) {
                    sent.add("1 374");
                }
                int extension = figureOr("After the entry time it waits", "After the entry time it waits (\\d+) s");
                alarms(entryZone, Math.max(delay(), extension));
            }
            waiting.entrySet().stream()
                    .filter(entry -> entry.getValue() == now)
                    .map(Map.Entry::getKey)
                    .toList()
                    .forEach(this::report);
            if (now == sounderEnds) {
                silent();
            }
        }

        private int delay() {
            return figureOr("A burglary waits", "A burglary waits (\\d+) s .*");
        }

        private void silent() {
            sounderEnds = NEVER;
            new ArrayList<>(unrestored).stream().sorted().forEach(this::restored);
        }

        private void happens(String what) {
            List<Double> figures = Pencil.figures(what);
            if (what.startsWith("zone")) {
                reads(figures.getFirst().intValue(), what.replaceAll(".* ", ""));
            } else if (what.contains("unsets")) {
                unsets("401");
            } else {
                setting();
            }
        }

        private String type(int zone) {
            return zones.get(zone)[0];
        }

        private boolean wayOut(int zone) {
            return type(zone).startsWith("entry");
        }

        private boolean watched() {
            return List.of("set", "entry time", "in alarm").contains(mode);
        }

        private void setting() {
            boolean hindered = reads.entrySet().stream()
                    .filter(zone -> !type(zone.getKey()).contains("key")
                            && !type(zone.getKey()).equals("log only"))
                    .anyMatch(zone -> !zone.getValue().equals("normal")
                            && !(zone.getValue().equals("alarm") && wayOut(zone.getKey())));
            if (!mode.startsWith("unset") || resetDue || hindered) {
                return;
            }
            mode = "exit time";
            shutOnce = false;
            restarted = false;
            confirmed = false;
            exitFault = false;
            first = 0;
            alarmed.clear();
            leftOut.clear();
            counts.clear();
            exitEnds = now + figure("Entry time \\d+ s, exit time (\\d+) s");
        }

        private void sets() {
            exitEnds = NEVER;
            lastDoor = NEVER;
            mode = "set";
            if (says("Setting and unsetting are reported")) {
                sent.add("3 " + setBy);
            }
            recent = now + figureOr("followed at once by 459", "A burglary within (\\d+) s of setting .*");
            reads.entrySet().stream()
                    .filter(zone -> wayOut(zone.getKey()) && zone.getValue().equals("alarm"))
                    .map(Map.Entry::getKey)
                    .sorted()
                    .findFirst()
                    .ifPresent(zone -> {
                        exitFault = true;
                        enters(zone);
                        sound();
                    });
        }

        private String setBy = "401";

        private void unsets(String event) {
            if (mode.startsWith("unset")) {
                return;
            }
            boolean wasSet = !mode.equals("exit time");
            boolean dropped = alarmed.stream().filter(waiting::containsKey).count() > 0;
            alarmed.forEach(waiting::remove);
            exitEnds = NEVER;
            lastDoor = NEVER;
            entryEnds = NEVER;
            confirmable = NEVER;
            recent = NEVER;
            exitFault = false;
            mode = alarmed.isEmpty() ? "unset" : "unset after an alarm";
            counts.clear();
            silent();
            if (wasSet && says("Setting and unsetting are reported")) {
                sent.add("1 " + event);
            }
            if (wasSet) {
                leftOut.stream().sorted().forEach(zone -> sent.add("3 570"));
            }
            if (cancellable >= now && !dropped) {
                sent.add("1 406");
            }
            cancellable = NEVER;
        }

        private void reads(int zone, String is) {
            String was = reads.getOrDefault(zone, "normal");
            reads.put(zone, is);
            if (was.equals(is)) {
                return;
            }
            switch (is) {
                case "normal" -> closes(zone);
                case "tamper" -> {
                    if (watched()) {
                        sound();
                    }
                    if (tampered.add(zone)) {
                        sent.add("1 137");
                    }
                }
                default -> opens(zone);
            }
        }

        private void closes(int zone) {
            if (type(zone).equals("held key switch")) {
                unsets("409");
            }
            if (tampered.remove(zone)) {
                sent.add("3 137");
            }
            restored(zone);
            int after = figureOr("stays closed", "The exit time ends (\\d+) s after .*");
            if (type(zone).equals("entry/exit") && mode.equals("exit time")) {
                shutOnce = true;
                if (after > 0 && exitEnds - now > after) {
                    lastDoor = now + after;
                }
            }
        }

        private void opens(int zone) {
            switch (type(zone)) {
                case "log only" -> {}
                case "key switch" -> {
                    if (mode.startsWith("unset")) {
                        setBy = "409";
                        setting();
                    } else {
                        unsets("409");
                    }
                }
                case "held key switch" -> {
                    setBy = "409";
                    setting();
                }
                case "entry/exit", "entry route", "immediate" -> breaksIn(zone);
                default -> always(zone);
            }
        }

        private void always(int zone) {
            if (!type(zone).equals("technical") && !type(zone).equals("silent hold-up")) {
                sound();
            }
            report(zone);
            if (type(zone).contains("hold-up") && says("129 for a call")) {
                boolean second = calls.entrySet().removeIf(call -> call.getKey() != zone && call.getValue() >= now);
                if (second) {
                    sent.add("1 129");
                    resetDue |= says("A confirmed alarm is reset by");
                } else {
                    calls.put(zone, now + 60 * figure("A second zone confirms within (\\d+) min.*"));
                }
            }
        }

        private void breaksIn(int zone) {
            if (type(zone).equals("entry/exit")) {
                lastDoor = NEVER;
                if (mode.equals("exit time") && shutOnce && !restarted && says("The exit time begins again")) {
                    restarted = true;
                    exitEnds = now + figure("Entry time \\d+ s, exit time (\\d+) s");
                }
            }
            if (leftOut.contains(zone) || mode.startsWith("unset")) {
                return;
            }
            if (mode.equals("set") && type(zone).equals("entry/exit")) {
                enters(zone);
            } else if (mode.equals("set") || mode.equals("in alarm") || !wayOut(zone)) {
                alarms(zone, delay());
            }
        }

        private void enters(int zone) {
            mode = "entry time";
            entryZone = zone;
            entryEnds = now + figure("Entry time (\\d+) s.*");
        }

        private void sound() {
            sounderEnds = now + 60 * figureOr("the sounders are silent", "A restore is sent .* silent, (\\d+) min .*");
        }

        private void alarms(int zone, int wait) {
            if (counts.merge(zone, 1, Integer::sum) > figure("After (\\d+) alarms of a zone .*")) {
                leftOut.add(zone);
                sent.add("1 570");
                return;
            }
            entryEnds = NEVER;
            alarmed.add(zone);
            mode = watched() ? "in alarm" : mode;
            sound();
            if (wait > 0) {
                waiting.put(zone, now + wait);
            } else {
                report(zone);
            }
            if (recent >= now) {
                sent.add("1 459");
                recent = NEVER;
            }
            if (says("A second zone confirms")) {
                confirms(zone);
            }
        }

        private void confirms(int zone) {
            if (confirmable < now) {
                confirmable = now + 60 * figure("A second zone confirms within (\\d+) min.*");
                first = zone;
            } else if (!confirmed && first != zone) {
                confirmed = true;
                sent.add("1 139");
                resetDue |= says("A confirmed alarm is reset by");
            }
        }

        private void report(int zone) {
            waiting.remove(zone);
            if (unrestored.add(zone)) {
                sent.add("1 " + zones.get(zone)[1]);
            }
            if (List.of("entry/exit", "entry route", "immediate").contains(type(zone))) {
                cancellable = now + figure("Unsetting within (\\d+) s .*");
            }
            restored(zone);
        }

        private void restored(int zone) {
            boolean sounds = says("the sounders are silent") && sounderEnds > now;
            if (!sounds && reads.getOrDefault(zone, "normal").equals("normal") && unrestored.remove(zone)) {
                sent.add("3 " + zones.get(zone)[1]);
            }
        }
    }

    @Test
    void howAnAreaStandsFollowsFromWhatIsGiven() {
        for (int grade : List.of(1, 2, 4)) {
            Pencil.all(ExerciseKind.SETTING, grade, exercise -> new PencilPanel(exercise).played().mode);
        }
    }

    @Test
    void whatIsSentFollowsFromWhatIsGiven() {
        for (int grade : List.of(3, 5)) {
            Pencil.all(ExerciseKind.SETTING, grade, exercise -> {
                List<String> sent = new PencilPanel(exercise).played().sent;
                return sent.isEmpty() ? "nothing" : String.join(", ", sent);
            });
        }
    }
}
